<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * @property int $id
 * @property int $team_set_id
 * @property string $name
 * @property int $position
 * @property Collection<int, Student> $students
 */
final class Team extends Model
{
    public $timestamps = false;

    protected $table = 'teams';

    protected $fillable = ['team_set_id', 'name', 'position'];

    /** @return BelongsToMany<Student, $this> */
    public function students(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'team_students')->orderBy('students.name');
    }
}
