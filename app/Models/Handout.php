<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use OpenSlate\Copies\CopyState;
use OpenSlate\Handout\AnswersShown;
use OpenSlate\Handout\Attempts;
use OpenSlate\Handout\Due;
use OpenSlate\Handout\Hold;
use OpenSlate\Handout\Times;

/**
 * What is given to classes.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $title
 * @property string $directions
 * @property bool $marks_late whether what is handed in after its due time is said to be late
 * @property int|null $attempts how many a student has; null for as many as wanted
 * @property bool $best_attempt whether the best of them counts, and not the last
 * @property Carbon|null $put_away_at since when it is off all lists; the work is kept
 * @property int|null $points
 * @property bool $reads_aloud
 * @property bool $trial
 * @property AnswersShown $answers_when
 * @property Carbon|null $answers_shown_at from when, where the teacher says so
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property int $revision
 * @property Carbon|null $held_at since when all copies wait
 * @property Carbon|null $held_until and how long; null until the teacher lets them go on
 */
final class Handout extends Model
{
    use HasTimes;

    protected $table = 'handouts';

    protected $fillable = [
        'teacher_id',
        'title',
        'directions',
        'out_at',
        'due_at',
        'closes_at',
        'marks_late',
        'attempts',
        'best_attempt',
        'put_away_at',
        'points',
        'reads_aloud',
        'answers_shown_at',
        'answers_when',
        'trial',
        'shelf_of',
        'preview_of',
        'revision',
        'held_at',
        'held_until',
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

    /** @return BelongsToMany<SchoolClass, $this, HandedClass, 'pivot'> */
    public function classes(): BelongsToMany
    {
        return $this->belongsToMany(SchoolClass::class, 'handout_classes')
            ->using(HandedClass::class)
            ->withPivot(HandedClass::COLUMNS)
            ->orderBy('school_classes.name');
    }

    /** @return BelongsToMany<Student, $this, Recipient, 'pivot'> */
    public function recipients(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'recipients')
            ->using(Recipient::class)
            ->withPivot(Recipient::COLUMNS);
    }

    /**
     * Whether something is still taken: it is out, and not closed yet.
     *
     * @param  array<int, Times>  $times  of those who have it
     */
    public static function mayBeClosed(array $times): bool
    {
        $now = now()->toDateTimeImmutable();

        return array_filter(
            $times,
            fn (Times $times): bool => $times->isOut($now) && ! $times->isClosed($now),
        ) !== [];
    }

    /** @return BelongsToMany<Student, $this, Recipient, 'pivot'> who came by an open pass */
    public function guests(): BelongsToMany
    {
        return $this->recipients()->where('students.guest', true)->orderBy('students.name');
    }

    public function attemptsOf(): Attempts
    {
        return new Attempts($this->attempts, $this->best_attempt);
    }

    public function hold(): Hold
    {
        return new Hold($this->held_at?->toDateTimeImmutable(), $this->held_until?->toDateTimeImmutable());
    }

    /** @return HasMany<Message, $this> */
    public function messages(): HasMany
    {
        return $this->hasMany(Message::class);
    }

    /** @return HasMany<Pass, $this> */
    public function passes(): HasMany
    {
        return $this->hasMany(Pass::class);
    }

    /** @return array<int, Times> of those who have it, by student */
    public function timesByStudent(): array
    {
        return Recipient::where('handout_id', $this->id)
            ->get()
            ->mapWithKeys(fn (Recipient $one): array => [$one->student_id => $one->times()])
            ->all();
    }

    /** After which a copy is said to be late. */
    public function lateAfter(Times $times): Due
    {
        return $this->marks_late ? $times->due() : new Due(null);
    }

    /** Whether a student sees the answers: all do at the teacher's word, each with a copy when that has come so far. */
    public function showsAnswers(?Copy $copy = null): bool
    {
        $isTime = $this->answers_shown_at !== null && ! $this->answers_shown_at->isFuture();

        return $isTime || match ($this->answers_when) {
            AnswersShown::Asked => false,
            AnswersShown::HandedIn => $copy?->state === CopyState::HandedIn || $copy?->isReturned() === true,
            AnswersShown::HandedBack => $copy?->isReturned() === true,
        };
    }

    /**
     * What a teacher may watch and mark: their own, and what a colleague gave to classes that are all theirs as well.
     *
     * @param  Builder<Handout>  $query
     */
    #[Scope]
    protected function watchedBy(Builder $query, Teacher $teacher): void
    {
        $teaches = fn (Builder $teachers): Builder => $teachers->whereKey($teacher->id);
        $query->where(fn (Builder $any) => $any
            ->where('teacher_id', $teacher->id)
            ->orWhere(fn (Builder $shared) => $shared
                ->where('trial', false)
                ->whereHas('classes')
                ->whereDoesntHave(
                    'classes',
                    fn (Builder $class) => $class->whereDoesntHave('teachers', $teaches),
                )));
    }

    public function isWatchedBy(Teacher $teacher): bool
    {
        return $this->teacher_id === $teacher->id ||
            self::query()->watchedBy($teacher)->whereKey($this->id)->exists();
    }

    protected function casts(): array
    {
        return [
            'out_at' => 'datetime',
            'due_at' => 'datetime',
            'closes_at' => 'datetime',
            'put_away_at' => 'datetime',
            'marks_late' => 'boolean',
            'best_attempt' => 'boolean',
            'answers_shown_at' => 'datetime',
            'held_at' => 'datetime',
            'held_until' => 'datetime',
            'answers_when' => AnswersShown::class,
            'reads_aloud' => 'boolean',
            'trial' => 'boolean',
        ];
    }
}
