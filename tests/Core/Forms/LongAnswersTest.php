<?php

declare(strict_types=1);

namespace Tests\Core\Forms;

use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\Ruling;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Font;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Elements\TextFit;
use OpenSlate\Forms\LongAnswers;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** What was typed and has no room on paper. */
final class LongAnswersTest extends TestCase
{
    public function test_what_has_room_is_not_said_again(): void
    {
        $short = new AnswerBox('a', Frame::of(10, 10, 100, 18));
        $this->assertSame([], $this->long([$short], ['1.a' => 'low water']));
        $this->assertSame(['a'], $this->long([$short], ['1.a' => 'low water at nine in the morning']));
        $this->assertSame([], $this->long([$short], ['2.a' => 'low water at nine in the morning']), 'another page’s');
        $this->assertSame([], $this->long([$short], []));
    }

    public function test_a_low_box_holds_one_line_however_high_its_type(): void
    {
        $low = new AnswerBox('a', Frame::of(10, 10, 100, 11), size: 12);
        $this->assertSame([], $this->long([$low], ['1.a' => 'low water']));
    }

    public function test_lines_are_counted_by_their_pitch(): void
    {
        $words = implode(' ', array_fill(0, 12, 'water'));
        $free = new AnswerBox('b', Frame::of(10, 10, 120, 80), TextAnswer::lines(), size: 12);
        $this->assertSame([], $this->long([$free], ['1.b' => 'one line']));
        $this->assertSame([], $this->long([$free], ['1.b' => $words]));
        $this->assertSame(['b'], $this->long([$free], ['1.b' => "{$words} {$words}"]));
        // On printed lines that are far apart there are fewer.
        $ruled = new AnswerBox(
            'b',
            Frame::of(10, 10, 120, 80),
            TextAnswer::lines(ruling: new Ruling(30, 20)),
            size: 12,
        );
        $this->assertSame(['b'], $this->long([$ruled], ['1.b' => $words]));
    }

    public function test_type_gets_smaller_where_its_box_says_so_and_only_then_is_it_too_long(): void
    {
        $fixed = new AnswerBox('a', Frame::of(10, 10, 100, 18));
        $shrinking = new AnswerBox('a', Frame::of(10, 10, 100, 18), fit: TextFit::Shrink);
        $this->assertSame(1.0, LongAnswers::shrunk($fixed, 'low water at nine'));
        $this->assertSame(1.0, LongAnswers::shrunk($shrinking, 'low water'));
        $this->assertSame(0.9, LongAnswers::shrunk($shrinking, 'low water at nine'));
        $this->assertSame([], $this->long([$shrinking], ['1.a' => 'low water at nine']));
        $this->assertSame(0.4, LongAnswers::shrunk($shrinking, str_repeat('low water ', 20)));
        $this->assertSame(['a'], $this->long([$shrinking], ['1.a' => str_repeat('low water ', 20)]));
    }

    public function test_a_box_that_grows_grows_to_the_foot_of_the_page(): void
    {
        $high = new AnswerBox('a', Frame::of(10, 100, 100, 18), fit: TextFit::Grow);
        $low = new AnswerBox('a', Frame::of(10, 350, 100, 18), fit: TextFit::Grow);
        $words = implode(' ', array_fill(0, 20, 'water'));
        $this->assertSame([], $this->long([$high], ['1.a' => $words]));
        $this->assertSame(['a'], $this->long([$low], ['1.a' => $words]));
    }

    public function test_wide_type_has_less_room(): void
    {
        $in = fn (Font $font): AnswerBox => new AnswerBox('a', Frame::of(10, 10, 75, 18), font: $font);
        $this->assertSame([], $this->long([$in(Font::Hand)], ['1.a' => 'low water']));
        $this->assertSame(['a'], $this->long([$in(Font::Easy)], ['1.a' => 'low water']));
    }

    public function test_cells_and_boxes_of_organisers_and_passages_too_but_not_what_is_drawn(): void
    {
        $long = implode(' ', array_fill(0, 60, 'water'));
        $this->assertSame(
            ['t.1-2', 'o.1', 'p', 'n'],
            $this->long(
                [
                    new Table(
                        't',
                        Frame::of(10, 10, 200, 30),
                        [0.5, 0.5],
                        [1.0],
                        [new TableCell('High'), new TableCell('', fill: true)],
                    ),
                    new Organiser('o', Frame::of(10, 60, 300, 100), OrganiserShape::Steps, 3),
                    new AnswerBox('p', Frame::of(10, 180, 200, 40), PassageAnswer::of('the tide', 'The tide.')),
                    new AnswerBox('n', Frame::of(10, 230, 20, 18), new NumberAnswer()),
                    new AnswerBox('d', Frame::of(10, 260, 20, 18), new DrawingAnswer()),
                ],
                [
                    '1.t.1-2' => $long,
                    '1.o.1' => $long,
                    '1.o.2' => 'ebb',
                    '1.p' => $long,
                    '1.n' => '123456789',
                    '1.d' => $long,
                ],
            ),
        );
    }

    /**
     * @param  list<Element>  $elements
     * @param  array<string, string>  $texts
     * @return list<string>
     */
    private function long(array $elements, array $texts): array
    {
        return LongAnswers::on(new Page(Size::of(400, 400), Colour::white(), null, $elements), 1, $texts);
    }
}
