<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Assembly\Model;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Work;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Judging\Misspelt;
use OpenSlate\Judging\Strictness;
use OpenSlate\Judging\Verdict;
use OpenSlate\Marking\ItemFigures;
use OpenSlate\Marking\KeyMarking;
use OpenSlate\Marking\Mark;
use OpenSlate\Marking\Marks;
use OpenSlate\Marking\Points;
use OpenSlate\Marking\Scheme;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

final class MarkingTest extends TestCase
{
    private static function frame(): Frame
    {
        return Frame::of(10, 10, 100, 20);
    }

    private static function page(Element ...$elements): Page
    {
        return new Page(Size::of(600, 400), Colour::white(), elements: array_values($elements));
    }

    /** @param  array<string, string>  $answers */
    private static function work(array $answers): Work
    {
        return Work::none()->save(new Draft(0, 'window', $answers))->work;
    }

    /**
     * @param  array<string, string>  $answers
     * @return array<string, array{string, float}> verdict and points, by place
     */
    private static function marked(Scheme $scheme, array $answers): array
    {
        return array_map(
            fn (Mark $mark): array => [$mark->verdict->value, $mark->points->number()],
            (new KeyMarking($scheme))->of(self::work($answers))->all(),
        );
    }

    public function test_places_with_points_are_marked_and_else_those_with_a_key(): void
    {
        $keyed = new AnswerBox('a', self::frame(), key: ['ebb']);
        $name = new AnswerBox('b', self::frame());
        $worth = new AnswerBox('c', self::frame(), points: 2.0, key: ['flood']);
        $drawn = new AnswerBox(
            'd',
            self::frame(),
            DrawingAnswer::start(\OpenSlate\Answers\AnswerKind::Drawing),
            points: 3.0,
        );

        $this->assertSame(['1.a'], array_keys(Scheme::of([self::page($keyed, $name)])->places()));
        $this->assertSame(1.0, Scheme::of([self::page($keyed, $name)])->total()->number());
        $scheme = Scheme::of([self::page($keyed, $name), self::page($worth, $drawn)]);
        $this->assertSame(['2.c', '2.d'], array_keys($scheme->places()));
        $this->assertSame(5.0, $scheme->total()->number());
        $this->assertSame([], Scheme::of([self::page($name)])->places());
    }

    public function test_what_no_key_can_judge_waits_unless_it_is_empty(): void
    {
        $scheme = Scheme::of([self::page(
            new AnswerBox('a', self::frame(), TextAnswer::lines(), points: 2.0),
            new AnswerBox('b', self::frame(), points: 1.0, key: ['harbour']),
        )]);

        $this->assertSame(
            ['1.a' => ['unjudged', 0.0], '1.b' => ['unjudged', 0.0]],
            self::marked($scheme, ['1.a' => 'Because.', '1.b' => 'habour']),
        );
        $marks = (new KeyMarking($scheme))->of(self::work([]));
        $this->assertSame(0, $marks->waiting());
        $this->assertSame('left empty', $marks->find('1.a')?->why);
        $this->assertSame(2, (new KeyMarking($scheme))->of(self::work(['1.a' => 'x', '1.b' => 'habour']))->waiting());
    }

    public function test_each_cell_of_a_table_counts_and_has_its_strictness(): void
    {
        $table = new Table(
            't',
            self::frame(),
            [0.5, 0.5],
            [1.0],
            [new TableCell(fill: true, key: ['Tide']), new TableCell(fill: true, key: ['4'])],
            points: 1.5,
            strictness: new Strictness([\OpenSlate\Judging\TextAspect::Capitals], Misspelt::Half),
        );
        $scheme = Scheme::of([self::page($table)]);

        $this->assertSame(
            ['1.t.1-1' => ['wrong', 0.0], '1.t.1-2' => ['right', 1.5]],
            self::marked($scheme, ['1.t.1-1' => 'tide', '1.t.1-2' => 'four']),
        );
        $this->assertSame(['part', 0.75], self::marked($scheme, ['1.t.1-1' => 'Tidee'])['1.t.1-1']);
    }

