<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\LimitedProcess;
use App\Documents\Pdf\PageMarks;
use App\Documents\Pdf\PageTexts;
use App\Documents\Pdf\PdfReader;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;
use OpenSlate\Geometry\Frame;
use OpenSlate\Questions\TableChoices;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\MeasuredPage;
use Tests\Support\Scanner;
use Tests\TestCase;

/**
 * What blank finders miss or wrongly take, each kind of trouble by itself, on pages that Chromium laid out and measured
 * (tests/blanks/classes.mjs): as it wrote them, as cairo writes them anew, and scanned. Of the
 * pages of "held" it was looked how many blanks of a kind were found while the finder was made, and not at which.
 */
final class BlankKindsTest extends TestCase
{
    /** How much of each is found and right, against what is missed and what is found wrongly: F1, 0 to 1. */
    #[DataProvider('ways')]
    public function test_each_kind_of_trouble_is_mastered(string $set, string $way, float $least, int $decoys): void
    {
        [$right, $missed, $wrong] = [[], [], []];
        foreach ($this->found($set, $way) as [$page, $found]) {
            [$hits, $lost, $taken] = $page->against($found);
            $right[$page->kind] = ($right[$page->kind] ?? 0) + count($hits);
            $missed[$page->kind] = ($missed[$page->kind] ?? 0) + count($lost);
            $wrong[$page->kind] = ($wrong[$page->kind] ?? 0) + count($taken);
        }
        $said = implode(
            "\n",
            array_map(
                fn (
                    string $kind,
                ): string => "{$kind}: {$right[$kind]} right, {$missed[$kind]} missed, {$wrong[$kind]} wrong",
                array_keys($right),
            ),
        );
        $hits = array_sum($right);

        $this->assertGreaterThan(100, $hits);
        $this->assertGreaterThanOrEqual(
            $least,
            (2 * $hits) / (2 * $hits + array_sum($missed) + array_sum($wrong)),
            $said,
        );
        $this->assertLessThanOrEqual($decoys, ($wrong['decoys'] ?? 0) + ($wrong['left alone'] ?? 0), $said);
    }

    /** @return array<string, array{string, string, float, int}> */
    public static function ways(): array
    {
        return [
            'worked on, by Chromium' => ['open', 'chromium', 0.99, 0],
            'worked on, by cairo' => ['open', 'cairo', 0.99, 0],
            'held back, by Chromium' => ['held', 'chromium', 0.97, 2],
            'held back, scanned' => ['held', 'scan', 0.92, 3],
        ];
    }

    /**
     * Pages of other programs (pdfTeX; LibreOffice, from a document of a word processor). What is to be filled in was
     * read off them by eye.
     */
    public function test_pages_of_other_programs_are_read_as_well(): void
    {
        [$right, $missed, $wrong] = $this->others('as they are');

        $this->assertGreaterThan(180, $right);
        $this->assertSame(0, $wrong);
        $this->assertLessThanOrEqual(1, $missed); // A line whose pointer goes on straight into a drawing.
    }

    public function test_scans_of_them_are_read_nearly_as_well(): void
    {
        [$right, $missed, $wrong] = $this->others('scan');

        $this->assertGreaterThanOrEqual(0.93, (2 * $right) / (2 * $right + $missed + $wrong));
    }

    /** @return array{int, int, int} how many are found, missed, and wrong */
    private function others(string $way): array
    {
        $sets = [
            'typeset-tides',
            'typeset-light',
            'typeset-numbers',
            'typeset-floating',
            'written-rivers',
            'written-letters',
            'typeset-sea',
            'written-coast',
            'styled-weather',
            'styled-sheets',
            'plotted-limpet',
            'slides-crew',
        ];
        $counts = [0, 0, 0];
        foreach ($sets as $set) {
            foreach ($this->found($set, $way) as [$page, $found]) {
                foreach ($page->against($found) as $at => $some) {
                    $counts[$at] += count($some);
                }
            }
        }

        return $counts;
    }

    /** @return iterable<array{MeasuredPage, list<Blank>}> */
    private function found(string $set, string $way): iterable
    {
        $path = base_path("tests/blanks/classes/{$set}.pdf");
        if ($way === 'cairo') {
            $again = tempnam(sys_get_temp_dir(), 'again');
            LimitedProcess::run(['pdftocairo', '-pdf', $path, $again]);
            $path = $again;
        }
        $truth = MeasuredPage::of($set);
        if ($way !== 'scan') {
            foreach ($this->read($path, count($truth)) as $number => $found) {
                yield [$truth[$number - 1], $found];
            }

            return;
        }
        foreach ($truth as $at => $page) {
            $steps = [0, 2, -3, 5, -5][(7 * $at) % 5];
            $scan = Scanner::scan($path, $at + 1, $steps, $at);
            $size = app(PdfReader::class)->pages($scan)[0]->size;

            yield [$page->turned(deg2rad(Scanner::degrees($steps)), $size), $this->read($scan, 1)[1]];
        }
    }

    /** @return array<int, list<Blank>> by the number of the page */
    private function read(string $path, int $count): array
    {
        $pages = app(PdfReader::class)->pages($path);
        $texts = app(PageTexts::class)->read($path, $pages);

        return array_map(
            fn (Marks $marks): array => [...BlankFinder::find($marks), ...$this->cells(TableChoices::find($marks))],
            app(PageMarks::class)->read($path, $pages, $texts, range(1, $count)),
        );
    }

    /**
     * The cells of which one in each row is ticked.
     *
     * @param  list<Blank>  $choices
     * @return list<Blank>
     */
    private function cells(array $choices): array
    {
        $cells = [];
        foreach ($choices as $choice) {
            $whole = $choice->frame;
            foreach ($choice->form instanceof ChoiceAnswer ? $choice->form->options : [] as $option) {
                $cells[] = new Blank(BlankKind::Cell, Frame::of(
                    $whole->x + $option->left * $whole->width,
                    $whole->y + $option->top * $whole->height,
                    $option->across * $whole->width,
                    $option->down * $whole->height,
                ), $choice->confidence);
            }
        }

        return $cells;
    }
}
