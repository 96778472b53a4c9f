<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Layout;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Elements\CopyStyle;
use OpenSlate\Edit\Elements\Group;
use OpenSlate\Edit\Elements\Lock;
use OpenSlate\Edit\Elements\Move;
use OpenSlate\Edit\Elements\Order;
use OpenSlate\Edit\Elements\OrderTo;
use OpenSlate\Edit\Elements\Remove;
use OpenSlate\Edit\Elements\Resize;
use OpenSlate\Edit\Layout\Align;
use OpenSlate\Edit\Layout\AlignTo;
use OpenSlate\Edit\Layout\SameSize;
use OpenSlate\Edit\Layout\Side;
use OpenSlate\Edit\Layout\SpaceOut;
use OpenSlate\Edit\Layout\Stack;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Font;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Patch;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Axis;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Working on many things at once. */
final class LiningUpTest extends TestCase
{
    private Page $page;

    protected function setUp(): void
    {
        $this->page = self::page([[50, 100, 200, 20], [80, 200, 100, 30], [60, 400, 40, 10]]);
    }

    /** @param  list<array{float, float, float, float}>  $frames */
    private static function page(array $frames): Page
    {
        return new Page(
            Size::of(600, 800),
            Colour::white(),
            null,
            array_map(
                fn (array $frame, int $at): Patch => new Patch(chr(97 + $at), Frame::of(...$frame)),
                $frames,
                array_keys($frames),
            ),
        );
    }

    /** @return array<string, array{AlignTo, list<array{float, float}>}> where the three then stand */
    public static function sides(): array
    {
        return [
            'left' => [AlignTo::Left, [[50, 100], [50, 200], [50, 400]]],
            'centre' => [AlignTo::Centre, [[50, 100], [100, 200], [130, 400]]],
            'right' => [AlignTo::Right, [[50, 100], [150, 200], [210, 400]]],
            'top' => [AlignTo::Top, [[50, 100], [80, 100], [60, 100]]],
            'middle' => [AlignTo::Middle, [[50, 245], [80, 240], [60, 250]]],
            'bottom' => [AlignTo::Bottom, [[50, 390], [80, 380], [60, 400]]],
        ];
    }

    /** @param  list<array{float, float}>  $places */
    #[DataProvider('sides')]
    public function test_things_line_up_six_ways_and_doing_it_again_changes_nothing(AlignTo $to, array $places): void
    {
        $edit = new Align($this->all(), $to);
        $after = $edit->apply($this->page);

        $this->assertEquals($places, $this->places($after));
        $this->assertEquals($after, $edit->apply($after));
    }

    public function test_one_thing_alone_lines_up_with_the_page(): void
    {
        $after = (new Align(Selection::of(['a']), AlignTo::Centre))->apply($this->page);
        $this->assertSame(200.0, $after->element('a')?->frame()->x);
    }

    public function test_gaps_are_made_equal_between_the_first_and_the_last(): void
    {
        $edit = new SpaceOut($this->all(), Axis::Down);
        $after = $edit->apply($this->page);

        // From 100 to 410 stand 60 points of things: two gaps of 125.
        $this->assertEquals([[50, 100], [80, 245], [60, 400]], $this->places($after));
        $this->assertEquals($after, $edit->apply($after));
        $this->assertRefused('at least three', new SpaceOut(Selection::of(['a', 'b']), Axis::Across));
    }

