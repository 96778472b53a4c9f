<?php

declare(strict_types=1);

namespace Tests\Core\Elements;

use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\Spot;
use OpenSlate\Geometry\Frame;
use PHPUnit\Framework\TestCase;

/** What things are like while nobody has said otherwise, and what is the same of them once they were changed. */
final class LooksTest extends TestCase
{
    public function test_a_box_shows_its_edge_and_the_print_below_it_and_need_not_be_filled_in(): void
    {
        $box = new AnswerBox('a', Frame::of(0, 0, 100, 20), prompt: 'Name');
        $this->assertSame(
            [true, false, false, false, false, null],
            [$box->outline, $box->cover, $box->needed, $box->printed, $box->locked, $box->points],
        );
        $this->assertSame('Name', $box->shownPrompt());
    }

    public function test_a_link_is_on_and_shows_no_edge_and_a_spot_shows_one(): void
    {
        $link = new Link('l', Frame::of(0, 0, 100, 20), LinkTarget::of('https://harbour.example'));
        $this->assertSame(
            [true, false, false, false],
            [$link->on, $link->outline, $link->printed, $link->locked],
        );
        $spot = new Spot('s', Frame::of(0, 0, 50, 50));
        $this->assertSame([true, false, false, false], [$spot->outline, $spot->large, $spot->dashed, $spot->titled]);
    }

    public function test_plain_things_are_neither_bold_nor_dashed_nor_locked(): void
    {
        $frame = Frame::of(0, 0, 100, 20);
        $label = new Label('l', $frame, 'Tides');
        $part = new Part('p', $frame);
        $this->assertSame([false, false, false], [$label->bold, $label->highlight, $label->locked]);
        $this->assertSame([false, false, false, false], [$part->bold, $part->dashed, $part->own, $part->locked]);
        $this->assertFalse((new Shape('s', $frame))->dashed);
        $this->assertFalse((new Patch('t', $frame))->locked);
    }

    public function test_a_prompt_that_is_printed_is_said_and_not_shown_until_there_is_another(): void
    {
        $box = new AnswerBox('a', Frame::of(0, 0, 100, 20), prompt: 'Name', printed: true);
        $this->assertSame('', $box->shownPrompt());
        $this->assertSame('Your name', $box->asking('Your name')->shownPrompt());
    }

    public function test_a_passage_is_keyed_by_its_right_text_and_nothing_else(): void
    {
        $passage = PassageAnswer::of('the gul flies', 'The gull flies.', false);
        $box = new AnswerBox('a', Frame::of(0, 0, 100, 20), $passage, key: ['another']);
        $this->assertSame(['a' => ['The gull flies.']], $box->keys());
        $this->assertSame([], (new AnswerBox('b', Frame::of(0, 0, 100, 20)))->keys());
    }

    public function test_what_is_changed_of_a_thing_leaves_all_else_of_it(): void
    {
        $part = new Part('p', Frame::of(10, 20, 30, 40), text: 'gull', stock: 3, own: true, group: 'g');
        $changed = $part->locked(true)->framed(Frame::of(0, 0, 5, 5))->identified('q')->grouped(null);
        $this->assertEquals(
            new Part('q', Frame::of(0, 0, 5, 5), text: 'gull', stock: 3, own: true, locked: true),
            $changed,
        );
    }
}
