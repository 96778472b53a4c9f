<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use LogicException;
use OpenSlate\Arrange\ArrangedPage;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Edit\History\Revision;
use OpenSlate\Format\PageCodec;
use OpenSlate\Packs\Headline;
use OpenSlate\Packs\PackPage;
use OpenSlate\Packs\Role;
use OpenSlate\Packs\Verdict;
use OpenSlate\Page\Page;
use OpenSlate\Questions\MendedQuestions;
use OpenSlate\Questions\NumberedBlanks;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionsCodec;

/**
 * A page of a worksheet; what is on it is in its revisions, of which `revision` names the one in force.
 *
 * @property int $id
 * @property int $worksheet_id
 * @property int|null $backdrop_id
 * @property int|null $position from 1; null when it was taken out
 * @property int $revision
 * @property Role $role
 * @property string $role_reason
 * @property float|null $role_confidence how sure its role is, 0 to 1; null where that was not kept
 * @property string|null $section
 * @property string $anchor names the page to links, here and in whatever is cut from here
 * @property int|null $source_page_id the page it was cut from
 * @property int|null $source_revision what of that page this one has
 * @property list<int>|null $answers ids of the pages to which this one, a key, has the answers
 * @property list<int>|null $refused which of its print's blanks are none, by their places in the list
 * @property string|null $own_questions those of its print where somebody has mended them, as QuestionsCodec writes them
 * @property-read Worksheet $worksheet
 * @property-read PageRevision $current
 * @property-read Backdrop|null $backdrop
 * @property-read WorksheetPage|null $source
 * @property-read Collection<int, PagePiece> $pieces
 */
final class WorksheetPage extends Model
{
    public $timestamps = false;

    protected $table = 'pages';

    protected $fillable = [
        'worksheet_id',
        'backdrop_id',
        'position',
        'revision',
        'role',
        'role_reason',
        'role_confidence',
        'section',
        'answers',
        'anchor',
        'source_page_id',
        'source_revision',
        'refused',
        'own_questions',
    ];

    /** @return BelongsTo<Worksheet, $this> */
    public function worksheet(): BelongsTo
    {
        return $this->belongsTo(Worksheet::class);
    }

    /** @return BelongsTo<Backdrop, $this> */
    public function backdrop(): BelongsTo
    {
        return $this->belongsTo(Backdrop::class);
    }

    /** @return HasMany<PageRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(PageRevision::class, 'page_id');
    }

    /** @return HasOne<PageRevision, $this> */
    public function current(): HasOne
    {
        // Numbers only grow and the last one is the one in force, so that many pages can be loaded with one query.
        return $this->hasOne(PageRevision::class, 'page_id')->ofMany('number', 'max');
    }

    /** @return BelongsTo<WorksheetPage, $this> */
    public function source(): BelongsTo
    {
        return $this->belongsTo(self::class, 'source_page_id');
    }

    /** @return HasMany<PagePiece, $this> of a page with chosen questions */
    public function pieces(): HasMany
    {
        return $this->hasMany(PagePiece::class, 'page_id')->orderBy('id');
    }

    /** @return list<int> ids of the pages that it, or pieces of it, were cut from; its pieces are loaded */
    public function sources(): array
    {
        return $this->source_page_id === null
            ? array_values($this->pieces->pluck('source_page_id')->unique()->all())
            : [$this->source_page_id];
    }

    /**
     * Those whose source page, here aliased as sources, has something else on it now than when they were last the same.
     *
     * @param  Builder<WorksheetPage>  $query
     */
    #[Scope]
    protected function behind(Builder $query): void
    {
        $query
            ->select('pages.*')
            ->join('pages as sources', 'sources.id', '=', 'pages.source_page_id')
            ->join(
                'page_revisions as was',
                fn (JoinClause $join) => $join
                    ->on('was.page_id', '=', 'sources.id')
                    ->on('was.number', '=', 'pages.source_revision'),
            )
            ->join(
                'page_revisions as now',
                fn (JoinClause $join) => $join
                    ->on('now.page_id', '=', 'sources.id')
                    ->on('now.number', '=', 'sources.revision'),
            )
            ->whereColumn('was.content', '!=', 'now.content')
            ->whereNotNull('pages.position')
            ->whereNotNull('sources.position')
            ->whereHas('worksheet');
    }

