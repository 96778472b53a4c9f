<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Blanks\Marks;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * A kind of file whose pages can be laid on worksheets as they are. A new kind is one class and its registration (see
 * AppServiceProvider); what has first to be made into such a file is a Conversion.
 *
 * All that takes time is bounded by the file's Deadline, and throws FileRefused where that, or the file, does not do.
 */
interface Source extends FileKind
{
    /** @param  string  $head  the first kilobyte of a file */
    public function takes(string $head): bool;

    /**
     * @return non-empty-list<SourcePage>
     *
     * @throws FileRefused
     */
    public function pages(string $path): array;

    /**
     * Each page is handed over as soon as its pictures are there, not always in order.
     *
     * @param  list<SourcePage>  $pages
     * @param  string  $folder  an empty folder to work in
     * @return iterable<DrawnPage>
     *
     * @throws FileRefused when a page cannot be drawn within the limits
     */
    public function draw(string $path, array $pages, string $folder): iterable;

    /**
     * @param  list<SourcePage>  $pages  all of the file's
     * @return list<PageText> one for each page
     *
     * @throws FileRefused
     */
    public function texts(string $path, array $pages): array;

    /**
     * @param  list<SourcePage>  $pages  all of the file's
     * @return list<Word> of one page, in the order in which they are read
     *
     * @throws FileRefused
     */
    public function words(string $path, array $pages, int $number): array;

    /**
     * What can be read on a page that is nothing but a picture; nothing on any other.
     *
     * @param  list<SourcePage>  $pages  all of the file's
     * @param  string  $language  in which it may be, as a language tag (BCP 47)
     * @param  Marks  $marks  what is drawn on it
     * @return list<TextLine> with their words, in the order of reading
     *
     * @throws FileRefused
     */
    public function seen(string $path, array $pages, int $number, string $language, Marks $marks): array;

    /**
     * What is drawn on some of the pages, and the form fields there.
     *
     * @param  list<SourcePage>  $pages  all of the file's
     * @param  non-empty-list<int>  $numbers
     * @return array<int, Marks> by page number
     *
     * @throws FileRefused
     */
    public function marks(string $path, array $pages, array $numbers): array;

    /**
     * @param  list<PageText>  $texts  of all pages
     * @return array<int, list<PrintedLink>> by page number, in the order of reading
     *
     * @throws FileRefused
     */
    public function links(string $path, array $texts): array;
}
