<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use OpenSlate\Handout\Due;

/**
 * What is given to classes.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $title
 * @property string $directions
 * @property Carbon|null $due_at
 * @property int|null $points
 * @property bool $reads_aloud
 * @property bool $trial
 * @property Carbon|null $answers_shown_at
 * @property Carbon $created_at
 */
final class Handout extends Model
{
    protected $table = 'handouts';

    protected $fillable = [
        'teacher_id',
        'title',
        'directions',
        'due_at',
        'points',
        'reads_aloud',
        'answers_shown_at',
        'trial',
    ];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** @return HasMany<HandoutItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(HandoutItem::class)->orderBy('position');
    }

    /** @return BelongsToMany<SchoolClass, $this> */
    public function classes(): BelongsToMany
    {
        return $this->belongsToMany(SchoolClass::class, 'handout_classes')
            ->withPivot('whole')
            ->orderBy('school_classes.name');
    }

    /** @return BelongsToMany<Student, $this> */
    public function recipients(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'recipients');
    }

    public function due(): Due
    {
        return new Due($this->due_at?->toDateTimeImmutable());
    }

    protected function casts(): array
    {
        return [
            'due_at' => 'datetime',
            'answers_shown_at' => 'datetime',
            'reads_aloud' => 'boolean',
            'trial' => 'boolean',
        ];
    }
}
