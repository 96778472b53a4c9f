<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\PrintedPages;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use OpenSlate\Blanks\PrintedQuestions;
use OpenSlate\Check\CheckedPage;
use OpenSlate\Check\CheckedPlan;
use OpenSlate\Check\CheckedSheet;
use OpenSlate\Check\Finding;
use OpenSlate\Check\ReadyCheck;
use OpenSlate\Check\Severity;
use OpenSlate\Page\Page;

/** Looks through a worksheet as it is, and notes beside it how much there is to mend. */
final class LookThrough
{
    public function __construct(private WeighPages $weigh)
    {
    }

    /**
     * @param  CheckedPlan|null  $plan  how it is to be handed out; null while nobody has said
     * @return list<Finding>
     */
    public function __invoke(Worksheet $worksheet, ?CheckedPlan $plan = null): array
    {
        $rows = $worksheet->pages()->with(['current', 'backdrop'])->get();
        $pages = array_values($rows->map(fn (WorksheetPage $row) => $row->current->page())->all());
        $printed = PrintedPages::of($pages);
        $weights = ($this->weigh)($rows);
        $checked = [];
        foreach ($rows->values() as $index => $row) {
            $checked[] = new CheckedPage(
                $index + 1,
                $pages[$index],
                $row->role,
                $row->anchor,
                PrintedQuestions::of($pages[$index], $printed->on($pages[$index])),
                $weights[$row->id],
            );
        }
        $findings = ReadyCheck::of(
            new CheckedSheet(
                $worksheet->name,
                $checked,
                $worksheet->sets()->count(),
                $this->ledTo($pages, $worksheet),
            ),
            $plan,
        );
        if ($plan === null) {
            $this->note($worksheet, $findings);
        }

        return $findings;
    }

    /**
     * @param  list<Page>  $pages
     * @return list<int> the worksheets of its teacher to which links of theirs lead
     */
    private function ledTo(array $pages, Worksheet $worksheet): array
    {
        $ids = [];
        foreach ($pages as $page) {
            foreach ($page->links() as $link) {
                $ids[] = $link->target->worksheetId();
            }
        }
        $ids = array_filter($ids);
        if ($ids === []) {
            return [];
        }
        $own = Worksheet::query()->shelved()->where('teacher_id', $worksheet->teacher_id);

        return array_values(array_map(intval(...), $own->whereKey($ids)->pluck('id')->all()));
    }

    /** @param  list<Finding>  $findings */
    private function note(Worksheet $worksheet, array $findings): void
    {
        $toMend = count(
            array_filter($findings, fn (Finding $finding): bool => $finding->severity !== Severity::Look),
        );
        Worksheet::withoutTimestamps(fn (): bool => $worksheet->update([
            'looked_at' => $worksheet->stateOfPages(),
            'to_mend' => $toMend,
        ]));
    }
}
