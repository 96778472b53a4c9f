<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Ground;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\OrderSquares;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OrderSquaresTest extends TestCase
{
    /** @return array<string, array{string, bool}> */
    public static function tasks(): array
    {
        return [
            'from one to five' => ['Number the steps from 1 to 5.', true],
            'in words' => ['Order these events: write one to five in the squares.', true],
            'a range' => ['Rank them 1–5.', true],
            'in the right order' => ['Put these sentences into the correct order.', true],
            'what one stands for' => ['Which matters? 1 = most, 5 = least', true],
            'the order in which' => ['Show the order in which it happened with a number.', true],
            'a letter' => ['Match them. Write the letter of its meaning in the box.', true],
            'a letter, and a tick' => ['Tick the box and write the letter in the box.', false],
            'to be ticked' => ['Tick what you can see.', false],
            'to be ticked, with numbers told of' => ['Tick 1 to 3 of these.', false],
            'to be ticked in order' => ['Tick these in order.', false],
            'a number of things' => ['A number of boats are in. Which?', false],
            'nothing' => ['', false],
        ];
    }

    #[DataProvider('tasks')]
    public function test_squares_are_written_in_where_an_order_is_asked_for(string $task, bool $written): void
    {
        $kinds = $this->kinds([$this->line($task, 100)], $this->squares(3, 130));

        $this->assertSame(array_fill(0, 3, $written ? BlankKind::Box : BlankKind::Tick), $kinds);
    }

    public function test_two_squares_are_no_order(): void
    {
        $this->assertSame(
            [BlankKind::Tick, BlankKind::Tick],
            $this->kinds([$this->line('Number the steps from 1 to 2.', 100)], $this->squares(2, 130)),
        );
    }

    public function test_what_is_asked_of_the_squares_below_is_not_asked_of_these(): void
    {
        $lines = [$this->line('Number the steps from 1 to 3.', 100), $this->line('Tick what floats.', 190)];
        $squares = [...$this->squares(3, 120), ...$this->squares(3, 210)];

        $this->assertSame(
            [...array_fill(0, 3, BlankKind::Box), ...array_fill(0, 3, BlankKind::Tick)],
            $this->kinds($lines, $squares),
        );
        $this->assertSame(
            [...array_fill(0, 3, BlankKind::Tick), ...array_fill(0, 3, BlankKind::Box)],
            $this->kinds([$this->line('Tick what floats.', 100), $this->line('Put them in order.', 190)], $squares),
        );
    }

    public function test_a_task_of_two_lines_is_read_whole_and_one_far_above_is_not(): void
    {
        $long = [$this->line('Number what the keeper does on each', 90), $this->line('evening, from 1 to 3.', 105)];

        $this->assertSame(BlankKind::Box, $this->kinds($long, $this->squares(3, 130))[0]);
        $this->assertSame(BlankKind::Tick, $this->kinds($long, $this->squares(3, 167))[0]);
    }

    public function test_letters_are_written_also_in_what_goes_on_in_the_next_column(): void
    {
        $task = $this->line('Write the right letter in each box.', 100);
        $squares = [...$this->squares(2, 130), ...$this->squares(1, 40, 300)];

        $this->assertSame(array_fill(0, 3, BlankKind::Box), $this->kinds([$task], $squares));
        $this->assertSame(
            [BlankKind::Box, BlankKind::Box, BlankKind::Tick],
            $this->kinds([$task, $this->line('Tick it once it is done.', 20)], $squares),
        );
    }

    public function test_squares_of_other_columns_and_what_is_no_square_stay_as_they_are(): void
    {
        $task = [$this->line('Number the steps from 1 to 3.', 100)];
        $aside = $this->squares(2, 130, 200);
        $lines = [new Blank(BlankKind::Line, Frame::of(60, 140, 100, 14), 0.9)];

        $this->assertSame(
            [...array_fill(0, 3, BlankKind::Box), ...array_fill(0, 2, BlankKind::Tick), BlankKind::Line],
            $this->kinds($task, [...$this->squares(3, 130), ...$aside, ...$lines]),
        );
    }

    /**
     * @param  list<TextLine>  $lines
     * @param  list<Blank>  $blanks
     * @return list<BlankKind>
     */
    private function kinds(array $lines, array $blanks): array
    {
        $ground = new Ground(new Marks(Size::of(612, 792), lines: $lines));

        return array_column(OrderSquares::written($ground, $blanks), 'kind');
    }

    private function line(string $words, float $y): TextLine
    {
        return new TextLine($words, Frame::of(60, $y, 300, 12));
    }

    /** @return list<Blank> below each other */
    private function squares(int $count, float $y, float $x = 60): array
    {
        return array_map(
            fn (int $at): Blank => new Blank(BlankKind::Tick, Frame::of($x, $y + 22 * $at, 14, 14), 0.9),
            range(0, $count - 1),
        );
    }
}