    public function test_of_several_choices_each_right_one_earns_and_each_other_costs(): void
    {
        $options = array_map(
            fn (string $id): Option => new Option($id, $id, 0, 0, 0.1, 0.1),
            ['a', 'b', 'c', 'd'],
        );
        $many = new AnswerBox('m', self::frame(), ChoiceAnswer::of($options, true), points: 2.0, key: ['a', 'c']);
        $one = new AnswerBox('o', self::frame(), ChoiceAnswer::of($options), points: 1.0, key: ['a', 'b']);
        $scheme = Scheme::of([self::page($many, $one)]);
        $marked = fn (string $m, string $o): array => array_values(self::marked($scheme, ['1.m' => $m, '1.o' => $o]));

        $this->assertSame([['right', 2.0], ['right', 1.0]], $marked('a,c', 'b'));
        $this->assertSame([['part', 1.0], ['wrong', 0.0]], $marked('a', 'c'));
        $this->assertSame([['part', 1.0], ['right', 1.0]], $marked('a,b,c', 'a'));
        $this->assertSame([['wrong', 0.0], ['wrong', 0.0]], $marked('a,b,c,d', ''));
        $this->assertSame([['wrong', 0.0], ['wrong', 0.0]], $marked('b', ''));
    }

    public function test_ticks_of_one_question_that_are_all_left_empty_earn_nothing(): void
    {
        $tick = fn (string $id, string $key): AnswerBox => new AnswerBox(
            $id,
            self::frame(),
            new TickAnswer,
            key: [$key],
        );
        $scheme = Scheme::of([self::page($tick('a', 'yes'), $tick('b', 'no'), $tick('c', 'no'))]);
        $points = fn (array $answers): float => array_sum(array_column(self::marked($scheme, $answers), 1));

        $this->assertSame(3.0, $points(['1.a' => 'yes']));
        $this->assertSame(1.0, $points(['1.b' => 'yes']));
        $this->assertSame(0.0, (float) $points([]));
        $none = Scheme::of([self::page($tick('a', 'no'), $tick('b', 'no'))]);
        $this->assertSame(['right', 'right'], array_column(self::marked($none, []), 0));
    }

    public function test_a_model_earns_what_its_aspects_say(): void
    {
        $page = self::page(
            new Spot('row', Frame::of(20, 300, 400, 28), name: 'the row', settle: Settle::Row),
            new Part('a', Frame::of(500, 10, 20, 10), text: 'a'),
            new Part('b', Frame::of(500, 30, 20, 10), text: 'b'),
            new Part('c', Frame::of(500, 50, 20, 10), text: 'c'),
        );
        $at = fn (array $placed): string => json_encode($placed, JSON_THROW_ON_ERROR);
        $right = $at(['a.1' => [40, 310, '@row'], 'b.1' => [80, 310, '@row']]);
        $scheme = Scheme::of([$page->withKey(new ModelKey($right, [ModelAspect::Spots], 4.0))]);

        $this->assertSame(['right', 4.0], self::marked($scheme, ['1._parts' => $right])['1._parts']);
        $half = $at(['a.1' => [40, 310, '@row'], 'b.1' => [80, 100]]);
        $this->assertSame(['part', 2.0], self::marked($scheme, ['1._parts' => $half])['1._parts']);
        $more = $at(['a.1' => [40, 310, '@row'], 'b.1' => [80, 310, '@row'], 'c.1' => [120, 310, '@row']]);
        $this->assertSame('part', self::marked($scheme, ['1._parts' => $more])['1._parts'][0]);
        $this->assertEqualsWithDelta(
            4.0 * 2 / 3,
            self::marked($scheme, ['1._parts' => $more])['1._parts'][1],
            0.01,
            'of two that are right and one too many two in three are',
        );
        $this->assertSame(['wrong', 0.0], self::marked($scheme, [])['1._parts']);
        $this->assertNotSame([], Model::parse($right)->placed);
    }

