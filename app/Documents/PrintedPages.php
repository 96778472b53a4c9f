<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Backdrop;
use Illuminate\Support\Collection;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageFile;
use OpenSlate\Page\ShownWords;
use OpenSlate\Text\PrintedText;
use OpenSlate\Text\TextLine;

/** The printed words of some pages, as those who have the pages can read them. */
final readonly class PrintedPages
{
    /** @param  Collection<string, Backdrop>  $printed */
    private function __construct(private Collection $printed)
    {
    }

    /** @param  list<Page>  $pages */
    public static function of(array $pages): self
    {
        $files = array_merge([], ...array_map(PageFile::of(...), $pages));
        $printed = Backdrop::query()
            ->whereIn('source', array_unique(array_map(fn (PageFile $file): string => $file->sha256, $files)))
            ->whereIn('page', array_unique(array_map(fn (PageFile $file): int => $file->page, $files)))
            ->get(['source', 'page', 'width', 'height', 'lines'])
            ->keyBy(fn (Backdrop $backdrop): string => "{$backdrop->source} {$backdrop->page}");

        return new self($printed);
    }

    /**
     * @param  Page  $page  as whoever reads it has it
     * @return list<TextLine>
     */
    public function on(Page $page): array
    {
        return ShownWords::on(
            $page,
            fn (string $source, int $number): ?PrintedText => $this->printed->get("{$source} {$number}")?->text(),
        );
    }
}
