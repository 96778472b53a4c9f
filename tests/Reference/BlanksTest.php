<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\Pdf\FormFields;
use App\Documents\Pdf\PageMarks;
use App\Documents\Pdf\PageTexts;
use App\Documents\Pdf\PdfReader;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\Counted;
use OpenSlate\Answers\Limit;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Length;
use Tests\Support\MeasuredPage;
use Tests\Support\Scanner;
use Tests\Support\TcpdfSheet;
use Tests\TestCase;

/**
 * Blanks whose places are known, on sheets that Chromium laid out and measured (tests/blanks), and things that only
 * look like blanks. All of it is invented.
 *
 * @phpstan-import-type Truth from MeasuredPage
 */
final class BlanksTest extends TestCase
{
    public function test_blanks_are_found_in_their_places_and_decoys_are_left(): void
    {
        $hit = $extra = $missed = 0;
        $wrong = $overlaps = $baselines = [];
        foreach ($this->sheets() as $name => $pages) {
            foreach ($this->find($name, count($pages)) as $number => $found) {
                [$right, $lost, $taken] = $pages[$number - 1]->against($found);
                [$hit, $missed, $extra] = [$hit + count($right), $missed + count($lost), $extra + count($taken)];
                array_push($wrong, ...$this->said("{$name}, page {$number}", $lost, $taken));
                foreach ($right as [$true, $blank]) {
                    $this->assertSame($true['kind'], $blank->kind->value, "{$name}, page {$number}");
                    $frame = Frame::of($true['x'], $true['y'], $true['width'], $true['height']);
                    $true['kind'] === 'line' ? ($baselines[] = abs($blank->frame->bottom() - $frame->bottom())) : null;
                    in_array($true['kind'], ['box', 'cell'], true) &&
                        ($overlaps[] = MeasuredPage::overlap($frame, $blank->frame));
                }
            }
        }

        $this->assertGreaterThan(80, $hit);
        $this->assertGreaterThanOrEqual(0.95, (2 * $hit) / (2 * $hit + $extra + $missed), implode("\n", $wrong));
        $this->assertLessThanOrEqual(1, count(preg_grep('/^decoys/', $wrong) ?: []), implode("\n", $wrong));
        $this->assertGreaterThanOrEqual(0.8, array_sum($overlaps) / max(1, count($overlaps)));
        $this->assertLessThanOrEqual(1.5, max([0.0, ...$baselines]));
    }

    /**
     * Laid out by LibreOffice Writer from tests/blanks/writer.fodt (soffice --convert-to pdf). Where things begin and
     * end across the page is what the file says: margins of 2 cm, tab stops at 9 and 17 cm, columns of 3, 6 and 6 cm.
     */
    public function test_they_are_found_on_a_page_of_a_word_processor(): void
    {
        $found = $this->find('writer', 1)[1];
        $said = array_map(
            fn (Blank $blank): array => [$blank->kind->value, $blank->label, $blank->count],
            $found,
        );
        $this->assertSame(
            [
                ['gap', 'Name:', 1],
                ['gap', 'Date:', 1],
                ['gap', '1. An oyster opens its', 1],
                ['gap', 'to feed, and closes it when the', 1],
                ['gap', '2. What do gulls do with oysters?', 1],
                ['lines', '3. Why are the beds marked with poles?', 4],
                ['cell', 'March, Work', 1],
                ['cell', 'March, Tools', 1],
                ['cell', 'August, Tools', 1],
                ['box', '5. Draw an oyster.', 1],
            ],
            $said,
        );
        $cm = fn (float $centimetres): float => Length::fromMillimetres(10 * $centimetres);
        foreach (
            [
                0 => [null, 11],
                1 => [null, 19],
                4 => [null, 17],
                5 => [2, 19],
                6 => [5, 11],
                7 => [11, 17],
                8 => [11, 17],
                9 => [2, 19],
            ] as $at => [$from, $to]
        ) {
            $from === null ||
                $this->assertEqualsWithDelta($cm($from), $found[$at]->frame->x, 1.5, $said[$at][1]);
            $this->assertEqualsWithDelta($cm($to), $found[$at]->frame->right(), 2.0, $said[$at][1]);
        }
    }

    public function test_form_fields_of_another_program_come_with_what_they_take(): void
    {
        $sheet = (new TcpdfSheet())
            ->field('name', 100, 60, 200, 20)
            ->area('why', 100, 100, 300, 60, 120)
            ->combo('wind', 100, 180, 90, 20, ['north', 'east', 'south'])
            ->checkbox('jacket', 100, 220, 12)
            ->radio('tide', 100, 260, 12, ['ebb', 'flood', 'slack']);
        $found = app(FormFields::class)->read($sheet->path())[1];

        $this->assertCount(5, $found);
        $forms = [];
        foreach ($found as $blank) {
            $forms[$blank->label] = $blank->form;
            $this->assertGreaterThan(
                0.97,
                max(
                    array_map(
                        fn (array $true): float => MeasuredPage::overlap($true['frame'], $blank->frame),
                        $sheet->truth,
                    ),
                ),
                $blank->label,
            );
        }
        $this->assertNull($forms['name']);
        $this->assertEquals(TextAnswer::lines(Limit::of(Counted::Characters, null, 120)), $forms['why']);
        $this->assertEquals(ListAnswer::of(['north', 'east', 'south']), $forms['wind']);
        $this->assertEquals(new TickAnswer(), $forms['jacket']);
        $this->assertInstanceOf(ChoiceAnswer::class, $forms['tide']);
        $this->assertSame(
            ['ebb', 'flood', 'slack'],
            array_map(fn (Option $option): string => $option->words, $forms['tide']->options),
        );
        $this->assertFalse($forms['tide']->many);
    }

