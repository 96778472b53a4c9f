<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Elements;

use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Blanks\Printed;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Elements\LayChoice;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** A choice over a region in which nothing is printed: places to be put in order by hand. */
final class LayChoiceTest extends TestCase
{
    public function test_four_places_stand_below_each_other_and_share_the_height(): void
    {
        [$box, $frames] = $this->laid(Frame::of(100, 200, 40, 160));
        $this->assertEquals(Frame::of(100, 200, 40, 160), $box->frame);
        $this->assertEquals(
            array_map(fn (int $n): Frame => Frame::of(100, 200 + 40 * $n, 40, 40), range(0, 3)),
            $frames,
        );
        $this->assertSame(['A', 'B', 'C', 'D'], array_column($this->options($box), 'words'));
    }

    public function test_in_a_wide_region_they_are_squares_at_its_left(): void
    {
        [$box, $frames] = $this->laid(Frame::of(50, 60, 300, 120));
        $this->assertEquals(Frame::of(50, 60, 30, 120), $box->frame);
        $this->assertEqualsWithDelta([30.0, 30.0], [$frames[3]->width, $frames[3]->height], 0.01);
    }

    public function test_in_a_low_region_they_stay_wide_enough_to_be_pressed(): void
    {
        [$box] = $this->laid(Frame::of(50, 60, 300, 20));
        $this->assertEqualsWithDelta([12.0, 20.0], [$box->frame->width, $box->frame->height], 0.01);
    }

    public function test_it_shows_no_edge_and_takes_one_answer_by_a_ring(): void
    {
        [$box] = $this->laid(Frame::of(50, 60, 40, 160));
        $this->assertFalse($box->outline);
        $this->assertInstanceOf(ChoiceAnswer::class, $box->form);
        $this->assertSame(['ring', false], [$box->form->mark->value, $box->form->many]);
    }

    public function test_off_the_paper_it_is_refused(): void
    {
        $this->expectException(EditRefused::class);
        $this->laid(Frame::of(580, 60, 40, 160));
    }

    /** @return array{AnswerBox, list<Frame>} the box, and where its places are on the page */
    private function laid(Frame $region): array
    {
        $page = new Page(Size::of(595, 842), Colour::white(), null, []);
        $box = (new LayChoice('c', $region, Printed::nothing()))->apply($page)->element('c');
        $this->assertInstanceOf(AnswerBox::class, $box);
        $place = fn (Option $option): Frame => Frame::of(
            $box->frame->x + $option->left * $box->frame->width,
            $box->frame->y + $option->top * $box->frame->height,
            $option->across * $box->frame->width,
            $option->down * $box->frame->height,
        );

        return [$box, array_map($place, $this->options($box))];
    }

    /** @return list<Option> */
    private function options(AnswerBox $box): array
    {
        $this->assertInstanceOf(ChoiceAnswer::class, $box->form);

        return $box->form->options;
    }
}
