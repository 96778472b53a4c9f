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
use OpenSlate\Paper\Size;
use Tests\Support\Scanner;
use Tests\Support\TcpdfSheet;
use Tests\TestCase;

/**
 * Blanks whose places are known, on sheets that Chromium laid out and measured (tests/blanks), and things that only
 * look like blanks. All of it is invented.
 *
 * @phpstan-type Truth array{kind: string, x: float, y: float, width: float, height: float}
 */
final class BlanksTest extends TestCase
{
    public function test_blanks_are_found_in_their_places_and_decoys_are_left(): void
    {
        $hit = $extra = $missed = 0;
        $wrong = $overlaps = $baselines = [];
        foreach ($this->sheets() as $name => $pages) {
            foreach ($this->find($name, count($pages)) as $number => $found) {
                foreach ($pages[$number - 1] as $true) {
                    $best = $this->best($true, $found);
                    if ($best === null) {
                        $missed++;
                        $wrong[] = "{$name}, page {$number}: no {$true['kind']} at {$true['x']}, {$true['y']}";

                        continue;
                    }
                    $hit++;
                    $this->assertSame($true['kind'], $found[$best]->kind->value, "{$name}, page {$number}");
                    $frame = Frame::of($true['x'], $true['y'], $true['width'], $true['height']);
                    $true['kind'] === 'line'
                        ? ($baselines[] = abs($found[$best]->frame->bottom() - $frame->bottom()))
                        : null;
                    in_array($true['kind'], ['box', 'cell'], true) &&
                        ($overlaps[] = $this->overlap($frame, $found[$best]->frame));
                    unset($found[$best]);
                }
                foreach ($found as $blank) {
                    $extra++;
                    $wrong[] =
                        "{$name}, page {$number}: {$blank->kind->value} at {$blank->frame->x}, ".
                        "{$blank->frame->y}";
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
                ['cell', 'August turn the racks, Tools', 1],
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
                        fn (array $true): float => $this->overlap($true['frame'], $blank->frame),
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
                        ? $this->overlap($frame, $blank->frame)
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
                foreach ($this->sheets()[$name][$number - 1] as $true) {
                    $best = $this->best(
                        $this->askew($true, deg2rad(Scanner::degrees($steps)), $pages[0]->size),
                        $found,
                    );
                    $best === null ? $missed++ : $hit++;
                    if ($best === null) {
                        $wrong[] = "{$name}, page {$number}: no {$true['kind']} at {$true['x']}, {$true['y']}";
                    } else {
                        unset($found[$best]);
                    }
                }
                $extra += count($found);
                foreach ($found as $blank) {
                    $at = "{$blank->frame->x}, {$blank->frame->y}";
                    $wrong[] = "{$name}, page {$number}: {$blank->kind->value} at {$at}";
                }
            }
        }

        $this->assertGreaterThan(40, $hit);
        $this->assertGreaterThanOrEqual(0.95, (2 * $hit) / (2 * $hit + $extra + $missed), implode("\n", $wrong));
    }

    /**
     * @param  Truth  $true
     * @return Truth where it is once the page is turned about its middle
     */
    private function askew(array $true, float $by, Size $size): array
    {
        $x = $true['x'] + $true['width'] / 2 - $size->width / 2;
        $y = $true['y'] + $true['height'] / 2 - $size->height / 2;

        return [
            'x' => $size->width / 2 + $x * cos($by) - $y * sin($by) - $true['width'] / 2,
            'y' => $size->height / 2 + $x * sin($by) + $y * cos($by) - $true['height'] / 2,
        ] + $true;
    }

    /** @return array<string, list<list<Truth>>> */
    private function sheets(): array
    {
        return json_decode(
            (string) file_get_contents(base_path('tests/blanks/truth.json')),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
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

    /**
     * @param  Truth  $true
     * @param  array<int, Blank>  $found
     */
    private function best(array $true, array $found): ?int
    {
        $frame = Frame::of($true['x'], $true['y'], $true['width'], $true['height']);
        $best = null;
        $most = 0.5;
        foreach ($found as $index => $blank) {
            // How high one may write above a line is a matter of taste; where the line is, is not.
            $flat = in_array($true['kind'], ['line', 'gap'], true);
            $like =
                $flat && abs($blank->frame->bottom() - $frame->bottom()) < 6
                    ? (min($frame->right(), $blank->frame->right()) - max($frame->x, $blank->frame->x)) /
                        (max($frame->right(), $blank->frame->right()) - min($frame->x, $blank->frame->x))
                    : ($flat
                        ? 0.0
                        : $this->overlap($frame, $blank->frame));
            if ($like >= $most) {
                [$best, $most] = [$index, $like];
            }
        }

        return $best;
    }

    private function overlap(Frame $a, Frame $b): float
    {
        $shared =
            max(0.0, min($a->right(), $b->right()) - max($a->x, $b->x)) *
            max(0.0, min($a->bottom(), $b->bottom()) - max($a->y, $b->y));

        return $shared / ($a->width * $a->height + $b->width * $b->height - $shared);
    }
}
