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

/**
 * Reads the words of a PDF, in lines with their places on the page as displayed. Ink is the share of a page that is not
 * paper, 0 to 1; the inner ink is that without what is beside the sheet.
 *
 * @phpstan-type Inks array{whole: float, inner: float}
 */
final class PageTexts
{
    /** Coarse enough to be quick, fine enough that a thin line of print shows. */
    private const INK_DPI = 24;

    /** Of a page that may be a picture so much may be what a scanner sees beside the sheet, as a share of its sides. */
    private const EDGE = 0.03;

    /** A level next to those of the paper is its grain where it has more pixels than this share of the most. */
    private const GRAIN = 0.02;

    /** A page with no more words may hold nothing but its running head and its number. */
    private const FEW_WORDS = 20;

    /** Pages that say the same are a puzzle and its answer where they are so few; more are copies of one sheet. */
    private const COPIES = 4;

    /** To look at more of them takes too long: each is drawn. */
    private const MOST_LOOKED_AT = 16;

    /** No run of a program draws more pages, so that what it says stays within limits. */
    private const MOST_IN_A_RUN = 40;

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
        $isLooked = fn (SourcePage $page): bool => $this->words($lines[$page->number] ?? []) <= self::FEW_WORDS ||
            ($areFew && isset($alike[$said[$page->number]]));
        $inks = $this->inks($path, array_filter($pages, $isLooked));

        return $this->texts($pages, $lines, $inks);
    }

    /**
     * @param  list<SourcePage>  $pages
     * @param  array<int, list<TextLine>>  $lines  by page number
     * @param  array<int, Inks>  $inks  likewise
     * @return list<PageText> one for each page
     */
    private function texts(array $pages, array $lines, array $inks): array
    {
        return array_map(function (SourcePage $page) use ($lines, $inks): PageText {
            $said = $lines[$page->number] ?? [];
            // What says nothing may be a picture that was scanned.
            $ink = $inks[$page->number][$said === [] ? 'inner' : 'whole'] ?? null;

            return new PageText($page->number, $page->size, $said, $ink);
        }, $pages);
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
        $some = array_filter($pages, fn (SourcePage $page): bool => in_array($page->number, $numbers, true));
        $read = $this->lines($out, array_slice($pages, $from - 1, $to - $from + 1));
        $lines = [];
        foreach ($some as $page) {
            $lines[$page->number] = $read[$page->number - $from + 1] ?? [];
        }
        $inks = $this->inks(
            $path,
            array_filter($some, fn (SourcePage $page): bool => $this->words($lines[$page->number]) <= self::FEW_WORDS),
        );

        return $this->texts($pages, $lines, $inks);
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

    /**
     * The share of each page's pixels that are not the colour of its paper. Pages that follow each other are drawn by
     * one run of a program, whose start takes four times as long as a page.
     *
     * @param  array<SourcePage>  $pages  in order
     * @return array<int, Inks> by page number
     *
     * @throws FileRefused
     */
    private function inks(string $path, array $pages): array
    {
        $runs = [];
        foreach ($pages as $page) {
            $dpi = sprintf(
                '%.3F',
                min(
                    self::INK_DPI * $page->userUnit,
                    (self::INK_DPI * 2000) / max($page->size->width, $page->size->height),
                ),
            );
            $last = array_key_last($runs);
            if (
                $last !== null &&
                [$runs[$last]['to'] + 1, $runs[$last]['dpi']] === [$page->number, $dpi] &&
                $page->number - $runs[$last]['from'] < self::MOST_IN_A_RUN
            ) {
                $runs[$last]['to'] = $page->number;
            } else {
                $runs[] = ['from' => $page->number, 'to' => $page->number, 'dpi' => $dpi];
            }
        }
        $inks = [];
        foreach ($runs as ['from' => $from, 'to' => $to, 'dpi' => $dpi]) {
            $inks += $this->inksOf($path, $from, $to, $dpi);
        }

        return $inks;
    }

    /**
     * @return array<int, Inks> by page number
     *
     * @throws FileRefused
     */
    private function inksOf(string $path, int $from, int $to, string $dpi): array
    {
        $drawn = LimitedProcess::run([
            'pdftoppm',
            '-cropbox',
            '-gray',
            '-r',
            $dpi,
            '-f',
            (string) $from,
            '-l',
            (string) $to,
            $path,
        ])->getOutput();
        $inks = [];
        // Binary PGM, one behind the other: "P5 width height 255" and a byte for each pixel.
        for ($at = 0; preg_match('/\GP5\s+(\d+)\s+(\d+)\s+\d+\s/', $drawn, $head, 0, $at) === 1; $at += $pixels) {
            $at += strlen($head[0]);
            $pixels = (int) $head[1] * (int) $head[2];
            $inks[] = self::inked(substr($drawn, $at, $pixels), (int) $head[1], (int) $head[2]);
        }
        $numbers = range($from, $to);
        if (count($inks) === count($numbers)) {
            return array_combine($numbers, $inks);
        }

        // One that cannot be drawn leaves a gap, nobody knows where; alone, it counts as full of ink.
        return $from === $to
            ? [$from => ['whole' => 1.0, 'inner' => 1.0]]
            : array_replace(
                ...array_map(fn (int $number): array => $this->inksOf($path, $number, $number, $dpi), $numbers),
            );
    }

    /**
     * @param  string  $levels  of its pixels, row by row
     * @return Inks
     */
    private static function inked(string $levels, int $width, int $height): array
    {
        $paper = self::paper($levels);
        $map = '';
        for ($level = 0; $level < 256; $level++) {
            $map .= isset($paper[$level]) ? '0' : '1';
        }
        $inked = strtr($levels, implode('', array_map(chr(...), range(0, 255))), $map);
        $rows = self::trimmed($width > 0 ? str_split($inked, $width) : [], (int) ceil(self::EDGE * $height));
        $column = fn (int $x): string => implode('', array_map(fn (string $row): string => $row[$x], $rows));
        $inner = $rows;
        if ($width > 0 && str_contains($column(0).$column($width - 1), '1')) {
            $inner = self::trimmed(array_map($column, range(0, $width - 1)), (int) ceil(self::EDGE * $width));
        }
        $ink = fn (string $of): float => substr_count($of, '1') / max(1, strlen($of));

        return ['whole' => $ink($inked), 'inner' => $ink(implode('', $inner))];
    }

    /**
     * Without what has ink from the edge on: a frame that is printed does not begin there.
     *
     * @param  list<string>  $lines  rows or columns
     * @param  int  $most  how many are taken away at each end
     * @return list<string>
     */
    private static function trimmed(array $lines, int $most): array
    {
        foreach (['first', 'last'] as $_) {
            $from = 0;
            while ($from < $most && str_contains($lines[$from] ?? '', '1')) {
                $from++;
            }
            $lines = array_reverse(array_slice($lines, $from));
        }

        return $lines;
    }

    /** @return array<int, int> how many pixels have each level of paper: as light as most are, or of its grain */
    private static function paper(string $pixels): array
    {
        $levels = count_chars($pixels, 1);
        $most = $levels === [] ? 0 : max($levels);
        $lightest = (int) array_search($most, $levels, true);
        $paper = [$lightest => $most];
        foreach ([-1, 1] as $step) {
            for ($level = $lightest + $step; ($levels[$level] ?? 0) > self::GRAIN * $most; $level += $step) {
                $paper[$level] = $levels[$level];
            }
        }

        return $paper;
    }
}
