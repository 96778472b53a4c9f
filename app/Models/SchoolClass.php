<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SchoolClassFactory;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A class of students, with the code by which they find it.
 *
 * @property int $id
 * @property string $name
 * @property string $code
 * @property string|null $family_token in the address for families; null while there is none
 * @property Door $door how its students come in
 * @property int $pin_length of new PINs
 * @property Carbon|null $put_away_at
 * @property Collection<int, Teacher> $teachers
 * @property Collection<int, TeamSet> $teamSets
 */
final class SchoolClass extends Model
{
    /** @use HasFactory<SchoolClassFactory> */
    use HasFactory;

    public const SHORTEST_PIN = 4;

    public const LONGEST_PIN = 8;

    protected $table = 'school_classes';

    protected $fillable = ['name', 'code', 'family_token', 'put_away_at', 'door', 'pin_length'];

    protected $attributes = ['door' => Door::Digits->value, 'pin_length' => self::SHORTEST_PIN];

    /** @return BelongsToMany<Teacher, $this> who keep it together, all alike */
    public function teachers(): BelongsToMany
    {
        return $this->belongsToMany(Teacher::class, 'class_teachers')->orderBy('teachers.name');
    }

    /** @return BelongsToMany<Student, $this> who are in it */
    public function students(): BelongsToMany
    {
        return $this->everyone()->wherePivotNull('left_at');
    }

    /** @return BelongsToMany<Student, $this> who were in it, and can come back */
    public function leavers(): BelongsToMany
    {
        return $this->everyone()->wherePivotNotNull('left_at');
    }

    /** @return BelongsToMany<Student, $this> */
    public function everyone(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'enrolments')
            ->withPivot('left_at')
            ->orderBy('students.name');
    }

    /** @return HasMany<TeamSet, $this> the latest first */
    public function teamSets(): HasMany
    {
        return $this->hasMany(TeamSet::class)->orderByDesc('id');
    }

    /** By chance, as long as its PINs are. */
    public function newPin(): string
    {
        return str_pad((string) random_int(0, 10 ** $this->pin_length - 1), $this->pin_length, '0', STR_PAD_LEFT);
    }

    /**
     * Those of this year.
     *
     * @param  Builder<SchoolClass>  $query
     */
    #[Scope]
    protected function current(Builder $query): void
    {
        $query->whereNull('put_away_at');
    }

    /** @return BelongsToMany<Handout, $this, HandedClass, 'pivot'> */
    public function handouts(): BelongsToMany
    {
        return $this->belongsToMany(Handout::class, 'handout_classes')
            ->using(HandedClass::class)
            ->withPivot(HandedClass::COLUMNS);
    }

    protected function casts(): array
    {
        return ['put_away_at' => 'datetime', 'door' => Door::class, 'pin_length' => 'integer'];
    }
}
