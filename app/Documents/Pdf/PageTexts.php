<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use DOMElement;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use XMLReader;

/** Reads the words of a PDF, in lines with their places on the page as displayed. */
final class PageTexts
{
    /** Coarse enough to be quick, fine enough that a thin line of print shows. */
    private const INK_DPI = 24;

    /** A page with no more words may hold nothing but its running head and its number. */
    private const FEW_WORDS = 20;

    /** Pages that say the same are a puzzle and its answer where they are so few; more are copies of one sheet. */
    private const COPIES = 4;

    /** To look at more of them takes too long: each is drawn. */
    private const MOST_LOOKED_AT = 16;

    /**
     * @param  list<SourcePage>  $pages
     * @return list<PageText> one for each page; ink is looked at where there are few words or none, or those of another
     *
     * @throws FileRefused
     */
    public function read(string $path, array $pages): array
    {
        $out = LimitedProcess::run(['pdftotext', '-bbox-layout', '-cropbox', $path, '-'])->getOutput();
        $lines = $this->lines($out, $pages);
        $said = array_map($this->said(...), $lines);
        $alike = array_filter(
            array_count_values($said),
            fn (int $count): bool => $count > 1 && $count <= self::COPIES,
        );
        $areFew = array_sum($alike) <= self::MOST_LOOKED_AT;
        $isLooked = fn (int $number): bool => $this->words($lines[$number] ?? []) <= self::FEW_WORDS ||
            ($areFew && isset($alike[$said[$number]]));

        return array_map(
            fn (SourcePage $page): PageText => new PageText(
                $page->number,
                $page->size,
                $lines[$page->number] ?? [],
                $isLooked($page->number) ? $this->ink($path, $page) : null,
            ),
            $pages,
        );
    }

    /**
     * What a page says, the numbers apart that stand by themselves: its own is one.
     *
     * @param  list<TextLine>  $lines
     */
    private function said(array $lines): string
    {
        $words = array_filter($lines, fn (TextLine $line): bool => preg_match('/^\W*\d+\W*$/u', $line->text) !== 1);

        return implode("\n", array_column($words, 'text'));
    }

    /**
     * Of some pages only; the others are as if nothing was on them.
     *
     * @param  list<SourcePage>  $pages  those of the file
     * @param  non-empty-list<int>  $numbers
     * @return list<PageText> one for each page of the file
     *
     * @throws FileRefused
     */
    public function some(string $path, array $pages, array $numbers): array
    {
        [$from, $to] = [min($numbers), max($numbers)];
        $out = LimitedProcess::run([
            'pdftotext',
            '-bbox-layout',
            '-cropbox',
            '-f',
            (string) $from,
            '-l',
            (string) $to,
            $path,
            '-',
        ])->getOutput();
        $lines = $this->lines($out, array_slice($pages, $from - 1, $to - $from + 1));

        return array_map(function (SourcePage $page) use ($path, $from, $lines, $numbers): PageText {
            $its = in_array($page->number, $numbers, true) ? $lines[$page->number - $from + 1] ?? [] : [];

            return new PageText(
                $page->number,
                $page->size,
                $its,
                in_array($page->number, $numbers, true) && $this->words($its) <= self::FEW_WORDS
                    ? $this->ink($path, $page)
                    : null,
            );
        }, $pages);
    }

    /**
     * The words of one page, in the order in which they are read.
     *
     * @param  list<SourcePage>  $pages  those of the file
     * @return list<Word>
     *
     * @throws FileRefused
     */
    public function wordsOf(string $path, array $pages, int $number): array
    {
        $out = LimitedProcess::run([
            'pdftotext',
            '-bbox-layout',
            '-cropbox',
            '-f',
            (string) $number,
            '-l',
            (string) $number,
            $path,
            '-',
        ])->getOutput();
        $lines = $this->lines($out, [$pages[$number - 1]])[1] ?? [];

        return array_merge([], ...array_map(fn (TextLine $line): array => $line->words, $lines));
    }

    /** @param  list<TextLine>  $lines */
    private function words(array $lines): int
    {
        return array_sum(array_map(fn (TextLine $line): int => $line->wordCount(), $lines));
    }

    /**
     * @param  list<SourcePage>  $pages
     * @return array<int, list<TextLine>> by page number
     */
    private function lines(string $html, array $pages): array
    {
        // What poppler writes is XHTML; control characters that a file smuggled in are not.
        $html = (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', '', mb_scrub($html));
        $reader = new XMLReader;
        if (
            $html === '' ||
            ! $reader->XML($html, 'UTF-8', LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING | LIBXML_PARSEHUGE)
        ) {
            return [];
        }
        $lines = [];
        $number = 0;
        while (@$reader->read()) {
            if ($reader->nodeType !== XMLReader::ELEMENT) {
                continue;
            }
            if ($reader->name === 'page') {
                $number++;
            } elseif ($reader->name === 'line') {
                $node = $reader->expand();
                $line = $node instanceof DOMElement ? $this->line($node, $pages[$number - 1]->userUnit ?? 1.0) : null;
                if ($line !== null) {
                    $lines[$number][] = $line;
                }
            }
        }

        return $lines;
    }

    private function line(DOMElement $line, float $unit): ?TextLine
    {
        $words = [];
        foreach ($line->getElementsByTagName('word') as $word) {
            $words[] = new Word($word->textContent, $this->frame($word, $unit));
        }
        $text = trim(Word::said($words));

        return $text === '' ? null : new TextLine($text, $this->frame($line, $unit), $words);
    }

    private function frame(DOMElement $element, float $unit): Frame
    {
        $at = fn (string $name): float => (float) $element->getAttribute($name) * $unit;

        return Frame::of(
            $at('xMin'),
            $at('yMin'),
            max(0, $at('xMax') - $at('xMin')),
            max(0, $at('yMax') - $at('yMin')),
        );
    }

    /** The share of a page's pixels that are not the colour of its paper. */
    private function ink(string $path, SourcePage $page): float
    {
        $picture = LimitedProcess::run([
            'pdftoppm',
            '-cropbox',
            '-gray',
            '-r',
            sprintf(
                '%.3F',
                min(
                    self::INK_DPI * $page->userUnit,
                    (self::INK_DPI * 2000) / max($page->size->width, $page->size->height),
                ),
            ),
            '-f',
            (string) $page->number,
            '-l',
            (string) $page->number,
            $path,
        ])->getOutput();
        // Binary PGM: "P5 width height 255" and a byte for each pixel.
        if (preg_match('/^P5\s+\d+\s+\d+\s+\d+\s/', $picture, $head) !== 1) {
            return 1.0;
        }
        $levels = count_chars(substr($picture, strlen($head[0])), 1);
        $paper = $levels === [] ? 0 : max($levels);

        return 1.0 - $paper / max(1, array_sum($levels));
    }
}
