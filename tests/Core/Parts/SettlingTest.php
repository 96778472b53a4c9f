<?php

declare(strict_types=1);

namespace Tests\Core\Parts;

use OpenSlate\Assembly\End;
use OpenSlate\Assembly\Hold;
use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Assembly\Placed;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Lay;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Parts\Held;
use OpenSlate\Parts\Scene;
use OpenSlate\Parts\Seats;
use OpenSlate\Parts\Settled;
use OpenSlate\Parts\Settling;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SettlingTest extends TestCase
{
    private static function scene(Part|Spot ...$elements): Scene
    {
        return new Scene(
            new Page(
                Size::of(600, 400),
                Colour::white(),
                elements: array_values($elements),
                tray: new Tray(TraySide::Right, 150),
            ),
        );
    }

    private static function tile(
        string $id,
        float $x = 620,
        float $y = 20,
        string $text = '',
        int $stock = 1,
        Joint ...$joints,
    ): Part {
        return new Part($id, Frame::of($x, $y, 40, 20), text: $text, stock: $stock, joints: array_values($joints));
    }

    private static function wire(string $id): Part
    {
        return new Part($id, Frame::of(620, 200, 60, 10), PartForm::Connector, lay: Lay::Level);
    }

    /** @param  list<mixed>  $list */
    private static function move(Scene $scene, Model $from, string $key, array $list, float $near = 8): Settled
    {
        $wanted = array_map(fn (Placed $one): array => $one->toList(), $from->placed);
        unset($wanted[$key]);

        return Settling::settle(
            $scene,
            $from,
            Model::parse((string) json_encode([...$wanted, $key => $list, 'near' => $near])),
        );
    }

    public function test_dropped_on_free_ground_it_stays_where_it_was_dropped(): void
    {
        $settled = self::move(self::scene(self::tile('a')), Model::empty(), 'a.1', [101.23, 77.7]);

        $this->assertSame('{"a.1":[101.23,77.7]}', $settled->model->text());
        $this->assertSame([], $settled->said);
    }

    public function test_dropped_in_the_tray_it_is_put_back(): void
    {
        $scene = self::scene(self::tile('a'));
        $out = self::move($scene, Model::empty(), 'a.1', [101, 77])->model;

        $this->assertSame('', self::move($scene, $out, 'a.1', [700, 300])->model->text());
    }

    public function test_dropped_over_the_edge_it_lies_at_the_edge(): void
    {
        $placed = self::move(self::scene(self::tile('a')), Model::empty(), 'a.1', [-10, 390])->model->find('a.1');

        $this->assertSame([0.0, 380.0], [$placed?->x, $placed?->y]);
    }

    public function test_what_has_two_ends_keeps_its_length_where_it_is_brought_back_to_the_edge(): void
    {
        $wire = self::move(self::scene(self::wire('w')), Model::empty(), 'w.1', [-10, 390, '', '', 50, 430, '']);
        $placed = $wire->model->find('w.1');
        $end = $placed?->end;

        $this->assertNotNull($end);
        $this->assertSame([60.0, 40.0], [$end->x - $placed->x, $end->y - $placed->y]);
        $this->assertGreaterThanOrEqual(0.0, $placed->x);
        $this->assertLessThanOrEqual(400.0, max($placed->y, $end->y));
    }

    public function test_a_slot_takes_one_in_its_middle_and_sends_the_next_back_to_where_it_was(): void
    {
        $scene = self::scene(
            self::tile('a', stock: 2),
            new Spot('s', Frame::of(100, 100, 60, 40), SpotForm::Slot, settle: Settle::Stack),
        );
        $one = self::move($scene, Model::empty(), 'a.1', [105, 105])->model;
        $this->assertSame([110.0, 110.0, '@s'], $one->find('a.1')?->toList());

        $beside = self::move($scene, $one, 'a.2', [300, 300])->model;
        $two = self::move($scene, $beside, 'a.2', [110, 110]);
        $this->assertSame([300.0, 300.0], $two->model->find('a.2')?->toList());
        $this->assertSame(['That place is taken.'], $two->said);
    }

    public function test_a_spot_refuses_what_it_does_not_take(): void
    {
        $scene = self::scene(
            self::tile('a', text: 'crab'),
            new Spot('s', Frame::of(100, 100, 100, 100), takes: ['whelk']),
        );
        $settled = self::move($scene, Model::empty(), 'a.1', [120, 120]);

        $this->assertSame('', $settled->model->text());
        $this->assertSame(['crab does not go there.'], $settled->said);
    }

    public function test_a_part_in_a_full_spot_may_be_moved_within_it(): void
    {
        $scene = self::scene(
            self::tile('a'),
            new Spot('s', Frame::of(100, 100, 60, 40), SpotForm::Slot, settle: Settle::Stack),
        );
        $in = self::move($scene, Model::empty(), 'a.1', [105, 105])->model;
        $again = self::move($scene, $in, 'a.1', [112, 118]);

        $this->assertSame('@s', $again->model->find('a.1')?->held->text());
        $this->assertSame([], $again->said);
    }

    public function test_a_row_stands_in_the_order_in_which_its_parts_were_dropped_and_closes_up(): void
    {
        $scene = self::scene(
            self::tile('a', stock: 3),
            new Spot('row', Frame::of(100, 100, 300, 40), settle: Settle::Row),
        );
        $model = Model::empty();
        // The first settles in the middle of the row, the second beside it, the third between them.
        foreach (['a.1' => 120, 'a.2' => 300, 'a.3' => 230] as $key => $x) {
            $model = self::move($scene, $model, $key, [$x, 110])->model;
        }
        $order = fn (Model $model): array => array_map(fn (Placed $one): string => $one->id, self::byX($model));
        $this->assertSame(['a.1', 'a.3', 'a.2'], $order($model));
        [$first, $second, $third] = array_map(fn (Placed $one): float => $one->x, self::byX($model));
        $this->assertEqualsWithDelta($second - $first, $third - $second, 0.02);

        $without = self::move($scene, $model, 'a.3', [20, 300])->model;
        $in = self::byX(Model::of($without->in('row')));
        $this->assertEqualsWithDelta(
            250.0,
            ($in[0]->x + $in[1]->x + 40) / 2,
            0.02,
            'the two that are left stand in its middle',
        );
    }

    public function test_of_rings_about_one_middle_that_takes_a_part_whose_line_is_nearest(): void
    {
        $ring = fn (string $id, float $radius): Spot => new Spot(
            $id,
            Frame::of(300 - $radius, 200 - $radius, 2 * $radius, 2 * $radius),
            SpotForm::Ring,
            settle: Settle::Round,
        );
        $scene = self::scene($ring('outer', 150), $ring('inner', 60), self::tile('e', stock: 5));
        $near = fn (float $x, float $y): ?string => self::move($scene, Model::empty(), 'e.1', [$x - 20, $y - 10])
            ->model->find('e.1')
            ?->held->text();

        $this->assertSame('@inner', $near(320, 200));
        $this->assertSame('@inner', $near(364, 200), 'just outside the inner line');
        $this->assertSame('@outer', $near(420, 200));
        $this->assertSame('@outer', $near(470, 200), 'just outside the outer line');
        $this->assertSame('', $near(20, 20));
    }

    public function test_a_hole_in_a_ring_is_not_of_it(): void
    {
        $scene = self::scene(
            new Spot('r', Frame::of(200, 100, 200, 200), SpotForm::Ring, settle: Settle::Round, hole: 0.5),
            self::tile('e'),
        );

        $this->assertSame(
            '',
            self::move($scene, Model::empty(), 'e.1', [280, 190])
                ->model->find('e.1')
                ?->held->text(),
        );
        $this->assertSame(
            '@r',
            self::move($scene, Model::empty(), 'e.1', [355, 190])
                ->model->find('e.1')
                ?->held->text(),
        );
    }

    /** @return iterable<string, array{int, float}> */
    public static function rings(): iterable
    {
        foreach (range(1, 12) as $count) {
            yield "{$count} on a line" => [$count, 0.0];
            yield "{$count} in a band" => [$count, 0.5];
        }
    }

    /** By the equation of a circle: n places at angles of 2πk/n from the top, each r from the middle. */
    #[DataProvider('rings')]
    public function test_places_round_a_ring_are_even(int $count, float $hole): void
    {
        $spot = new Spot('r', Frame::of(100, 50, 240, 240), SpotForm::Ring, settle: Settle::Round, hole: $hole);
        $radius = 120 * ($hole > 0 ? (1 + $hole) / 2 : 1);
        foreach (Seats::ring($spot, $count) as $n => $seat) {
            $this->assertEqualsWithDelta(220 + $radius * sin((2 * M_PI * $n) / $count), $seat->x, 0.01);
            $this->assertEqualsWithDelta(170 - $radius * cos((2 * M_PI * $n) / $count), $seat->y, 0.01);
        }
    }

    public function test_a_table_of_slots_takes_one_in_each_place(): void
    {
        $scene = self::scene(
            self::tile('a', stock: 3),
            new Spot('t', Frame::of(100, 100, 200, 100), SpotForm::Slots, settle: Settle::Stack, columns: 2, rows: 2),
        );
        $model = self::move($scene, Model::empty(), 'a.1', [205, 155])->model;
        $this->assertSame([230.0, 165.0, '@t.3'], $model->find('a.1')?->toList());
        $model = self::move($scene, $model, 'a.2', [110, 110])->model;
        $this->assertSame('@t.0', $model->find('a.2')?->held->text());
        $this->assertSame(['That place is taken.'], self::move($scene, $model, 'a.3', [110, 110])->said);
    }

    public function test_a_joint_holds_before_a_spot_and_a_guide(): void
    {
        $hull = self::tile('hull', 300, 300, '', 1, new Joint('deck', 0.5, 0));
        $mast = self::tile('mast', 620, 60, '', 1, new Joint('foot', 0.5, 1));
        $scene = self::scene($hull, $mast, new Spot('z', Frame::of(250, 250, 200, 100)));
        $settled = self::move($scene, Model::empty(), 'mast.1', [304, 276]);

        $this->assertSame([300.0, 280.0, 'foot>hull.1.deck'], $settled->model->find('mast.1')?->toList());
        $this->assertSame(
            '@z',
            self::move($scene, Model::empty(), 'mast.1', [330, 310])
                ->model->find('mast.1')
                ?->held->text(),
            'too far from the joint',
        );
    }

    public function test_how_near_is_for_the_window_to_say_within_reason(): void
    {
        $scene = self::scene(
            self::tile('hull', 300, 300, '', 1, new Joint('deck', 0.5, 0)),
            self::tile('mast', 620, 60, '', 1, new Joint('foot', 0.5, 1)),
        );
        $held = fn (float $near): ?string => self::move($scene, Model::empty(), 'mast.1', [300, 260], $near)
            ->model->find('mast.1')
            ?->held->text();

        $this->assertSame('', $held(8));
        $this->assertSame('foot>hull.1.deck', $held(24));
        $this->assertSame(
            '',
            self::move($scene, Model::empty(), 'mast.1', [300, 200], 5000)
                ->model->find('mast.1')
                ?->held->text(),
        );
    }

    public function test_a_connector_holds_with_each_end_and_follows_what_it_holds_to(): void
    {
        $scene = self::scene(
            self::tile('lamp', 100, 100, '', 1, new Joint('a', 1, 0.5)),
            self::tile('switch', 300, 100, '', 1, new Joint('b', 0, 0.5)),
            self::wire('wire'),
        );
        $joined = self::move($scene, Model::empty(), 'wire.1', [143, 108, '', '', 296, 112, ''])->model;
        $this->assertSame(
            [140.0, 110.0, '>lamp.1.a', '', 300.0, 110.0, '>switch.1.b'],
            $joined->find('wire.1')?->toList(),
        );

        $moved = self::move($scene, $joined, 'lamp.1', [113, 217])->model;
        $this->assertSame(
            [153.0, 227.0, '>lamp.1.a', '', 300.0, 110.0, '>switch.1.b'],
            $moved->find('wire.1')?->toList(),
        );

        $back = self::move($scene, $moved, 'lamp.1', [100, 100])->model;
        $this->assertSame([140.0, 110.0], [$back->find('wire.1')?->x, $back->find('wire.1')?->y]);

        $gone = Settling::settle(
            $scene,
            $moved,
            Model::parse((string) json_encode(['wire.1' => $moved->find('wire.1')?->toList()])),
        )->model;
        $this->assertSame(
            [140.0, 110.0, '>lamp.1.a'],
            array_slice((array) $gone->find('wire.1')?->toList(), 0, 3),
            'put back where the teacher has it, on the page, it is still held',
        );
    }

    /** A hull with a mast on its deck, and a flag at the mast's top with a line to the hull. */
    private static function rig(): Scene
    {
        return self::scene(
            self::tile('hull', 300, 300, '', 1, new Joint('deck', 0.5, 0), new Joint('bow', 1, 0)),
            self::tile('mast', 620, 60, '', 1, new Joint('foot', 0.5, 1), new Joint('top', 0.5, 0)),
            self::tile('flag', 620, 100, '', 1, new Joint('corner', 0, 0.5)),
            self::wire('line'),
        );
    }

    private static function rigged(Scene $scene): Model
    {
        $model = self::move($scene, Model::empty(), 'mast.1', [300, 280])->model;
        $model = self::move($scene, $model, 'flag.1', [320, 270])->model;

        return self::move($scene, $model, 'line.1', [320, 281, '', '', 341, 301, ''])->model;
    }

    public function test_what_holds_to_a_part_goes_along_with_it_and_with_all_that_holds_to_that(): void
    {
        $scene = self::rig();
        $rigged = self::rigged($scene);
        $this->assertSame(
            ['foot>hull.1.deck', 'corner>mast.1.top', '>flag.1.corner'],
            array_map(fn (Placed $one): string => $one->held->text(), array_values($rigged->placed)),
        );

        $sailed = self::move($scene, $rigged, 'hull.1', [203, 303])->model;
        $this->assertSame(
            [[203.0, 303.0], [203.0, 283.0], [223.0, 273.0], [223.0, 283.0]],
            array_map(fn (string $key): array => [$sailed->find($key)?->x, $sailed->find($key)?->y], [
                'hull.1',
                'mast.1',
                'flag.1',
                'line.1',
            ]),
        );
        $this->assertEquals(new End(243.0, 303.0, Hold::joint('', 'hull.1', 'bow')), $sailed->find('line.1')?->end);
        $this->assertSame(
            ['foot>hull.1.deck', 'corner>mast.1.top'],
            [$sailed->find('mast.1')?->held->text(), $sailed->find('flag.1')?->held->text()],
        );

        $this->assertSame(
            [313.0, 309.0],
            array_slice(
                (array) self::move($scene, $rigged, 'hull.1', [313, 309], 20)
                    ->model->find('hull.1')
                    ?->toList(),
                0,
                2,
            ),
            'it is not held back by what it carries',
        );
    }

    public function test_what_is_taken_off_takes_along_what_it_carries_and_leaves_what_carried_it(): void
    {
        $scene = self::rig();
        $apart = self::move($scene, self::rigged($scene), 'mast.1', [103, 103])->model;

        $this->assertSame([103.0, 103.0], $apart->find('mast.1')?->toList());
        $this->assertSame([123.0, 93.0, 'corner>mast.1.top'], $apart->find('flag.1')?->toList());
        $this->assertNull($apart->find('hull.1'), 'nobody has moved it');

        $inTray = self::move($scene, self::rigged($scene), 'mast.1', [650, 60])->model;
        $this->assertNull($inTray->find('mast.1'));
        $this->assertSame([320.0, 270.0], $inTray->find('flag.1')?->toList(), 'what it carried lets go where it is');
        $this->assertSame('>flag.1.corner', $inTray->find('line.1')?->held->text());
    }

    public function test_what_would_be_carried_off_the_page_lets_go_before(): void
    {
        $scene = self::rig();
        $up = self::move($scene, self::rigged($scene), 'hull.1', [300, 3])->model;

        $this->assertSame([300.0, 280.0], $up->find('mast.1')?->toList());
        $this->assertSame('corner>mast.1.top', $up->find('flag.1')?->held->text());
    }

    public function test_taking_a_move_back_brings_all_that_went_along_back_and_holds_it_again(): void
    {
        $scene = self::rig();
        $rigged = self::rigged($scene);
        $sailed = self::move($scene, $rigged, 'hull.1', [203, 303])->model;
        $back = Settling::settle($scene, $sailed, Model::parse(str_replace('}', ',"near":1}', $rigged->text())))->model;

        // Where and how each is; which lies over which is not asked.
        $lists = fn (Model $model): array => array_map(
            fn (string $id): ?array => $model->find($id)?->toList(),
            array_combine($ids = array_keys($rigged->placed), $ids),
        );
        $this->assertSame($lists($rigged), $lists($back));
        $this->assertCount(count($rigged->placed), $back->placed);
    }

    public function test_a_model_stays_together_where_the_teacher_moves_what_holds_it(): void
    {
        $rigged = self::rigged(self::rig());
        $spotted = self::move(
            self::scene(self::tile('a'), new Spot('s', Frame::of(100, 100, 80, 60), settle: Settle::Stack)),
            Model::empty(),
            'a.1',
            [110, 110],
        )->model;
        $moved = self::scene(
            ...array_map(
                fn (Part $part): Part => $part->id === 'hull' ? $part->framed(Frame::of(200, 320, 40, 20)) : $part,
                array_values(self::rig()->parts),
            ),
        );
        $held = Held::on($moved, $rigged);

        $this->assertSame([200.0, 300.0, 'foot>hull.1.deck'], $held->find('mast.1')?->toList());
        $this->assertSame([220.0, 290.0, 'corner>mast.1.top'], $held->find('flag.1')?->toList());
        $this->assertSame(
            [220.0, 300.0, '>flag.1.corner', '', 240.0, 320.0, '>hull.1.bow'],
            $held->find('line.1')?->toList(),
        );
        $this->assertSame(
            [220.0, 120.0, '@s'],
            Held::on(
                self::scene(self::tile('a'), new Spot('s', Frame::of(200, 100, 80, 60), settle: Settle::Stack)),
                $spotted,
            )
                ->find('a.1')
                ?->toList(),
        );

        $without = self::scene(
            ...array_values(array_filter(self::rig()->parts, fn (Part $part): bool => $part->id !== 'hull')),
        );
        $this->assertSame(
            [300.0, 280.0],
            Held::on($without, $rigged)->find('mast.1')?->toList(),
            'what held it is gone',
        );
    }

    public function test_edges_hold_to_those_of_other_parts(): void
    {
        $scene = self::scene(self::tile('a', stock: 2));
        $model = self::move($scene, Model::empty(), 'a.1', [100, 77])->model;

        $this->assertSame(
            [100.0, 250.0],
            self::move($scene, $model, 'a.2', [102.5, 250])
                ->model->find('a.2')
                ?->toList(),
        );
        $this->assertSame(
            [105.0, 250.0],
            self::move($scene, $model, 'a.2', [105, 250])
                ->model->find('a.2')
                ?->toList(),
            'half as far as a joint holds',
        );
        // 60 points between the two, as between them and a third: 102 + 40 + 60.
        $three = self::move(
            $board3 = self::scene(self::tile('a', stock: 3)),
            self::move($board3, self::move($board3, Model::empty(), 'a.1', [20, 77])->model, 'a.2', [120, 77])->model,
            'a.3',
            [222, 78],
        )->model;
        $this->assertSame([220.0, 77.0], $three->find('a.3')?->toList(), 'the gap of its neighbours comes back');
    }

    public function test_words_are_put_only_on_parts_that_take_them(): void
    {
        $scene = self::scene(new Part('card', Frame::of(620, 20, 60, 20), own: true), self::tile('a'));
        $this->assertSame(
            '{"card.1":[50,60,"","tide"]}',
            self::move($scene, Model::empty(), 'card.1', [50, 60, '', 'tide'])->model->text(),
        );

        // Written in the tray, or put back there, they stay.
        $written = self::move($scene, Model::empty(), 'card.1', [620, 20, '', 'ebb']);
        $this->assertSame('{"card.1":[620,20,"","ebb"]}', $written->model->text());
        $out = self::move($scene, $written->model, 'card.1', [50, 60, '', 'ebb'])->model;
        $this->assertSame(
            '{"card.1":[620,20,"","ebb"]}',
            self::move($scene, $out, 'card.1', [700, 300, '', 'ebb'])->model->text(),
        );
        $this->assertSame(
            '{"card.1":[50,60,"","neap"]}',
            self::move($scene, $out, 'card.1', [50, 60, '', 'neap'])->model->text(),
        );

        $this->expectException(ModelRefused::class);
        self::move($scene, Model::empty(), 'a.1', [50, 60, '', 'tide']);
    }

    public function test_a_locked_part_is_fixed_and_others_hold_to_it(): void
    {
        $scene = self::scene(
            self::tile('hull', 300, 300, '', 1, new Joint('deck', 0.5, 0))->locked(true),
            self::tile('mast', 620, 60, '', 1, new Joint('foot', 0.5, 1)),
        );
        $this->assertSame(
            'foot>hull.1.deck',
            self::move($scene, Model::empty(), 'mast.1', [304, 276])
                ->model->find('mast.1')
                ?->held->text(),
        );

        $this->expectExceptionObject(ModelRefused::fixed());
        self::move($scene, Model::empty(), 'hull.1', [10, 10]);
    }

    /** @return iterable<string, array{string}> */
    public static function crafted(): iterable
    {
        yield 'no such part' => ['{"b.1":[1,2]}'];
        yield 'more than there are' => ['{"a.3":[1,2]}'];
        yield 'a number of nothing' => ['{"a.0":[1,2]}'];
        yield 'no number' => ['{"a":[1,2]}'];
        yield 'no place' => ['{"a.1":["1",2]}'];
        yield 'far out' => ['{"a.1":[1e9,2]}'];
        yield 'nothing' => ['{"a.1":[]}'];
        yield 'an end where there is none' => ['{"a.1":[1,2,"","",3,4,""]}'];
        yield 'held by markup' => ['{"a.1":[1,2,"<b>"]}'];
        yield 'long words' => ['{"a.1":[1,2,"","'.str_repeat('a', 121).'"]}'];
        yield 'no object' => ['[1]'];
        yield 'no JSON' => ['{'];
        yield 'deep' => [str_repeat('[', 20).str_repeat(']', 20)];
    }

    #[DataProvider('crafted')]
    public function test_what_is_crafted_is_refused(string $text): void
    {
        $this->expectException(ModelRefused::class);
        Settling::settle(self::scene(self::tile('a', stock: 2)), Model::empty(), Model::parse($text));
    }

    public function test_what_a_window_says_of_being_held_is_not_believed(): void
    {
        $scene = self::scene(self::tile('a'), new Spot('s', Frame::of(400, 300, 50, 50)));

        $this->assertSame(
            '',
            self::move($scene, Model::empty(), 'a.1', [10, 10, '@s'])
                ->model->find('a.1')
                ?->held->text(),
        );
    }

    /**
     * Random scenes and moves: what is settled stays settled, the text says all, and no spot holds more than it may.
     */
    public function test_settling_settled_parts_changes_nothing(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 60; $round++) {
            $spots = array_map(
                fn (int $n): Spot => new Spot(
                    "s{$n}",
                    Frame::of(mt_rand(0, 400), mt_rand(0, 250), mt_rand(60, 200), mt_rand(40, 150)),
                    SpotForm::cases()[mt_rand(0, 4)],
                    most: mt_rand(0, 1) === 1 ? mt_rand(1, 3) : null,
                    settle: Settle::cases()[mt_rand(0, 4)],
                    hole: mt_rand(0, 1) / 2,
                    columns: mt_rand(1, 3),
                    rows: mt_rand(1, 2),
                ),
                range(1, 4),
            );
            $scene = self::scene(
                self::tile('a', stock: 6),
                self::tile('b', 100, 100, '', 2, new Joint('j', 1, 0.5)),
                self::tile('c', 620, 60, '', 2, new Joint('k', 0, 0.5)),
                self::wire('w'),
                ...$spots,
            );
            $model = Model::empty();
            for ($n = 0; $n < 25; $n++) {
                $keys = $scene->ids();
                $key = $keys[mt_rand(0, count($keys) - 1)];
                $list = [mt_rand(-50, 780), mt_rand(-50, 450)];
                $model = self::move(
                    $scene,
                    $model,
                    $key,
                    str_starts_with($key, 'w') ? [...$list, '', '', mt_rand(0, 600), mt_rand(0, 400), ''] : $list,
                )->model;
                $this->assertSame(
                    $model->text(),
                    Settling::settle($scene, $model, Model::parse($model->text()))->model->text(),
                );
                $this->assertSame($model->text(), Held::on($scene, $model)->text());
                foreach ($scene->spots as $spot) {
                    for ($cell = 0; $cell < $spot->cells(); $cell++) {
                        $this->assertLessThanOrEqual(
                            $spot->room(),
                            count($model->in($spot->id, $spot->cells() > 1 ? $cell : null)),
                        );
                    }
                }
            }
        }
    }

    /** @return list<Placed> from the left */
    private static function byX(Model $model): array
    {
        $all = array_values($model->placed);
        usort($all, fn (Placed $a, Placed $b): int => $a->x <=> $b->x);

        return $all;
    }

    public function test_in_rows_parts_of_several_sizes_stand_as_far_apart_as_the_largest_needs(): void
    {
        $spot = new Spot('z', Frame::of(0, 0, 100, 300), settle: Settle::Grid);
        $frames = [Frame::of(0, 0, 80, 20), Frame::of(0, 0, 40, 60), Frame::of(0, 0, 60, 30)];
        $seats = Seats::of($spot, 0, $frames);
        $step = $seats[1]->y - $seats[0]->y;
        $this->assertGreaterThan(60.0, $step);
        $this->assertEqualsWithDelta($step, $seats[2]->y - $seats[1]->y, 0.01);
        $this->assertSame([$seats[0]->x, $seats[0]->x], [$seats[1]->x, $seats[2]->x], 'one below the other');
    }

    public function test_parts_lie_below_the_title_of_their_spot(): void
    {
        $bare = new Spot('z', Frame::of(100, 100, 200, 150), name: 'Low shore');
        $titled = new Spot('z', Frame::of(100, 100, 200, 150), name: 'Low shore', titled: true);
        $frames = [Frame::of(0, 0, 40, 20)];

        $this->assertSame(20.0, Seats::of($titled, 0, $frames)[0]->y - Seats::of($bare, 0, $frames)[0]->y);
        $this->assertEquals(Frame::of(100, 120, 200, 130), $titled->within());
        $this->assertEquals($bare->frame, $bare->within());
        $unnamed = new Spot('z', Frame::of(100, 100, 200, 150), titled: true);
        $this->assertEquals($unnamed->frame, $unnamed->within(), 'without a name there is no title');
        $low = new Spot('z', Frame::of(100, 100, 200, 36), name: 'Low', titled: true);
        $this->assertEquals($low->frame, $low->within(), 'where it is too low it has its room for parts');
    }

    public function test_slots_share_what_is_below_the_title(): void
    {
        $slots = new Spot(
            'z',
            Frame::of(100, 100, 200, 120),
            SpotForm::Slots,
            name: 'Log',
            columns: 2,
            rows: 2,
            titled: true,
        );

        $this->assertEquals(Frame::of(100, 120, 100, 50), $slots->cell(0));
        $this->assertEquals(Frame::of(200, 170, 100, 50), $slots->cell(3));
    }

    public function test_in_a_grid_the_first_part_has_the_same_room_above_and_at_its_left(): void
    {
        $spot = new Spot('z', Frame::of(10, 20, 200, 300), settle: Settle::Grid);
        $seats = Seats::of($spot, 0, [Frame::of(0, 0, 80, 20), Frame::of(0, 0, 40, 60)]);

        $this->assertEqualsWithDelta($seats[0]->x - 40 - 10, $seats[0]->y - 30 - 20, 0.01);
        $this->assertGreaterThan(0.0, $seats[0]->y - 30 - 20);
    }
}
