<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SchoolClassFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * A class of students, with the code by which they find it.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $name
 * @property string $code
 * @property string|null $family_token in the address for families; null while there is none
 */
final class SchoolClass extends Model
{
    /** @use HasFactory<SchoolClassFactory> */
    use HasFactory;

    protected $table = 'school_classes';

    protected $fillable = ['teacher_id', 'name', 'code', 'family_token'];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** @return BelongsToMany<Student, $this> */
    public function students(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'enrolments')->orderBy('students.name');
    }

    /** @return BelongsToMany<Handout, $this, HandedClass, 'pivot'> */
    public function handouts(): BelongsToMany
    {
        return $this->belongsToMany(Handout::class, 'handout_classes')
            ->using(HandedClass::class)
            ->withPivot(HandedClass::COLUMNS);
    }
}