    public function test_they_are_found_whatever_draws_the_pdf(): void
    {
        // TCPDF strokes its lines and cells, dots them, rounds corners and writes form fields; Chromium fills
        // rectangles.
        $sheet = (new TcpdfSheet())
            ->words('Name', 50, 50)
            ->line(90, 62, 200)
            ->words('1. Why is the sea salt?', 50, 90)
            ->lines(50, 130, 480, 3, 25)
            ->words('2. Draw it.', 50, 200)
            ->box(50, 220, 300, 80)
            ->box(380, 220, 150, 80, 12)
            ->tick(50, 330, false, 'yes')
            ->tick(150, 330, true, 'no')
            ->table(50, 370, 120, 26, [['Boat', 'Crew', 'Cargo'], ['Heron', '', ''], ['Marigold', '4', '']])
            ->words('3. Say more.', 50, 470)
            ->lines(50, 510, 480, 4, 22, dotted: true)
            ->words('Sign here', 50, 620)
            ->field('sign', 120, 616, 200, 20)
            ->chart(50, 660);
        $path = $sheet->path();
        $pages = app(PdfReader::class)->pages($path);
        $found = BlankFinder::find(
            app(PageMarks::class)->read($path, $pages, app(PageTexts::class)->read($path, $pages), [1])[1],
        );

        $this->assertEqualsCanonicalizing(
            array_column($sheet->truth, 'kind'),
            array_map(fn (Blank $blank): string => $blank->kind->value, $found),
        );
        foreach ($sheet->truth as ['kind' => $kind, 'frame' => $frame]) {
            $best = max(
                array_map(
                    fn (Blank $blank): float => $blank->kind->value === $kind
                        ? MeasuredPage::overlap($frame, $blank->frame)
                        : 0.0,
                    $found,
                ),
            );
            $this->assertGreaterThan(0.9, $best, "{$kind} at {$frame->x}, {$frame->y}");
        }
    }

    public function test_they_are_found_on_scans_too(): void
    {
        $hit = $extra = $missed = 0;
        $wrong = [];
        foreach (
            [
                'lines' => [1, 2],
                'tables' => [1],
                'boxes' => [2],
                'mixed' => [1],
                'landscape' => [1],
                'decoys' => [1, 3, 9],
            ] as $name => $numbers
        ) {
            foreach ($numbers as $number) {
                $steps = [0, 2, -3, 5, -5][($number + strlen($name)) % 5];
                $scan = Scanner::scan(base_path("tests/blanks/{$name}.pdf"), $number, $steps, $number);
                $pages = app(PdfReader::class)->pages($scan);
                $found = BlankFinder::find(
                    app(PageMarks::class)->read($scan, $pages, app(PageTexts::class)->read($scan, $pages), [
                        1,
                    ])[1],
                );
                $by = deg2rad(Scanner::degrees($steps));
                $page = $this->sheets()[$name][$number - 1]->turned($by, $pages[0]->size);
                [$right, $lost, $taken] = $page->against($found);
                [$hit, $missed, $extra] = [$hit + count($right), $missed + count($lost), $extra + count($taken)];
                array_push($wrong, ...$this->said("{$name}, page {$number}", $lost, $taken));
            }
        }

        $this->assertGreaterThan(40, $hit);
        $this->assertGreaterThanOrEqual(0.95, (2 * $hit) / (2 * $hit + $extra + $missed), implode("\n", $wrong));
    }

    /** @return array<string, list<MeasuredPage>> */
    private function sheets(): array
    {
        $sheets = json_decode(
            (string) file_get_contents(base_path('tests/blanks/truth.json')),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $pages = [];
        foreach ($sheets as $name => $sheet) {
            $pages[$name] = array_map(fn (array $blanks): MeasuredPage => new MeasuredPage('', $name, $blanks), $sheet);
        }

        return $pages;
    }

    /**
     * @param  list<Truth>  $lost
     * @param  list<Blank>  $taken
     * @return list<string>
     */
    private function said(string $page, array $lost, array $taken): array
    {
        return [
            ...array_map(fn (array $one): string => "{$page}: no {$one['kind']} at {$one['x']}, {$one['y']}", $lost),
            ...array_map(
                fn (Blank $one): string => "{$page}: {$one->kind->value} at {$one->frame->x}, {$one->frame->y}",
                $taken,
            ),
        ];
    }

    /** @return array<int, list<Blank>> */
    private function find(string $name, int $count): array
    {
        $path = base_path("tests/blanks/{$name}.pdf");
        $pages = app(PdfReader::class)->pages($path);

        return array_map(
            BlankFinder::find(...),
            app(PageMarks::class)->read(
                $path,
                $pages,
                app(PageTexts::class)->read($path, $pages),
                range(1, $count),
            ),
        );
    }
}