    public function test_gaps_are_equal_whatever_is_selected(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 60; $round++) {
            $page = self::page(
                array_map(
                    fn (): array => [
                        (float) mt_rand(0, 400),
                        (float) mt_rand(0, 600),
                        (float) mt_rand(5, 90),
                        (float) mt_rand(5, 90),
                    ],
                    range(0, mt_rand(2, 7)),
                ),
            );
            $ids = array_map(fn (Element $element): string => $element->id(), $page->elements());
            $after = (new SpaceOut(Selection::of($ids), Axis::Across))->apply($page);
            $frames = array_map(fn (Element $element): Frame => $element->frame(), $after->elements());
            usort($frames, fn (Frame $a, Frame $b): int => $a->x + $a->width / 2 <=> $b->x + $b->width / 2);
            $gaps = array_map(
                fn (int $at): float => $frames[$at + 1]->x - $frames[$at]->right(),
                range(0, count($frames) - 2),
            );
            $this->assertEqualsWithDelta($gaps[0], max($gaps), 0.01);
            $this->assertEqualsWithDelta($gaps[0], min($gaps), 0.01);
        }
    }

    public function test_the_first_selected_says_how_large_all_are(): void
    {
        $after = (new SameSize(Selection::of(['b', 'a', 'c']), Side::Both))->apply($this->page);
        foreach ($after->elements() as $element) {
            $this->assertSame([100.0, 30.0], [$element->frame()->width, $element->frame()->height]);
        }
        $wide = (new SameSize(Selection::of(['a', 'c']), Side::Width))->apply($this->page);
        $this->assertEquals(Frame::of(60, 400, 200, 10), $wide->element('c')?->frame());
        $edge = self::page([[0, 0, 500, 10], [400, 780, 50, 10]]);
        $this->assertEquals(
            Frame::of(100, 780, 500, 10),
            (new SameSize(Selection::of(['a', 'b']), Side::Width))->apply($edge)->element('b')?->frame(),
            'what would leave the paper moves in',
        );
    }

    public function test_stacking_puts_all_on_one_centre(): void
    {
        $edit = new Stack($this->all());
        $after = $edit->apply($this->page);
        foreach ($after->elements() as $element) {
            $this->assertSame(
                [150.0, 255.0],
                [$element->frame()->x + $element->frame()->width / 2, $element->frame()->middle()],
            );
        }
        $this->assertEquals($after, $edit->apply($after));
    }

    public function test_a_group_lines_up_as_one_and_keeps_its_shape(): void
    {
        $grouped = (new Group(Selection::of(['b', 'c']), 'g'))->apply($this->page);
        $after = (new Align($this->all(), AlignTo::Right))->apply($grouped);

        $this->assertEquals([[50, 100], [150, 200], [130, 400]], $this->places($after));
        $this->assertEquals(
            $this->page,
            (new Group(Selection::of(['b', 'c']), null))->apply($grouped),
            'taken apart it is as before',
        );
        $this->assertRefused('at least two', new Group(Selection::of(['a']), 'g'));
    }

    public function test_what_is_locked_stays(): void
    {
        $locked = (new Lock(Selection::of(['b']), true))->apply($this->page);
        $all = $this->all();

        $this->assertEquals([[60, 110], [80, 200], [70, 410]], $this->places((new Move($all, 10, 10))->apply($locked)));
        $this->assertEquals(
            [[50, 100], [80, 200], [50, 400]],
            $this->places((new Align($all, AlignTo::Left))->apply($locked)),
        );
        $this->assertSame(
            ['b'],
            array_map(fn (Element $element): string => $element->id(), (new Remove($all))->apply($locked)->elements()),
        );
        $this->page = $locked;
        $this->assertRefused('locked', new Move(Selection::of(['b']), 1, 1));
        $this->assertRefused('locked', new Remove(Selection::of(['b'])));
        $this->assertRefused('locked', new Resize(['b' => Frame::of(0, 0, 10, 10)]));
        $this->assertEquals(
            self::page([[50, 100, 200, 20], [80, 200, 100, 30], [60, 400, 40, 10]]),
            (new Lock($all, false))->apply($locked),
        );
    }

    /** @return array<string, array{list<string>, OrderTo, string}> */
    public static function orders(): array
    {
        return [
            'one to the front' => [['a'], OrderTo::Front, 'bcda'],
            'two to the front' => [['a', 'c'], OrderTo::Front, 'bdac'],
            'to the back' => [['c', 'd'], OrderTo::Back, 'cdab'],
            'past the next' => [['a'], OrderTo::Forward, 'bacd'],
            'two past the next' => [['a', 'b'], OrderTo::Forward, 'cabd'],
            'the first cannot go farther back' => [['a'], OrderTo::Backward, 'abcd'],
            'below the one before' => [['c'], OrderTo::Backward, 'acbd'],
        ];
    }

    /** @param  list<string>  $ids */
    #[DataProvider('orders')]
    public function test_things_go_above_and_below_each_other(array $ids, OrderTo $to, string $order): void
    {
        $page = self::page(array_fill(0, 4, [0.0, 0.0, 10.0, 10.0]));
        $after = (new Order(Selection::of($ids), $to))->apply($page);
        $this->assertSame(
            $order,
            implode('', array_map(fn (Element $element): string => $element->id(), $after->elements())),
        );
    }

    public function test_looks_are_copied_to_whatever_has_such_looks(): void
    {
        $page = $this->page->withElements([
            new Label('l', Frame::of(0, 0, 90, 20), 'A', 18, true, false, Font::Hand),
            new AnswerBox('x', Frame::of(0, 50, 90, 20), prompt: 'Name'),
            new Patch('p', Frame::of(0, 80, 90, 20)),
        ]);
        $after = (new CopyStyle('l', Selection::of(['x', 'p'])))->apply($page);
        $box = $after->element('x');

        $this->assertInstanceOf(AnswerBox::class, $box);
        $this->assertSame([18.0, Font::Hand, 'Name', true], [$box->size, $box->font, $box->prompt, $box->outline]);
        $this->assertEquals($page->element('p'), $after->element('p'));
    }

    public function test_whatever_is_done_nothing_leaves_the_page_and_all_can_be_stored(): void
    {
        mt_srand(11);
        $page = self::page(
            array_map(
                fn (int $n): array => [
                    (float) mt_rand(0, 500),
                    (float) mt_rand(0, 700),
                    (float) mt_rand(4, 100),
                    (float) mt_rand(4, 100),
                ],
                range(0, 9),
            ),
        );
        for ($n = 0; $n < 400; $n++) {
            $ids = array_map(fn (Element $element): string => $element->id(), $page->elements());
            shuffle($ids);
            $some = Selection::of(array_slice($ids, 0, mt_rand(1, 6)));
            $edit = match (mt_rand(0, 7)) {
                0, 1 => new Align($some, AlignTo::cases()[mt_rand(0, 5)]),
                2 => new SpaceOut($some, Axis::cases()[mt_rand(0, 1)]),
                3 => new Stack($some),
                4 => new SameSize($some, Side::cases()[mt_rand(0, 2)]),
                5 => new Group($some, mt_rand(0, 1) === 0 ? null : "g{$n}"),
                6 => new Lock($some, mt_rand(0, 3) === 0),
                default => new Order($some, OrderTo::cases()[mt_rand(0, 3)]),
            };
            try {
                $page = $edit->apply($page);
            } catch (EditRefused) {
                // Some must be refused; the page is then as it was.
            }
            $this->assertCount(10, $page->elements());
            $this->assertEquals($page, PageCodec::decode(PageCodec::encode($page)));
            foreach ($page->elements() as $element) {
                $this->assertTrue(Frame::of(-0.01, -0.01, 600.02, 800.02)->contains($element->frame()));
            }
        }
    }

    private function all(): Selection
    {
        return Selection::of(['a', 'b', 'c']);
    }

    /** @return list<array{float, float}> */
    private function places(Page $page): array
    {
        return array_map(
            fn (Element $element): array => [$element->frame()->x, $element->frame()->y],
            $page->elements(),
        );
    }

    private function assertRefused(string $words, Edit $edit): void
    {
        try {
            $edit->apply($this->page);
            $this->fail('The edit was not refused.');
        } catch (EditRefused $refusal) {
            $this->assertStringContainsString($words, $refusal->getMessage());
        }
    }
}
