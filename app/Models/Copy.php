<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\AskedIn;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Standing;
use OpenSlate\Copies\Waiting;
use OpenSlate\Copies\Work;
use OpenSlate\Handout\Attempts;
use OpenSlate\Handout\Times;
use OpenSlate\Marking\Marks;
use OpenSlate\Marking\Points;
use OpenSlate\Marking\Scheme;

/**
 * The work of one student, or of several together, on an edition. The page itself is not in it.
 *
 * @property int $id
 * @property int $handout_item_id
 * @property int|null $student_id null where several share it: then they are its `students`
 * @property string|null $name of the team or the class that shares it
 * @property int|null $team_id
 * @property int|null $school_class_id
 * @property int|null $asked_in_by who of those who share it wants to hand it in
 * @property Carbon|null $asked_in_at
 * @property CopyState $state
 * @property int $version
 * @property string|null $work
 * @property int $filled
 * @property int $page
 * @property Carbon|null $changed_at
 * @property Carbon|null $handed_in_at
 * @property int $attempt which run of it this is, from 1
 * @property string|null $judged its marks by the key, as Marking\Marks writes them
 * @property string|null $judged_for for which key and which state of it they were worked out
 * @property Carbon|null $returned_at from when its student sees its marks
 * @property string|null $waiting answers whose place is gone, as Copies\Waiting writes them
 * @property Carbon|null $excused_at since when it does not count
 * @property Carbon|null $looked_at when its student first saw them
 * @property-read HandoutItem $item
 * @property-read Student|null $student
 * @property-read Collection<int, Student> $students who share it
 * @property-read Collection<int, Moment> $moments
 */
final class Copy extends Model
{
    public $timestamps = false;

    protected $table = 'copies';

    protected $fillable = [
        'handout_item_id',
        'student_id',
        'state',
        'version',
        'work',
        'filled',
        'page',
        'changed_at',
        'handed_in_at',
        'thrown_at',
        'name',
        'team_id',
        'school_class_id',
    ];

