<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Copies\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Judging\Verdict;
use OpenSlate\Marking\Mark;
use OpenSlate\Marking\MarkedPlace;
use OpenSlate\Marking\Pile;
use OpenSlate\Marking\PlaceFrames;
use OpenSlate\Marking\Points;
use OpenSlate\Marking\Rekeyed;
use OpenSlate\Marking\Scheme;
use OpenSlate\Marking\Slip;
use OpenSlate\Marking\Slips;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

final class SlipsTest extends TestCase
{
    private static function place(?TextAnswer $form = null): MarkedPlace
    {
        return new MarkedPlace(new Place('1.a', $form ?? TextAnswer::short()), ['ebb'], Points::of(2));
    }

    private static function mark(Verdict $verdict, float $points = 0, bool $byHand = false): Mark
    {
        return new Mark($verdict, Points::of($points), '', $byHand);
    }

    /**
     * @param  list<Slip>  $slips
     * @return list<array{string, list<int>}>
     */
    private static function read(array $slips): array
    {
        return array_map(fn (Slip $slip): array => [$slip->answer, $slip->copies], $slips);
    }

    public function test_what_stands_on_paper_is_a_slip_for_each_as_nobody_knows_yet_what_is_alike(): void
    {
        $waits = self::mark(Verdict::Unjudged);
        $slips = Slips::of(self::place(), [1 => '', 2 => '', 3 => '', 4 => ''], array_fill_keys([1, 2, 3, 4], $waits), [
            2,
            3,
        ]);
        $this->assertSame([['', [1, 4]], ['', [2]], ['', [3]]], self::read($slips));
    }

    public function test_like_answers_that_are_marked_alike_are_one_slip_the_most_frequent_first(): void
    {
        $wrong = self::mark(Verdict::Wrong);
        $slips = Slips::of(
            self::place(),
            [1 => 'flood', 2 => 'Ebb.', 3 => 'ebb', 4 => 'Flood', 5 => 'flood', 6 => 'neap', 7 => 'ebb'],
            [1 => $wrong, 4 => $wrong, 5 => $wrong, 6 => $wrong] +
                array_fill_keys([2, 3, 7], self::mark(Verdict::Right, 2)),
        );

        $this->assertEqualsCanonicalizing(
            [['ebb', [2, 3, 7]], ['flood', [1, 4, 5]], ['neap', [6]]],
            self::read($slips),
        );
        $this->assertSame('neap', $slips[2]->answer);
        $this->assertSame('ebb', $slips[0]->likeness);
    }

    public function test_a_slip_that_was_taken_apart_stays_apart(): void
    {
        $key = self::mark(Verdict::Wrong);
        $read = fn (Mark $other): int => count(
            Slips::of(self::place(), [1 => 'x', 2 => 'x'], [1 => $key, 2 => $other]),
        );

        $this->assertSame(1, $read(self::mark(Verdict::Wrong)));
        $this->assertSame(2, $read(self::mark(Verdict::Part, 1)));
        $this->assertSame(2, $read(self::mark(Verdict::Wrong, 0, true)));
        $this->assertSame(2, $read(self::mark(Verdict::Wrong, 0.5)));
    }

    public function test_near_answers_lie_side_by_side(): void
    {
        $wait = self::mark(Verdict::Unjudged);
        $answers = [1 => 'estuary', 2 => 'estuary', 3 => 'harbour', 4 => 'mud', 5 => 'estury', 6 => 'habour'];
        $slips = Slips::of(self::place(), $answers, array_fill_keys(array_keys($answers), $wait));

        $this->assertSame(
            ['estuary', 'estury', 'habour', 'harbour', 'mud'],
            array_map(fn (Slip $slip): string => $slip->answer, $slips),
        );
    }

    public function test_many_different_answers_are_not_compared_and_none_is_lost(): void
    {
        $answers = array_map(fn (int $n): string => "answer {$n}", range(0, 199));
        $slips = Slips::of(self::place(), $answers, array_fill(0, 200, self::mark(Verdict::Unjudged)));

        $this->assertCount(200, $slips);
        $this->assertSame([], Slips::of(self::place(), [], []));
    }

    public function test_each_verdict_has_its_pile(): void
    {
        $this->assertSame(
            [Pile::Right, Pile::Part, Pile::Wrong, Pile::Look],
            array_map(Pile::of(...), Verdict::cases()),
        );
    }

