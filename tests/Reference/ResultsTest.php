<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\ResultsFile;
use OpenSlate\Marking\ItemFigures;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Figures of questions against simple-statistics 7.12.1, and spreadsheets as exceljs 4.4.0 reads them. */
final class ResultsTest extends TestCase
{
    /** @var list<list<string|float|null>> */
    private const ROWS = [
        ['Student', 'Points', '=1+1'],
        ['Ada, "the" Quill', 9.5, null],
        [" Ben\nLund ", 0.0, '+44 20'],
        ['@Cleo', -1.25, '-5'],
        ["Dé & <b> 'x'", 0.3333, ''],
    ];

    public function test_discrimination_is_the_correlation_that_a_library_finds(): void
    {
        mt_srand(6);
        $asked = [];
        for ($n = 0; $n < 60; $n++) {
            $count = mt_rand(3, 30);
            $item = array_map(fn (): float => (float) mt_rand(0, $n % 2 === 0 ? 1 : 4), range(1, $count));
            $item[0] = 0.0;
            $item[1] = 1.0;
            $asked[] = [$item, array_map(fn (float $one): float => $one * 3 + mt_rand(0, 8), $item)];
        }
        $theirs = $this->library(['items' => $asked])['items'];
        foreach ($asked as $at => [$item, $totals]) {
            $figures = ItemFigures::of($item, $totals, 4.0);
            $this->assertEqualsWithDelta($theirs[$at], $figures->discrimination, 1e-9);
            $this->assertEqualsWithDelta(array_sum($item) / count($item) / 4, $figures->facility, 1e-12);
        }
    }

    /**
     * r = (M₁ − M₀) / sₙ · √(n₁·n₀ / n²), as statistics textbooks define the point-biserial coefficient (from memory).
     */
    public function test_of_right_and_wrong_it_is_the_point_biserial_coefficient(): void
    {
        $right = [1.0, 1.0, 0.0, 1.0, 0.0, 0.0, 1.0, 1.0, 0.0, 1.0];
        $totals = [9.0, 8.0, 4.0, 7.0, 5.0, 3.0, 6.0, 10.0, 6.0, 8.0];
        $of = fn (float $value): array => array_values(array_intersect_key(
            $totals,
            array_filter($right, fn (float $one): bool => $one === $value),
        ));
        $mean = fn (array $all): float => array_sum($all) / count($all);
        $spread = sqrt($mean(array_map(fn (float $one): float => ($one - $mean($totals)) ** 2, $totals)));
        $expected = ($mean($of(1.0)) - $mean($of(0.0))) / $spread * sqrt(6 * 4 / 100);

        $this->assertEqualsWithDelta($expected, ItemFigures::of($right, $totals, 1.0)->discrimination, 1e-12);
        $this->assertSame(0.6, ItemFigures::of($right, $totals, 1.0)->facility);
    }

    public function test_where_all_earned_the_same_it_says_nothing(): void
    {
        $this->assertNull(ItemFigures::of([1.0, 1.0], [3.0, 5.0], 1.0)->discrimination);
        $this->assertNull(ItemFigures::of([0.0, 1.0], [5.0, 5.0], 1.0)->discrimination);
        $this->assertNull(ItemFigures::of([0.1 + 0.2, 0.3], [5.0, 6.0], 1.0)->discrimination);
        $this->assertNull(ItemFigures::of([1.0], [5.0], 1.0)->discrimination);
        $this->assertNull(ItemFigures::of([], [], 1.0)->facility);
        $this->assertSame(1.0, ItemFigures::of([1.0], [5.0], 1.0)->facility);
    }

    public function test_a_spreadsheet_has_text_for_text_and_numbers_for_numbers(): void
    {
        $path = tempnam(sys_get_temp_dir(), 'xlsx');
        $wide = array_map(fn (int $n): float => (float) $n, range(1, 60));
        file_put_contents($path, ResultsFile::xlsx('Tides: [1/2] '.str_repeat('x', 40), [...self::ROWS, $wide]));
        $read = json_decode((new Process(['node', __DIR__.'/xlsx.mjs', $path]))->mustRun()->getOutput(), true);
        unlink($path);

        $this->assertSame('Tides   1 2  xxxxxxxxxxxxxxxxxx', $read['name']);
        foreach ([...self::ROWS, $wide] as $at => $row) {
            foreach ($row as $column => $value) {
                $this->assertEquals($value === '' ? null : $value, $read['rows'][$at][$column] ?? null);
            }
        }
        $this->assertSame(0, $read['formulas']);
    }

    /** Read back by PHP's own reader of RFC 4180. */
    public function test_csv_is_read_back_as_it_was_and_nothing_in_it_is_a_formula(): void
    {
        $csv = ResultsFile::csv(self::ROWS);
        $this->assertStringStartsWith("\u{feff}Student,Points,'=1+1\r\n", $csv);
        $file = fopen('php://memory', 'r+');
        fwrite($file, substr($csv, 3));
        rewind($file);
        foreach (self::ROWS as $row) {
            $read = fgetcsv($file, escape: '');
            foreach ($row as $column => $value) {
                $isFormula = is_string($value) && preg_match('/^[=+\-@]/', $value) === 1;
                $this->assertSame($isFormula ? "'{$value}" : (string) $value, $read[$column]);
            }
        }
        $this->assertStringContainsString(',-1.25,', $csv, 'a number may be less than nothing');
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return array<string, list<float>>
     */
    private function library(array $asked): array
    {
        $process = new Process(['node', __DIR__.'/marking.mjs']);

        return json_decode($process->setInput(json_encode($asked))->mustRun()->getOutput(), true);
    }
}
