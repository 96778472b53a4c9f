<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\WorksheetFactory;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use OpenSlate\Boards\ChoiceBoard;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Page\Tally;

/**
 * A master, or a set cut from one.
 *
 * @property int $id
 * @property int $teacher_id
 * @property int|null $master_id
 * @property int|null $original_id
 * @property int|null $unit_id
 * @property bool $shared_with_school
 * @property string|null $board the choice board that this set is made from, as OpenSlate\Boards\ChoiceBoard writes it
 * @property int|null $board_page_id the page on which that board is drawn
 * @property string $name
 * @property WorksheetState $state
 * @property int $pages_total
 * @property string|null $cut_from
 * @property string|null $looked_at the state of its pages in which it was last looked through
 * @property int|null $to_mend how much there was to mend in it then
 * @property string|null $problem
 * @property bool $unlocked
 * @property int $arranged the number of the arrangement in force; 0 while the pages are as they came
 * @property int|null $joins_id the worksheet into which these pages go once they are prepared
 * @property int|null $joins_before the page before which they go; null is at the end
 * @property FileStage|null $stage what is to be done next with the file it was made from
 * @property string|null $claimed_by the worker that is at it
 * @property int|null $claimed_at
 * @property int $served_at when it last had its turn
 * @property int $tries how often its present piece of work was begun
 * @property float $spent seconds of the processor that went into it
 * @property Carbon $updated_at
 * @property Carbon|null $deleted_at
 * @property-read int|null $editions_count where it was counted
 * @property-read Original|null $original
 * @property-read Worksheet|null $master
 * @property-read Unit|null $unit
 */
final class Worksheet extends Model
{
    /** @use HasFactory<WorksheetFactory> */
    use HasFactory, SoftDeletes;

    public const DAYS_IN_BIN = 30;

    protected $table = 'worksheets';

    protected $attributes = ['served_at' => 0, 'tries' => 0, 'spent' => 0.0];

    protected $fillable = [
        'teacher_id',
        'master_id',
        'original_id',
        'unit_id',
        'shared_with_school',
        'board',
        'board_page_id',
        'name',
        'state',
        'pages_total',
        'cut_from',
        'looked_at',
        'to_mend',
        'problem',
        'unlocked',
        'arranged',
        'joins_id',
        'joins_before',
        'stage',
        'claimed_by',
        'claimed_at',
        'served_at',
        'tries',
        'spent',
    ];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** @return BelongsTo<Original, $this> */
    public function original(): BelongsTo
    {
        return $this->belongsTo(Original::class);
    }

    /** @return BelongsTo<Worksheet, $this> */
    public function master(): BelongsTo
    {
        // A set keeps its lineage when its master is in the bin.
        return $this->belongsTo(self::class, 'master_id')->withTrashed();
    }

    /** @return BelongsTo<Unit, $this> */
    public function unit(): BelongsTo
    {
        return $this->belongsTo(Unit::class);
    }

    /** @return BelongsToMany<Teacher, $this> colleagues who may look at it */
    public function colleagues(): BelongsToMany
    {
        return $this->belongsToMany(Teacher::class, 'shares')->orderBy('name');
    }

    /** @return HasMany<Worksheet, $this> */
    public function sets(): HasMany
    {
        return $this->hasMany(self::class, 'master_id');
    }

    /** @return HasMany<WorksheetPage, $this> */
    public function pages(): HasMany
    {
        return $this->hasMany(WorksheetPage::class)->whereNotNull('position')->orderBy('position');
    }

    /**
     * The documents that its pages were made of.
     *
     * @return Collection<int, Original>
     */
    public function documents(): Collection
    {
        return Original::query()
            ->where('teacher_id', $this->teacher_id)
            ->whereNotNull('made_from')
            ->whereIn('sha256', Backdrop::whereIn('id', $this->pages()->select('backdrop_id'))->select('source'))
            ->orderByRaw('id = ? desc', [(int) $this->original_id])
            ->orderBy('id')
            ->get()
            ->unique('sha256')
            ->values();
    }

    /** @return list<list<int>> of each set that was cut from it, where its pages are now */
    public function cutAlready(): array
    {
        $numbers = $this->pages->mapWithKeys(fn (WorksheetPage $page): array => [$page->id => $page->number()]);
        $cut = [];
        foreach ($this->sets()->with('pages:id,worksheet_id,position,source_page_id')->get() as $set) {
            $of = $set->pages->map(fn (WorksheetPage $page): int => $numbers[$page->source_page_id] ?? 0);
            $cut[] = array_values(array_filter($of->all()));
        }

        return $cut;
    }

    /** How much there is on its pages; no page is read for it. */
    public function tally(): Tally
    {
        $sums = DB::table('pages')
            ->join(
                'page_revisions',
                fn (JoinClause $join) => $join
                    ->on('page_revisions.page_id', '=', 'pages.id')
                    ->on('page_revisions.number', '=', 'pages.revision'),
            )
            ->where('pages.worksheet_id', $this->id)
            ->whereNotNull('pages.position')
            ->selectRaw('sum(boxes) as boxes, sum(parts) as parts, sum(keyed) as keyed, sum(keyable) as keyable')
            ->first();

        return new Tally((int) $sums?->boxes, (int) $sums?->parts, (int) $sums?->keyed, (int) $sums?->keyable);
    }

    /** Another for each state of its pages, their roles and its name; no page is read for it. */
    public function stateOfPages(): string
    {
        $pages = DB::table('pages')
            ->where('worksheet_id', $this->id)
            ->whereNotNull('position')
            ->orderBy('position')
            ->get(['id', 'revision', 'role']);

        return hash('sha256', $this->name.$pages->toJson());
    }

