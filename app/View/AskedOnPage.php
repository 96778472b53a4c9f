<?php

declare(strict_types=1);

namespace App\View;

use App\Models\WorksheetPage;
use OpenSlate\Page\Page;
use OpenSlate\Questions\Question;

/** The questions of a page's print, where they show on it. */
final readonly class AskedOnPage
{
    /** @param  list<Question>  $questions  in page coordinates */
    private function __construct(public Page $content, public array $questions, public bool $areMended)
    {
    }

    public static function of(WorksheetPage $row): self
    {
        $page = $row->current->page();
        $size = $row->backdrop?->size();

        return new self(
            $page,
            $size === null || $page->backdrop === null
                ? []
                : array_map(
                    fn (Question $one): Question => $one->at(
                        $page->backdrop->shown($one->frame, $size, $page->frame()),
                    ),
                    $row->questions(),
                ),
            $row->own_questions !== null,
        );
    }

    /** @return list<Question> without those that are parts of others */
    public function whole(): array
    {
        return array_values(array_filter($this->questions, fn (Question $one): bool => $one->of === null));
    }

    /** @return list<array<string, mixed>> as scripts take them, and send them back */
    public function forScripts(): array
    {
        return array_map(
            fn (Question $one): array => [
                'number' => $one->number,
                'x' => round($one->frame->x, 2),
                'y' => round($one->frame->y, 2),
                'width' => round($one->frame->width, 2),
                'height' => round($one->frame->height, 2),
                'goes_on' => $one->goesOn,
            ],
            $this->questions,
        );
    }
}