    public function test_each_place_has_its_frame(): void
    {
        $page = new Page(Size::of(600, 400), Colour::white(), elements: [
            new AnswerBox('a', Frame::of(10, 10, 100, 20)),
            new Table(
                't',
                Frame::of(100, 200, 200, 100),
                [0.25, 0.75],
                [0.4, 0.6],
                [
                    new TableCell('head'),
                    new TableCell(fill: true),
                    new TableCell(fill: true),
                    new TableCell(fill: true),
                ],
            ),
            new Organiser('o', Frame::of(300, 20, 200, 100), OrganiserShape::Steps, 2),
        ]);
        $frames = PlaceFrames::of($page);

        $this->assertEquals(Frame::of(10, 10, 100, 20), $frames['a']);
        $this->assertEquals(Frame::of(150, 200, 150, 40), $frames['t.1-2']);
        $this->assertEquals(Frame::of(100, 240, 50, 60), $frames['t.2-1']);
        $this->assertEquals(Frame::of(150, 240, 150, 60), $frames['t.2-2']);
        $this->assertArrayNotHasKey('t.1-1', $frames);
        $this->assertSame(['o.1', 'o.2'], array_values(array_filter(
            array_map(strval(...), array_keys($frames)),
            fn (string $name): bool => str_starts_with($name, 'o'),
        )));
        foreach (['o.1', 'o.2'] as $box) {
            $this->assertTrue(Frame::of(300, 20, 200, 100)->contains($frames[$box]), $box);
        }
        $this->assertFalse($frames['o.1']->meets($frames['o.2']));
        $this->assertArrayNotHasKey('_parts', $frames);
    }

    public function test_the_key_of_the_present_page_counts_where_a_place_still_asks_the_same(): void
    {
        $page = fn (AnswerBox ...$boxes): Page => new Page(
            Size::of(600, 400),
            Colour::white(),
            elements: array_values($boxes),
        );
        $frame = Frame::of(10, 10, 100, 20);
        $frozen = $page(
            new AnswerBox('a', $frame, key: ['ebb']),
            new AnswerBox('b', $frame, new NumberAnswer('m'), key: ['12']),
            new AnswerBox('c', $frame, key: ['gone']),
        );
        $keys = fn (Page $present): array => array_map(
            fn (MarkedPlace $place): array => $place->key,
            Scheme::of([Rekeyed::page($frozen, $present)])->places(),
        );

        $this->assertSame(
            ['1.a' => ['flood'], '1.b' => ['13'], '1.c' => ['gone']],
            $keys($page(
                new AnswerBox('a', Frame::of(99, 99, 50, 50), key: ['flood']),
                new AnswerBox('b', $frame, new NumberAnswer('m'), key: ['13']),
                new AnswerBox('new', $frame, key: ['x']),
            )),
        );
        $this->assertSame(
            ['1.a' => ['ebb'], '1.b' => ['12'], '1.c' => ['gone']],
            $keys($page(
                new AnswerBox('a', $frame, TextAnswer::lines(), key: ['flood']),
                new AnswerBox('b', $frame, new NumberAnswer('km'), key: ['13']),
            )),
        );
        $this->assertSame(['1.b' => ['12'], '1.c' => ['gone']], $keys($page(new AnswerBox('a', $frame))));
    }

    public function test_a_scheme_is_another_where_answers_may_earn_something_else(): void
    {
        $print = fn (AnswerBox $box): string => Scheme::of([
            new Page(Size::of(600, 400), Colour::white(), elements: [$box]),
        ])->fingerprint();
        $frame = Frame::of(10, 10, 100, 20);
        $one = $print(new AnswerBox('a', $frame, key: ['ebb'], points: 1.0));

        $this->assertSame(
            $one,
            $print(new AnswerBox('a', Frame::of(9, 9, 9, 9), key: ['ebb'], points: 1.0, prompt: 'x')),
        );
        $this->assertNotSame($one, $print(new AnswerBox('a', $frame, key: ['ebb'], points: 2.0)));
        $this->assertNotSame($one, $print(new AnswerBox('a', $frame, key: ['ebbs'], points: 1.0)));
        $this->assertNotSame($one, $print(new AnswerBox('a', $frame, TextAnswer::lines(), key: ['ebb'], points: 1.0)));
    }
}
