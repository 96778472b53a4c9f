<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\Places;
use OpenSlate\Elements\Clip;
use OpenSlate\Page\Page;

/**
 * A worksheet frozen at the moment of handing out. It is never changed.
 *
 * @property int $id
 * @property int $worksheet_id
 * @property string $name
 * @property string $places
 * @property int $places_count
 * @property int $pages_count
 */
final class Edition extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'editions';

    protected $fillable = ['worksheet_id', 'name', 'places', 'places_count', 'pages_count', 'trial'];

    /** @return BelongsTo<Worksheet, $this> */
    public function worksheet(): BelongsTo
    {
        return $this->belongsTo(Worksheet::class)->withTrashed();
    }

    /** @return BelongsToMany<PageRevision, $this> */
    public function revisions(): BelongsToMany
    {
        return $this->belongsToMany(PageRevision::class, 'edition_pages')->orderByPivot('position');
    }

    /** @param  int  $number  of the page, from 1 */
    public function revision(int $number): PageRevision
    {
        return PageRevision::query()
            ->whereIn(
                'id',
                DB::table('edition_pages')
                    ->where(['edition_id' => $this->id, 'position' => $number])
                    ->select('page_revision_id'),
            )
            ->firstOrFail();
    }

    public function placesToFill(): Places
    {
        return Places::fromJson($this->places);
    }

    /** @return array<string, int> the number of each page by its key, by which links name it */
    public function pageNumbers(): array
    {
        return $this->revisions()
            ->join('pages', 'pages.id', '=', 'page_revisions.page_id')
            ->pluck('edition_pages.position', 'pages.anchor')
            ->all();
    }

    /** Whether there are clips on its pages that are answers, kept back from students until the teacher shows them. */
    public function keepsAnswersBack(): bool
    {
        foreach ($this->frozenPages() as $page) {
            foreach ($page->elements() as $element) {
                if ($element instanceof Clip && $element->kept) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Page> */
    public function frozenPages(): array
    {
        return array_values($this->revisions->map(fn (PageRevision $revision): Page => $revision->page())->all());
    }
}
