<?php

declare(strict_types=1);

namespace Tests\Core\Page;

use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tally;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

final class TallyTest extends TestCase
{
    public function test_boxes_and_cells_that_are_filled_in_are_places(): void
    {
        $table = new Table(
            't',
            Frame::of(10, 200, 200, 40),
            [0.5, 0.5],
            [1.0],
            [new TableCell('Day'), new TableCell('', true, ['Monday'])],
        );

        $this->assertEquals(
            new Tally(3, 0, 2, 3),
            $this->tally(
                new AnswerBox('a', Frame::of(10, 10, 80, 20), TextAnswer::short(), key: ['ebb']),
                new AnswerBox('b', Frame::of(10, 40, 80, 20)),
                new Label('l', Frame::of(10, 70, 80, 20), 'Read this'),
                $table,
            ),
        );
    }

    public function test_what_only_a_person_can_mark_cannot_be_keyed(): void
    {
        $this->assertEquals(
            new Tally(1, 0, 0, 0),
            $this->tally(new AnswerBox('a', Frame::of(10, 10, 80, 80), new DrawingAnswer)),
        );
    }

    public function test_all_parts_that_move_are_one_answer_with_one_key(): void
    {
        $tile = fn (string $id, bool $locked): Part => new Part(
            $id,
            Frame::of(10, 10, 40, 20),
            PartForm::Rectangle,
            locked: $locked,
        );
        $key = new ModelKey('{"a.1":[20,20]}', [ModelAspect::Spots], null);

        $this->assertEquals(new Tally(0, 2, 0, 1), $this->tally($tile('a', false), $tile('b', false)));
        $this->assertEquals(
            new Tally(0, 2, 1, 1),
            Tally::of($this->page($tile('a', false), $tile('b', false))->withKey($key)),
        );
        $this->assertEquals(new Tally(0, 1, 0, 0), $this->tally($tile('a', true)), 'what is fixed is no answer');

        $box = new AnswerBox('b', Frame::of(10, 60, 80, 20));
        $this->assertSame(2, $this->page($box, $tile('a', false), $tile('c', false))->placesCount());
        $this->assertSame(1, $this->page($box, $tile('a', true))->placesCount());
    }

    private function tally(Element ...$elements): Tally
    {
        return Tally::of($this->page(...$elements));
    }

    private function page(Element ...$elements): Page
    {
        return new Page(Size::of(600, 800), Colour::white(), null, array_values($elements));
    }
}
