<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Backdrop;
use App\Models\Edition;
use Illuminate\Support\Collection;
use OpenSlate\Blanks\PrintedQuestions;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageFile;
use OpenSlate\Page\ShownWords;
use OpenSlate\Text\PrintedText;
use OpenSlate\Text\TextLine;

/** The printed words of the pages of an edition, as those who are handed it can read them. */
final readonly class EditionWords
{
    /** @param  Collection<string, Backdrop>  $printed */
    private function __construct(private Collection $printed)
    {
    }

    public static function of(Edition $edition): self
    {
        $files = array_merge([], ...array_map(PageFile::of(...), $edition->frozenPages()));
        $printed = Backdrop::query()
            ->whereIn('source', array_unique(array_map(fn (PageFile $file): string => $file->sha256, $files)))
            ->whereIn('page', array_unique(array_map(fn (PageFile $file): int => $file->page, $files)))
            ->get(['source', 'page', 'width', 'height', 'lines'])
            ->keyBy(fn (Backdrop $backdrop): string => "{$backdrop->source} {$backdrop->page}");

        return new self($printed);
    }

    /**
     * @param  Page  $page  as students have it
     * @return list<TextLine>
     */
    public function on(Page $page): array
    {
        return ShownWords::on(
            $page,
            fn (string $source, int $number): ?PrintedText => $this->printed->get("{$source} {$number}")?->text(),
        );
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