    /** @return HasMany<WorksheetPage, $this> those that were taken out as well */
    public function allPages(): HasMany
    {
        return $this->hasMany(WorksheetPage::class);
    }

    /** @return HasMany<ArrangementRevision, $this> */
    public function arrangements(): HasMany
    {
        return $this->hasMany(ArrangementRevision::class);
    }

    /** @return HasOne<ArrangementRevision, $this> */
    public function arrangement(): HasOne
    {
        return $this->hasOne(ArrangementRevision::class)->ofMany('number', 'max');
    }

    /** @return HasMany<Worksheet, $this> files whose pages are still on their way into this */
    public function arriving(): HasMany
    {
        return $this->hasMany(self::class, 'joins_id')->orderBy('id');
    }

    /** @return HasMany<Edition, $this> those that were handed out */
    public function editions(): HasMany
    {
        return $this->hasMany(Edition::class)->where('trial', false);
    }

    /**
     * Those that stand on the shelf: not the files that are on their way into another.
     *
     * @param  Builder<Worksheet>  $query
     */
    #[Scope]
    protected function shelved(Builder $query): void
    {
        $query->whereNull('joins_id');
    }

    /**
     * Those of others that a teacher may look at.
     *
     * @param  Builder<Worksheet>  $query
     */
    #[Scope]
    protected function sharedWith(Builder $query, Teacher $teacher): void
    {
        $query
            ->shelved()
            ->where('state', WorksheetState::Ready)
            ->where('teacher_id', '!=', $teacher->id)
            ->where(
                fn (Builder $either) => $either
                    ->where('shared_with_school', true)
                    ->orWhereHas('colleagues', fn (Builder $colleagues) => $colleagues->whereKey($teacher->id)),
            );
    }

    /**
     * @return Builder<WorksheetPage>  pages elsewhere on the shelf that could take what has changed here since they
     *                                 were cut
     */
    public function behind(): Builder
    {
        return WorksheetPage::query()
            ->behind()
            ->where('sources.worksheet_id', $this->id)
            ->whereHas('worksheet', fn (Builder $worksheet) => $worksheet->where('teacher_id', $this->teacher_id));
    }

    /** @return Builder<WorksheetPage> pages with questions of pages here on which something has changed since */
    public function behindInPieces(): Builder
    {
        return WorksheetPage::query()
            ->select('pages.*')
            ->whereNotNull('pages.position')
            ->whereHas('worksheet', fn (Builder $worksheet) => $worksheet->where('teacher_id', $this->teacher_id))
            ->whereHas(
                'pieces',
                fn (Builder $pieces) => $pieces
                    ->join('pages as sources', 'sources.id', '=', 'page_pieces.source_page_id')
                    ->where('sources.worksheet_id', $this->id)
                    ->whereNotNull('sources.position')
                    ->whereColumn('sources.revision', '!=', 'page_pieces.source_revision'),
            )
            ->orderBy('pages.worksheet_id')
            ->orderBy('pages.position');
    }

    public function leavesBinAt(): Carbon
    {
        return ($this->deleted_at ?? now())->copy()->addDays(self::DAYS_IN_BIN);
    }

    public function canBePutBack(): bool
    {
        return $this->trashed() && $this->leavesBinAt()->isFuture();
    }

    /** A worksheet from which sets were cut changes only when it is unlocked on purpose. */
    /**
     * Those whose pages may be changed; see isLocked.
     *
     * @param  Builder<Worksheet>  $query
     */
    #[Scope]
    protected function unlocked(Builder $query): void
    {
        $query->where(fn (Builder $either) => $either->where('unlocked', true)->orWhereDoesntHave('sets'));
    }

    public function isLocked(): bool
    {
        return ! $this->unlocked && $this->sets()->exists();
    }

    /**
     * Notes what is to be done next. It is no change of the worksheet's own, and moves nothing on the shelf.
     *
     * @param  array<string, mixed>  $more
     */
    public function goOnTo(?FileStage $stage, array $more = []): void
    {
        self::withoutTimestamps(fn (): bool => $this->update(['stage' => $stage] + $more));
    }

    /**
     * That is done with its file, where it is still what was being done.
     *
     * @param  FileStage|null  $next  what follows; null where nothing does
     */
    public function endStage(FileStage $stage, ?FileStage $next = null): void
    {
        // One that was thrown away meanwhile is done with too.
        $here = self::withTrashed()->whereKey($this->id)->where('stage', $stage);
        self::withoutTimestamps(fn (): int => $here->update(['stage' => $next]));
        $this->refresh();
    }

    public function choiceBoard(): ?ChoiceBoard
    {
        return $this->board === null ? null : ChoiceBoard::decode($this->board);
    }

    /**
     * A set of it that has no pages yet.
     *
     * @param  list<int>  $numbers  of the pages that it is cut from
     * @param  int  $count  how many pages it will have
     * @param  string|null  $board  as OpenSlate\Boards\ChoiceBoard writes it, where a board leads to them
     */
    public function beginSet(array $numbers, string $name, int $count, ?string $board = null): self
    {
        return self::create([
            'teacher_id' => $this->teacher_id,
            'master_id' => $this->id,
            'original_id' => $this->original_id,
            'unit_id' => $this->unit_id,
            'name' => $name,
            'state' => WorksheetState::Ready,
            'pages_total' => $count,
            'cut_from' => PageRange::format($numbers),
            'board' => $board,
        ]);
    }

    public function isMaster(): bool
    {
        return $this->master_id === null;
    }

    protected function casts(): array
    {
        return [
            'state' => WorksheetState::class,
            'stage' => FileStage::class,
            'spent' => 'float',
            'unlocked' => 'boolean',
            'shared_with_school' => 'boolean',
        ];
    }
}