    /** @return BelongsTo<HandoutItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(HandoutItem::class, 'handout_item_id');
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsToMany<Student, $this> */
    public function students(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'copy_students')
            ->withPivot(['points', 'excused_at'])
            ->orderBy('students.name');
    }

    public function isShared(): bool
    {
        return $this->student_id === null;
    }

    /** @return Collection<int, Student> whose it is */
    public function people(): Collection
    {
        return $this->student === null ? $this->students : new Collection([$this->student]);
    }

    /** Under which name it is listed: the student's, the team's, the class's. */
    public function whose(): string
    {
        return $this->student->name ?? (string) $this->name;
    }

    public function isOf(Student $student): bool
    {
        return $this->isShared()
            ? DB::table('copy_students')->where(['copy_id' => $this->id, 'student_id' => $student->id])->exists()
            : $this->student_id === $student->id;
    }

    /** What one of those who share it has for it instead of what it earned; null where it is the same. */
    public function pointsOf(Student $student): ?Points
    {
        $points = $this->students->firstWhere('id', $student->id)?->getRelation('pivot')->getAttribute('points');

        return $points === null ? null : Points::kept((int) $points);
    }

    /** Whether it does not count for one of those whose it is. */
    public function isExcused(Student $student): bool
    {
        $sharer = $this->students->firstWhere('id', $student->id)?->getRelation('pivot');

        return $this->excused_at !== null || $sharer?->getAttribute('excused_at') !== null;
    }

    /** It counts for one of them no more, or again. */
    public function excuse(int $student, bool $excused): void
    {
        $since = ['excused_at' => $excused ? now() : null];
        $this->isShared()
            ? $this->students()->updateExistingPivot($student, $since)
            : $this->forceFill($since)->save();
    }

    /**
     * Those that are a student's, alone or with others.
     *
     * @param  Builder<Copy>  $query
     */
    #[Scope]
    protected function ownedBy(Builder $query, int $student): void
    {
        $query->where(fn (Builder $own) => $own
            ->where('copies.student_id', $student)
            ->orWhereIn(
                'copies.id',
                DB::table('copy_students')->where('student_id', $student)->select('copy_id'),
            ));
    }

    /** @return HasMany<HandMark, $this> */
    public function handMarks(): HasMany
    {
        return $this->hasMany(HandMark::class);
    }

    /** @return HasMany<Comment, $this> */
    public function comments(): HasMany
    {
        return $this->hasMany(Comment::class)->orderBy('id');
    }

    /** @return HasMany<Moment, $this> */
    public function moments(): HasMany
    {
        return $this->hasMany(Moment::class)->orderBy('id');
    }

    /** @return list<string> what was written in places that are gone by now, where it is words */
    public function waitingWords(): array
    {
        return array_values(array_filter(
            array_map(fn (Waiting $one): string => $one->words(), Waiting::fromJson($this->waiting)),
        ));
    }

    /** The name under which a browser keeps what it has not sent: each attempt is a copy of its own. */
    public function keptAs(): string
    {
        return $this->attempt === 1 ? (string) $this->id : "{$this->id}.{$this->attempt}";
    }

    /** What it earned: by the key as it was last marked, and by the teachers' hands, which count for more. */
    public function marks(Scheme $scheme): Marks
    {
        $byHand = [];
        foreach ($this->handMarks as $mark) {
            $place = $scheme->find($mark->place);
            if ($place !== null) {
                $byHand[$mark->place] = $mark->mark($place->full);
            }
        }

        return ($this->judged === null ? Marks::none() : Marks::fromJson($this->judged))->under(new Marks($byHand));
    }

    /** @return list<Moment> the attempts before this one, since it was last fresh, the oldest first */
    public function earlierAttempts(): array
    {
        $run = [];
        foreach ($this->moments as $moment) {
            $run = match ($moment->kind) {
                MomentKind::Used => [],
                MomentKind::Attempt => [...$run, $moment],
                default => $run,
            };
        }

        return $run;
    }

    /** How many attempts there have been, with this one. */
    public function attemptsDone(): int
    {
        return count($this->earlierAttempts()) + 1;
    }

    /**
     * What counts of all attempts: the best, or the last that was handed in. Attempts before this one keep what they
     * earned when they ended.
     *
     * @param  bool  $isIn  whether this one counts, too
     */
    public function countedMarks(Scheme $scheme, Attempts $attempts, bool $isIn): ?Marks
    {
        $all = array_map(
            fn (Moment $moment): Marks => $moment->marks === null ? Marks::none() : Marks::fromJson($moment->marks),
            $this->earlierAttempts(),
        );
        if ($isIn) {
            $all[] = $this->marks($scheme);
        }

        return $attempts->best
            ? array_reduce(
                $all,
                fn (?Marks $best, Marks $one): Marks => $best === null || $best->total()->isLessThan($one->total())
                    ? $one
                    : $best,
            )
            : array_pop($all);
    }

    /** Whether its student sees its marks and comments. */
    public function isReturned(): bool
    {
        return $this->returned_at !== null && ! $this->returned_at->isFuture();
    }

    public function askedIn(): AskedIn
    {
        return new AskedIn($this->asked_in_by, $this->asked_in_at?->toDateTimeImmutable());
    }

    public function standing(): Standing
    {
        return Standing::of($this->state, $this->handed_in_at?->toDateTimeImmutable());
    }

    public function stands(Standing $standing): self
    {
        $this->state = $standing->state;
        $this->handed_in_at = $standing->handedInAt === null ? null : Carbon::instance($standing->handedInAt);

        return $this;
    }

    public function written(): Work
    {
        return $this->work === null ? Work::none() : Work::fromJson($this->work);
    }

    /** From when and until when its student has it; of several, from the first until the last. */
    public function times(): Times
    {
        $given = $this->given()->map(fn (Recipient $one): Times => $one->times());

        return self::together($given->all(), new Times(null));
    }

    /**
     * As times(), from those of all students.
     *
     * @param  array<int, Times>  $byStudent
     */
    public function timesAmong(array $byStudent, Handout $handout): Times
    {
        $times = array_intersect_key($byStudent, $this->people()->keyBy('id')->all());

        return self::together($times, $handout->times());
    }

    /** @param  array<Times>  $times */
    private static function together(array $times, Times $none): Times
    {
        $first = array_shift($times);

        return $first === null
            ? $none
            : array_reduce($times, fn (Times $all, Times $one): Times => $all->with($one), $first);
    }

    /** @throws CopyRefused when the time for it is over, or it is handed back: nothing more is taken */
    public function refuseAfterClosing(): void
    {
        $this->refuseReturned();
        if (! $this->times()->takes(now()->toDateTimeImmutable())) {
            throw CopyRefused::closed();
        }
    }

    /** @throws CopyRefused when its student sees its marks */
    public function refuseReturned(): void
    {
        if ($this->isReturned()) {
            throw CopyRefused::handedBack();
        }
    }

    /** Whether a student has it at this moment: it is out, and nobody took it back. */
    public function isGivenTo(Student $student): bool
    {
        $given = $this->given()->firstWhere('student_id', $student->id);

        return $given !== null &&
            $given->times()->isOut(now()->toDateTimeImmutable()) &&
            $given->withdrawn_at === null &&
            $given->getAttribute('item_withdrawn_at') === null &&
            $given->getAttribute('put_away_at') === null;
    }

    /**
     * All that bears on it, in one question: it is asked with every save.
     *
     * @return Collection<int, Recipient> of its student, or of all who share it
     */
    private function given(): Collection
    {
        return once(
            fn (): Collection => Recipient::query()
                ->join('handouts', 'handouts.id', '=', 'recipients.handout_id')
                ->join('handout_items', 'handout_items.handout_id', '=', 'handouts.id')
                ->where('handout_items.id', $this->handout_item_id)
                ->when(
                    $this->isShared(),
                    fn (Builder $given) => $given->whereIn(
                        'recipients.student_id',
                        DB::table('copy_students')->where('copy_id', $this->id)->select('student_id'),
                    ),
                    fn (Builder $given) => $given->where('recipients.student_id', $this->student_id),
                )
                ->select([
                    'recipients.*',
                    'handouts.put_away_at',
                    'handouts.told',
                    'handouts.held_at',
                    'handouts.held_until',
                    'handout_items.withdrawn_at as item_withdrawn_at',
                ])
                ->get(),
        );
    }

    /** Another text whenever the teacher has said something, or lets all wait or go on: then a window asks what. */
    public function news(): string
    {
        $given = $this->given()->first();

        return implode('|', array_map(
            fn (string $name): string => (string) $given?->getRawOriginal($name),
            ['told', 'held_at', 'held_until'],
        ));
    }

    /** What its student has not handed in, the first due first; null when this was the last of it. */
    public function nextOfTheDay(Student $student): ?self
    {
        return self::query()
            ->ownedBy($student->id)
            ->whereKeyNot($this->id)
            ->where('copies.state', '!=', CopyState::HandedIn)
            ->where(fn ($open) => $open->whereNull('copies.returned_at')->orWhere('copies.returned_at', '>', now()))
            ->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')
            ->join('handouts', 'handouts.id', '=', 'handout_items.handout_id')
            ->joinSub($student->given(), 'given', 'given.handout_id', '=', 'handouts.id')
            ->whereNull('handout_items.withdrawn_at')
            ->where(fn ($open) => $open->whereNull('given.closes_at')->orWhere('given.closes_at', '>=', now()))
            ->orderByRaw('given.due_at is null')
            ->orderBy('given.due_at')
            ->orderByDesc('handouts.id')
            ->select('copies.*')
            ->with('item.edition')
            ->first();
    }

    /**
     * What a save needs to know of the edition, in one question: it is asked once a second for each student.
     *
     * @return array{Places, int} its places, and how many pages it has
     */
    public function placesToFill(): array
    {
        $edition = DB::table('editions')
            ->join('handout_items', 'handout_items.edition_id', '=', 'editions.id')
            ->where('handout_items.id', $this->handout_item_id)
            ->sole(['places', 'pages_count']);

        return [Places::fromJson($edition->places), (int) $edition->pages_count];
    }

    /**
     * How many there are of what was handed out of some worksheets; trials do not count.
     *
     * @param  list<int>  $worksheets
     * @return array<int, int> by worksheet
     */
    public static function ofWorksheets(array $worksheets): array
    {
        return DB::table('copies')
            ->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')
            ->join('editions', 'editions.id', '=', 'handout_items.edition_id')
            ->whereIn('editions.worksheet_id', $worksheets)
            ->where('editions.trial', false)
            ->groupBy('editions.worksheet_id')
            ->selectRaw('editions.worksheet_id, count(*) as copies')
            ->pluck('copies', 'worksheet_id')
            ->map(intval(...))
            ->all();
    }

    /** Notes a file as one that its student put here. */
    public function giveFile(StoredFile $file): void
    {
        DB::table('copy_files')->upsert(
            ['copy_id' => $this->id, 'sha256' => $file->sha256, 'created_at' => now()],
            ['copy_id', 'sha256'],
            ['created_at'],
        );
    }

    /**
     * Whether its student put all of these here.
     *
     * @param  list<string>  $hashes
     */
    public function hasFiles(array $hashes): bool
    {
        $hashes = array_unique($hashes);

        return $hashes === [] ||
            DB::table('copy_files')->where('copy_id', $this->id)->whereIn('sha256', $hashes)->count() ===
                count($hashes);
    }

    protected function casts(): array
    {
        return [
            'state' => CopyState::class,
            'changed_at' => 'datetime',
            'handed_in_at' => 'datetime',
            'thrown_at' => 'datetime',
            'returned_at' => 'datetime',
            'looked_at' => 'datetime',
            'excused_at' => 'datetime',
            'asked_in_at' => 'datetime',
        ];
    }
}