    /**
     * A page with what is on it at first, both or neither: whoever looks meanwhile sees no page without content.
     *
     * @param  Page|string  $content  as it is, or as it is written in another page's revision
     * @param  array<string, mixed>  $more  its place, its role and the like; without a place, an arrangement gives it
     *                                      one
     */
    public static function begin(int $worksheetId, Page|string $content, array $more = []): self
    {
        return DB::transaction(function () use ($worksheetId, $content, $more): self {
            $page = self::create(['worksheet_id' => $worksheetId, 'revision' => 1, ...$more]);
            PageRevision::record(
                $page->id,
                Revision::first(),
                is_string($content) ? $content : PageCodec::encode($content),
                is_string($content) ? null : $content,
            );

            return $page;
        });
    }

    /** Its number in the worksheet. */
    public function number(): int
    {
        return $this->position ?? throw new LogicException('A page that was taken out has no number.');
    }

    /**
     * @return array<int, Blank>|null  the blanks that could have a box, by their places in the print's list; null while
     *                                 nobody has looked
     */
    public function proposals(Page $content): ?array
    {
        $backdrop = $this->backdrop;
        $found = $backdrop === null ? [] : $this->blanksFound();

        return $backdrop === null || $found === null
            ? $found
            : array_diff_key(Proposals::on($content, $found, $backdrop->size()), array_flip($this->refused ?? []));
    }

    /** @return list<Blank> all blanks of its print, where the page shows it, also those that have a box */
    public function blanksShown(Page $content): array
    {
        return array_values(
            Proposals::shown(
                $content,
                $this->blanksFound() ?? [],
                $this->backdrop?->size() ?? $content->size,
            ),
        );
    }

    /** @return list<Question> those of its print, as far as somebody has looked for them or marked them */
    public function questions(): array
    {
        $mended = $this->mendedQuestions();

        return $mended === null
            ? $this->backdrop?->questionsFound() ?? []
            : MendedQuestions::withBlanks($mended, $this->backdrop?->blanksFound() ?? []);
    }

    /** @return list<Question>|null without their blanks */
    private function mendedQuestions(): ?array
    {
        return $this->own_questions === null ? null : QuestionsCodec::decode($this->own_questions);
    }

    /** @return list<Blank>|null named by its questions */
    private function blanksFound(): ?array
    {
        $found = $this->backdrop?->blanksFound();

        return $found === null || $this->own_questions === null
            ? $found
            : array_values(NumberedBlanks::anew($found, $this->backdrop->questionsFound(), $this->questions()));
    }

    public function packPage(): PackPage
    {
        return new PackPage($this->number(), $this->role, $this->section, $this->headline());
    }

    /** What it is called in print; '' where nothing is. */
    public function headline(): string
    {
        return $this->backdrop === null ? '' : Headline::of($this->backdrop->text(), $this->section);
    }

    /** Whether what it is for need not be looked at. */
    public function isSure(): bool
    {
        return $this->role !== Role::Unknown && ($this->role_confidence ?? 1.0) >= Verdict::SURE;
    }

    public function arranged(): ArrangedPage
    {
        return new ArrangedPage(
            $this->id,
            $this->revision,
            $this->role,
            $this->role_reason,
            $this->section,
            $this->answers ?? [],
            $this->role_confidence ?? 1.0,
            $this->mendedQuestions(),
        );
    }

    protected static function booted(): void
    {
        self::creating(function (self $page): void {
            $page->anchor ??= Str::lower(Str::random(10));
        });
    }

    protected function casts(): array
    {
        return ['role' => Role::class, 'answers' => 'array', 'refused' => 'array'];
    }
}
