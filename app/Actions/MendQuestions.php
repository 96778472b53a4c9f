<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Arrange\ArrangementRefused;
use OpenSlate\Questions\MendedQuestions;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionsRefused;

/** Takes a teacher's word for which questions the print of a page has, and where; undone as what is done to pages. */
final class MendQuestions
{
    public function __construct(private Rearrange $rearrange)
    {
    }

    /**
     * @param  list<Question>|null  $marked  as they show on the page; null for those that were found
     *
     * @throws StaleArrangement|ArrangementRefused|QuestionsRefused
     */
    public function __invoke(Worksheet $worksheet, int $base, int $id, ?array $marked): void
    {
        $questions = $marked === null ? null : $this->printed($worksheet, $id, $marked);

        ($this->rearrange)(
            $worksheet,
            $base,
            fn (Arrangement $is): Arrangement => $is->asked($id, $questions),
        );
    }

    /**
     * @param  list<Question>  $marked
     * @return list<Question> on the printed page
     */
    private function printed(Worksheet $worksheet, int $id, array $marked): array
    {
        $row = $worksheet->pages()->with(['current', 'backdrop'])->find($id);
        $page = $row instanceof WorksheetPage ? $row->current->page() : throw ArrangementRefused::missing();
        $size = $row->backdrop?->size();
        $laid = $page->backdrop;
        if ($size === null || $laid === null) {
            throw ArrangementRefused::notPrinted($row->number());
        }

        return MendedQuestions::of(
            array_map(
                fn (Question $one): Question => $one->at($laid->printed($one->frame, $size, $page->frame())),
                $marked,
            ),
            $size,
        );
    }
}
