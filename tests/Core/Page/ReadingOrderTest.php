<?php

declare(strict_types=1);

namespace Tests\Core\Page;

use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Patch;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\ReadingOrder;
use OpenSlate\Page\Tags;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

final class ReadingOrderTest extends TestCase
{
    public function test_rows_go_from_the_top_and_each_from_the_left(): void
    {
        $this->assertSame(
            'a b c d',
            $this->order([
                'd' => [300, 200, 50, 18],
                'c' => [50, 201, 50, 18],
                'b' => [300, 98, 50, 18],
                'a' => [50, 100, 50, 18],
            ]),
        );
    }

    public function test_boxes_laid_by_hand_a_little_off_are_still_one_row(): void
    {
        $this->assertSame(
            'a b c',
            $this->order(['a' => [50, 105, 60, 18], 'b' => [150, 100, 60, 18], 'c' => [250, 108, 60, 18]]),
        );
    }

    public function test_a_tall_box_beside_a_column_does_not_pull_the_column_into_one_row(): void
    {
        $this->assertSame(
            'tall a b c',
            $this->order([
                'tall' => [50, 100, 100, 200],
                'a' => [200, 100, 60, 18],
                'b' => [200, 150, 60, 18],
                'c' => [200, 200, 60, 18],
            ]),
        );
    }

    public function test_a_table_is_read_across(): void
    {
        $cells = [];
        foreach ([0, 1, 2] as $row) {
            foreach ([0, 1, 2] as $column) {
                $cells["r{$row}c{$column}"] = [50 + 100 * $column, 100 + 20 * $row, 98, 18];
            }
        }
        $this->assertSame('r0c0 r0c1 r0c2 r1c0 r1c1 r1c2 r2c0 r2c1 r2c2', $this->order(array_reverse($cells)));
    }

    public function test_the_order_does_not_depend_on_the_order_of_laying(): void
    {
        $frames = [
            'a' => [50, 100, 60, 18],
            'b' => [150, 103, 60, 40],
            'c' => [50, 130, 60, 18],
            'd' => [150, 150, 60, 18],
            'e' => [50, 170, 200, 90],
        ];
        $first = $this->order($frames);
        mt_srand(7);
        foreach (range(1, 20) as $n) {
            $keys = array_keys($frames);
            shuffle($keys);
            $this->assertSame(
                $first,
                $this->order(array_combine($keys, array_map(fn (string $key): array => $frames[$key], $keys))),
            );
        }
    }

    public function test_tags_number_each_kind_by_itself_in_reading_order(): void
    {
        $page = new Page(Size::of(612, 792), Colour::white(), null, [
            new AnswerBox('low', Frame::of(50, 300, 50, 18)),
            new Patch('cover', Frame::of(50, 200, 50, 18)),
            new AnswerBox('high', Frame::of(50, 100, 50, 18)),
            new Label('words', Frame::of(50, 20, 50, 18)),
        ]);

        $this->assertSame(['words' => 'L1', 'high' => 'A1', 'cover' => 'P1', 'low' => 'A2'], Tags::of($page));
        $this->assertSame(['high', 'low'], array_map(fn (AnswerBox $box): string => $box->id, $page->answerBoxes()));
    }

    /** @param  array<string, array{float, float, float, float}>  $frames */
    private function order(array $frames): string
    {
        $elements = array_map(
            fn (string $id, array $frame): Element => new Patch($id, Frame::of(...$frame)),
            array_keys($frames),
            $frames,
        );

        return implode(' ', array_map(fn (Element $element): string => $element->id(), ReadingOrder::of($elements)));
    }
}
