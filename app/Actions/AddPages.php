<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;
use OpenSlate\Arrange\ArrangedPage;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Arrange\ArrangementRefused;
use OpenSlate\Packs\Role;
use OpenSlate\Page\Theme;
use OpenSlate\Paper\Size;

/** Adds pages to a worksheet at a chosen place, never over what is there. */
final class AddPages
{
    public function __construct(private Rearrange $rearrange, private CopyPage $copy)
    {
    }

    /**
     * Blank pages.
     *
     * @param  int|null  $before  id of the page they go before; null is at the end
     *
     * @throws StaleArrangement|MasterLocked|ArrangementRefused
     */
    public function blank(
        Worksheet $worksheet,
        int $base,
        Size $size,
        int $count,
        ?int $before,
        Theme $theme = Theme::Empty,
    ): Worksheet {
        return $this->add($worksheet, $base, $before, function (Worksheet $to) use ($size, $count, $theme): array {
            $pages = [];
            for ($n = 0; $n < $count; $n++) {
                $pages[] = WorksheetPage::begin(
                    $to->id,
                    $theme->page($size, fn (): string => Str::lower(Str::random(10)), $to->name),
                    ['role' => Role::Student, 'role_reason' => 'you added it'],
                );
            }

            return $pages;
        });
    }

    /**
     * Pages of another worksheet, with what lies on them.
     *
     * @param  list<int>  $numbers
     *
     * @throws StaleArrangement|MasterLocked|ArrangementRefused
     */
    public function from(Worksheet $worksheet, int $base, Worksheet $other, array $numbers, ?int $before): Worksheet
    {
        return $this->add($worksheet, $base, $before, function (Worksheet $to) use ($other, $numbers): array {
            $pages = $other->pages()->with('current')->whereIn('position', $numbers)->get()->keyBy('position');

            return array_map(
                fn (int $number): WorksheetPage => ($this->copy)($this->of($pages, $number), $to, null, [
                    $this->of($pages, $number)->id,
                    $this->of($pages, $number)->revision,
                ]),
                $numbers,
            );
        });
    }

    /**
     * Each chosen page once more, right behind itself.
     *
     * @param  list<int>  $ids
     *
     * @throws StaleArrangement|MasterLocked|ArrangementRefused
     */
    public function duplicates(Worksheet $worksheet, int $base, array $ids): Worksheet
    {
        return ($this->rearrange)($worksheet, $base, function (Arrangement $is, Worksheet $locked) use (
            $ids,
        ): Arrangement {
            $rows = $locked->pages()->with('current')->whereIn('id', $ids)->get();
            if ($rows->isEmpty()) {
                throw $ids === [] ? ArrangementRefused::nothingChosen() : ArrangementRefused::missing();
            }
            foreach ($rows as $row) {
                $source =
                    $row->source_page_id === null || $row->source_revision === null
                        ? null
                        : [$row->source_page_id, $row->source_revision];
                $copy = ($this->copy)($row, $locked, null, $source)->arranged();
                $next = (int) array_search($row->id, $is->ids(), true) + 1;
                $is = $is->with([$copy], $is->ids()[$next] ?? null);
            }

            return $is;
        });
    }

    /**
     * The pages of a file that was prepared on the side. They move in; what was around them goes.
     *
     * @throws StaleArrangement|MasterLocked|ArrangementRefused
     */
    public function arrived(Worksheet $worksheet, Worksheet $arrived): Worksheet
    {
        return $this->add($worksheet, $worksheet->arranged, $arrived->joins_before, function (Worksheet $to) use (
            $arrived,
        ): array {
            $pages = $arrived->pages()->get();
            WorksheetPage::whereIn('id', $pages->modelKeys())->update(['worksheet_id' => $to->id, 'position' => null]);
            $arrived->forceDelete();

            return array_values($pages->all());
        });
    }

    /** @param  Closure(Worksheet): list<WorksheetPage>  $make */
    private function add(Worksheet $worksheet, int $base, ?int $before, Closure $make): Worksheet
    {
        return ($this->rearrange)(
            $worksheet,
            $base,
            fn (Arrangement $is, Worksheet $locked): Arrangement => $is->with(
                array_map(fn (WorksheetPage $page): ArrangedPage => $page->arranged(), $make($locked)),
                $before,
            ),
        );
    }

    /** @param  Collection<int, WorksheetPage>  $pages */
    private function of(Collection $pages, int $number): WorksheetPage
    {
        return $pages->get($number) ?? throw ArrangementRefused::missing();
    }
}
