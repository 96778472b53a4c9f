<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\ShippedKits;
use App\ShippedSymbols;
use App\View\PartDrawing;
use OpenSlate\Elements\Course;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use PHPUnit\Framework\TestCase;

/** Symbols that ship, and how connectors run. */
final class SymbolsTest extends TestCase
{
    public function test_there_are_a_dozen_for_circuits_and_some_for_flow_charts_each_with_a_name_of_its_own(): void
    {
        $groups = ShippedSymbols::groups();
        $this->assertGreaterThanOrEqual(12, count($groups['Circuit']));
        $this->assertGreaterThanOrEqual(5, count($groups['Flow chart']));
        $all = array_merge(...array_values($groups));
        foreach (['name', 'drawing'] as $own) {
            $this->assertCount(count($all), array_unique(array_column($all, $own)));
        }
    }

    public function test_a_line_of_a_circuit_reaches_its_terminals(): void
    {
        foreach (ShippedSymbols::groups()['Circuit'] as $symbol) {
            foreach ($symbol->joints as $joint) {
                [$x, $y] = [100 * $joint->x, 100 * $joint->y];
                $this->assertMatchesRegularExpression(
                    $x === 0.0 ? "/M{$x} {$y}H/" : "/H{$x}(Z|M|$)/",
                    $symbol->drawing,
                    $symbol->name,
                );
            }
        }
    }

    public function test_what_the_kits_draw_is_what_ships(): void
    {
        $drawings = array_column(array_merge(...array_values(ShippedSymbols::groups())), 'drawing');
        foreach (['circuit' => 9, 'flow-chart' => 4] as $kit => $count) {
            $symbols = array_filter(
                ShippedKits::find($kit)?->elements() ?? [],
                fn ($one): bool => $one instanceof Part && $one->form === PartForm::Symbol,
            );
            $this->assertCount($count, $symbols);
            $this->assertSame([], array_diff(array_column($symbols, 'drawing'), $drawings));
        }
    }

    public function test_a_connector_is_drawn_as_the_script_draws_it(): void
    {
        $cases = json_decode(
            (string) file_get_contents(dirname(__DIR__).'/scripts/connector-line.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $this->assertIsArray($cases);
        $this->assertNotSame([], $cases);
        foreach ($cases as ['course' => $course, 'ends' => $ends, 'drawn' => $drawn]) {
            $this->assertSame($drawn, PartDrawing::line(Course::from($course), $ends));
        }
    }
}
