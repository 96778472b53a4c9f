<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Standing;
use OpenSlate\Copies\Waiting;
use OpenSlate\Copies\Work;
use OpenSlate\Handout\Times;
use OpenSlate\Marking\Marks;
use OpenSlate\Marking\Scheme;

/**
 * One student's work on an edition. The page itself is not in it.
 *
 * @property int $id
 * @property int $handout_item_id
 * @property int $student_id
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
 * @property-read Student $student
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

    /** Whether its student sees its marks and comments. */
    public function isReturned(): bool
    {
        return $this->returned_at !== null && ! $this->returned_at->isFuture();
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

    /** From when and until when its student has it. */
    public function times(): Times
    {
        return $this->given()?->times() ?? new Times(null);
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

    /** Whether its student has it at this moment: it is out, and nobody took it back. */
    public function isGiven(): bool
    {
        $given = $this->given();

        return $given !== null &&
            $given->times()->isOut(now()->toDateTimeImmutable()) &&
            $given->withdrawn_at === null &&
            $given->getAttribute('item_withdrawn_at') === null &&
            $given->getAttribute('put_away_at') === null;
    }

    /** All that bears on it, in one question: it is asked with every save. */
    private function given(): ?Recipient
    {
        return once(
            fn (): ?Recipient => Recipient::query()
                ->join('handouts', 'handouts.id', '=', 'recipients.handout_id')
                ->join('handout_items', 'handout_items.handout_id', '=', 'handouts.id')
                ->where('handout_items.id', $this->handout_item_id)
                ->where('recipients.student_id', $this->student_id)
                ->select([
                    'recipients.*',
                    'handouts.put_away_at',
                    'handout_items.withdrawn_at as item_withdrawn_at',
                ])
                ->first(),
        );
    }

    /** What its student has not handed in, the first due first; null when this was the last of it. */
    public function nextOfTheDay(): ?self
    {
        return self::query()
            ->where('copies.student_id', $this->student_id)
            ->whereKeyNot($this->id)
            ->where('copies.state', '!=', CopyState::HandedIn)
            ->where(fn ($open) => $open->whereNull('copies.returned_at')->orWhere('copies.returned_at', '>', now()))
            ->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')
            ->join('handouts', 'handouts.id', '=', 'handout_items.handout_id')
            ->joinSub($this->student->given(), 'given', 'given.handout_id', '=', 'handouts.id')
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

    /** Notes a picture as one that its student put here. */
    public function givePicture(StoredFile $picture): void
    {
        DB::table('copy_pictures')->upsert(
            ['copy_id' => $this->id, 'sha256' => $picture->sha256, 'created_at' => now()],
            ['copy_id', 'sha256'],
            ['created_at'],
        );
    }

    /**
     * Whether its student put all of these here.
     *
     * @param  list<string>  $hashes
     */
    public function hasPictures(array $hashes): bool
    {
        $hashes = array_unique($hashes);

        return $hashes === [] ||
            DB::table('copy_pictures')->where('copy_id', $this->id)->whereIn('sha256', $hashes)->count() ===
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
        ];
    }
}
