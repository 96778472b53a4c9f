<?php

declare(strict_types=1);

namespace App\View;

use App\Documents\PrintedPages;
use App\Models\Edition;
use OpenSlate\Blanks\PrintedQuestions;
use OpenSlate\Page\Page;
use OpenSlate\Text\TextLine;

/** The printed words of the pages of an edition, as those who are handed it can read them. */
final readonly class EditionWords
{
    private function __construct(private PrintedPages $printed)
    {
    }

    public static function of(Edition $edition): self
    {
        return new self(PrintedPages::of($edition->frozenPages()));
    }

    /**
     * @param  Page  $page  as students have it
     * @return list<TextLine>
     */
    public function on(Page $page): array
    {
        return $this->printed->on($page);
    }

    /**
     * What is asked at places of which the teacher says nothing.
     *
     * @param  list<TextLine>  $lines  what can be read on the page
     * @return array<string, string> by the place's name on the page
     */
    public function asked(Page $page, array $lines): array
    {
        return PrintedQuestions::of($page, $lines);
    }
}