    public function test_a_teachers_mark_stays_whatever_the_key_says(): void
    {
        $scheme = fn (string $key): Scheme => Scheme::of([self::page(
            new AnswerBox('a', self::frame(), points: 2.0, key: [$key]),
            new AnswerBox('b', self::frame(), new NumberAnswer('m'), points: 1.0, key: ['5']),
        )]);
        $work = self::work(['1.a' => 'ebb', '1.b' => '500 cm']);
        $hand = new Marks(
            [
                '1.a' => Mark::byHand(Points::of(0.5), Points::of(2.0)),
                '2.gone' => Mark::byHand(Points::of(1), Points::of(1)),
            ],
        );

        $this->assertSame(3.0, (new KeyMarking($scheme('ebb')))->of($work)->total()->number());
        $marks = (new KeyMarking($scheme('ebb')))->of($work)->under($hand);
        $this->assertSame(1.5, $marks->total()->number());
        $this->assertSame(Verdict::Part, $marks->find('1.a')?->verdict);
        $this->assertSame(['1.a', '1.b'], array_keys($marks->all()), 'a place that is gone earns nothing');
        $this->assertSame(1.5, (new KeyMarking($scheme('flood')))->of($work)->under($hand)->total()->number());
    }

    public function test_a_hands_verdict_follows_from_its_points(): void
    {
        $verdict = fn (float $points): Verdict => Mark::byHand(Points::of($points), Points::of(2))->verdict;

        $this->assertSame(Verdict::Wrong, $verdict(0));
        $this->assertSame(Verdict::Part, $verdict(0.25));
        $this->assertSame(Verdict::Right, $verdict(2));
        $this->assertSame(Verdict::Right, $verdict(2.5));
    }

    public function test_marks_are_kept_as_they_are(): void
    {
        $marks = new Marks([
            '1.a' => Mark::byHand(Points::of(0.25), Points::of(2)),
            '1.t.1-2' => new Mark(Verdict::Unjudged, Points::none(), '“ebb”, misspelt', false),
        ]);

        $this->assertEquals($marks, Marks::fromJson($marks->toJson()));
        $this->assertEquals(Marks::none(), Marks::fromJson(Marks::none()->toJson()));
    }

    public function test_points_are_exact_and_rounded_only_where_they_are_shown(): void
    {
        $third = Points::of(1)->share(1, 3);

        $this->assertSame(3333, $third->tenThousandths);
        $this->assertSame('0.33', $third->words());
        $this->assertSame('1', $third->plus($third)->plus($third)->words());
        $this->assertSame('0.25', Points::read('0,25')?->words());
        $this->assertSame('2.5 points', Points::read(' 2.5 ')?->named());
        $this->assertSame('1 point', Points::of(1)->named());
        foreach (['', '-1', 'x', '1.', '1.23456', '1001', '1e3', '½'] as $text) {
            $this->assertNull(Points::read($text), $text);
        }
        $sum = Points::none();
        for ($n = 0; $n < 1000; $n++) {
            $sum = $sum->plus(Points::of(0.1));
        }
        $this->assertSame(1_000_000, $sum->tenThousandths);
    }

    public function test_figures_of_a_question(): void
    {
        $figures = ItemFigures::of([2.0, 1.0, 0.0, 1.0], [9.0, 6.0, 3.0, 6.0], 2.0);

        $this->assertSame(0.5, $figures->facility);
        $this->assertEqualsWithDelta(1.0, (float) $figures->discrimination, 1e-12);
        $against = ItemFigures::of([0.0, 0.0, 1.0], [5.0, 3.0, 1.0], 1.0)->discrimination;
        $this->assertEqualsWithDelta(-0.8660254, (float) $against, 1e-6);
    }
}
