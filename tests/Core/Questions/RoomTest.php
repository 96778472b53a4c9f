<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\Room;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

final class RoomTest extends TestCase
{
    public function test_each_printed_line_is_a_place_to_write(): void
    {
        $lines = fn (int $count): int => $this->room(
            ...array_map(fn (int $at): Rule => new Rule(true, 200 + 26 * $at, 60, 500), range(1, $count)),
        );

        $this->assertSame([2, 5, 12], array_map($lines, [2, 5, 12]));
        $this->assertSame(0, $this->room());
    }

    public function test_a_frame_that_takes_much_of_the_page_is_as_good_as_several(): void
    {
        // 15 % of A4 is 200 by 376 points.
        $this->assertSame(1, $this->room(...$this->frame(200, 360)));
        $this->assertSame(3, $this->room(...$this->frame(200, 390)));
        $this->assertSame(3, $this->room(...$this->frame(400, 390)));
    }

    public function test_cells_that_take_much_of_it_together_are_so_too(): void
    {
        $cells = fn (float $width): int => $this->room(
            ...$this->frame($width, 200),
            ...array_map(
                fn (Rule $rule): Rule => new Rule($rule->level, $rule->at + ($rule->level ? 0 : $width), ...(
                    $rule->level ? [$rule->from + $width, $rule->to + $width] : [$rule->from, $rule->to]
                )),
                $this->frame($width, 200),
            ),
        );
        $this->assertSame([2, 3], [$cells(150), $cells(210)]);
    }

    public function test_of_statements_with_true_and_false_each_is_a_place(): void
    {
        $sheet = (new PrintedSheet())->grid(60, 100, [160, 50, 50], [24, 24, 24, 24]);
        foreach (['True', 'False'] as $at => $head) {
            $sheet->words($head, 222 + 50 * $at, 105);
        }
        foreach ([1, 2, 3] as $row) {
            $sheet->words("Crabs swim {$row}", 66, 105 + 24 * $row);
        }
        $this->assertSame(3, Room::on($sheet->marks()));
    }

    private function room(Rule ...$rules): int
    {
        return Room::on(new Marks(Size::of(595, 842), array_values($rules)));
    }

    /** @return list<Rule> */
    private function frame(float $width, float $height): array
    {
        return [
            new Rule(true, 200, 80, 80 + $width),
            new Rule(true, 200 + $height, 80, 80 + $width),
            new Rule(false, 80, 200, 200 + $height),
            new Rule(false, 80 + $width, 200, 200 + $height),
        ];
    }
}
