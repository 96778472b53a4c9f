<?php

declare(strict_types=1);

namespace Tests\Core\Edit\History;

use OpenSlate\Edit\History\Merge;
use OpenSlate\Edit\History\PageProperty;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Patch;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/**
 * A master's mending reaches a set: the laws of a three-way merge, on random pages, and the cases that teachers meet.
 */
final class MergeTest extends TestCase
{
    public function test_what_only_the_master_changed_is_taken_and_what_only_the_set_changed_is_kept(): void
    {
        $base = self::page(['a' => 'One', 'b' => 'Two', 'c' => 'Three', 'd' => 'Four']);
        $set = self::page(['a' => 'One', 'b' => 'Zwei', 'd' => 'Four', 'own' => 'Mine']);
        $master = self::page(['a' => 'First', 'b' => 'Two', 'c' => 'Three', 'new' => 'More']);

        $merge = Merge::of($base, $set, $master);

        $this->assertTrue($merge->isClean());
        $this->assertEqualsCanonicalizing(
            ['a' => 'First', 'b' => 'Zwei', 'own' => 'Mine', 'new' => 'More'],
            self::words($merge->page()),
        );
    }

    public function test_the_tray_and_the_right_model_are_the_masters_only_where_the_set_left_them(): void
    {
        [$right, $left] = [new Tray(TraySide::Right, 120.0), new Tray(TraySide::Left, 90.0)];
        [$first, $second] = [
            new ModelKey('{"a.1":[1,2]}', [ModelAspect::Spots]),
            new ModelKey('{"a.1":[3,4]}', [ModelAspect::Spots], 2.0),
        ];
        $page = fn (?Tray $tray, ?ModelKey $key): Page => self::page(['a' => 'One'])
            ->withTray($tray)
            ->withKey($key);
        $merged = fn (Page $base, Page $set, Page $master): array => [
            ($page = Merge::of($base, $set, $master)->page())->tray,
            $page->key,
        ];

        $this->assertEquals(
            [$right, $first],
            $merged($page($right, $first), $page($right, $first), $page($right, $first)),
        );
        $this->assertEquals(
            [$left, $second],
            $merged($page($right, $first), $page($right, $first), $page($left, $second)),
        );
        $this->assertEquals(
            [$left, $second],
            $merged($page($right, $first), $page($left, $second), $page($right, $first)),
        );
        $this->assertEquals(
            [$left, $second],
            $merged($page(null, null), $page($left, $second), $page($right, $first)),
            'where both did, it stays as the set has it',
        );
    }

    public function test_what_both_changed_is_settled_one_by_one(): void
    {
        $base = self::page(['a' => 'One', 'b' => 'Two', 'c' => 'Three']);
        $set = self::page(['a' => 'Eins', 'c' => 'Drei']);
        $master = self::page(['a' => 'First', 'b' => 'Second']);

        $merge = Merge::of($base, $set, $master);

        $this->assertEqualsCanonicalizing(['a', 'b', 'c'], array_keys($merge->conflicts));
        $this->assertNull($merge->conflicts['b']->set, 'taken off in the set');
        $this->assertNull($merge->conflicts['c']->master, 'taken off in the master');
        $this->assertSame(
            ['a' => 'Eins', 'c' => 'Drei'],
            self::words($merge->page()),
            'until settled it is as the set has it',
        );
        $this->assertSame(['a' => 'First', 'b' => 'Second'], self::words($merge->page(['a', 'b', 'c'])));
        $this->assertSame(['a' => 'Eins', 'b' => 'Second', 'c' => 'Drei'], self::words($merge->page(['b'])));
    }

    public function test_the_same_change_on_both_sides_is_no_conflict(): void
    {
        $base = self::page(['a' => 'One', 'b' => 'Two']);
        $both = self::page(['a' => 'Uno']);
        $this->assertTrue(Merge::of($base, $both, $both)->isClean());
        $this->assertSame(['a' => 'Uno'], self::words(Merge::of($base, $both, $both)->page()));
    }

    public function test_paper_is_taken_when_only_the_master_changed_it_and_nothing_then_lies_off_it(): void
    {
        $base = self::page(['a' => 'One']);
        $smaller = new Page(Size::of(200, 300), Colour::white(), null, $base->elements());
        $set = $base->withElements([...$base->elements(), new Patch('far', Frame::of(500, 700, 90, 90))]);

        $merged = Merge::of($base, $set, $smaller)->page();

        $this->assertEquals(Size::of(200, 300), $merged->size);
        foreach ($merged->elements() as $element) {
            $this->assertTrue($merged->frame()->contains($element->frame()), $element->id());
        }
        $other = new Page(Size::of(400, 400), Colour::white(), null, $base->elements());
        $clash = Merge::of($base, $other, $smaller);
        $this->assertSame([PageProperty::Paper], $clash->disputed);
        $this->assertEquals(Size::of(400, 400), $clash->page()->size);
        $this->assertEquals(Size::of(200, 300), $clash->page([], [PageProperty::Paper])->size);
    }

    public function test_a_tray_or_a_right_model_that_both_changed_is_in_dispute(): void
    {
        $base = self::page(['a' => 'One'])->withTray(new Tray(TraySide::Right));
        $keyed = $base->withKey(new ModelKey('{"a.1":[1,2]}', []));
        $clash = Merge::of($base, $base->withKey(new ModelKey('{"a.1":[3,4]}', [])), $keyed->withTray(null));

        $this->assertFalse($clash->isClean());
        $this->assertSame([PageProperty::Key], $clash->disputed, 'only the master took the tray away');
        $this->assertEquals($keyed->key, $clash->page([], [PageProperty::Key])->key);
        $this->assertEquals(
            $clash->page(),
            $clash->page([], [PageProperty::Tray]),
            'what is not in dispute is not to be settled',
        );
    }

    public function test_parts_of_the_set_stay_within_reach_where_the_tray_is_elsewhere(): void
    {
        $base = (new Page(Size::of(600, 400), Colour::white()))->withTray(new Tray(TraySide::Right));
        $set = $base->withElements([new Part('p', Frame::of(640, 20, 40, 40))]);
        $merged = Merge::of($base, $set, $base->withTray(new Tray(TraySide::Bottom)))->page();

        $this->assertSame(TraySide::Bottom, $merged->tray?->side);
        $this->assertTrue($merged->whole()->contains($merged->parts()[0]->frame));
    }

    public function test_no_change_is_the_identity(): void
    {
        foreach (self::triples(300) as [$base, $set, $master]) {
            $this->assertSamePage(
                $master,
                Merge::of($base, $base, $master)->page(),
                'an untouched set takes the master as it is',
            );
            $this->assertSamePage($set, Merge::of($base, $set, $base)->page(), 'an unchanged master changes nothing');
        }
    }

    public function test_merging_twice_is_merging_once(): void
    {
        foreach (self::triples(300) as [$base, $set, $master]) {
            $once = Merge::of($base, $set, $master)->page();
            // When a merge is done, the master as it now is becomes what both have in common.
            $this->assertSamePage($once, Merge::of($master, $once, $master)->page());
        }
    }

    public function test_the_order_of_independent_changes_does_not_matter(): void
    {
        foreach (self::triples(300) as [$base, $one, $two]) {
            // Independent: each changes only elements of its own half.
            $first = self::half($base, $one, 0);
            $second = self::half($base, $two, 1);
            $this->assertTrue(Merge::of($base, $first, $second)->isClean());
            $this->assertEqualsCanonicalizing(
                self::words(Merge::of($base, $first, $second)->page()),
                self::words(Merge::of($base, $second, $first)->page()),
            );
        }
    }

    public function test_settling_all_the_masters_way_gives_what_the_master_has_of_every_conflict(): void
    {
        foreach (self::triples(200) as [$base, $set, $master]) {
            $merge = Merge::of($base, $set, $master);
            $page = $merge->page(array_keys($merge->conflicts));
            foreach ($merge->conflicts as $id => $conflict) {
                $this->assertEquals($conflict->master, $page->element((string) $id));
                $this->assertEquals($conflict->set, $merge->page()->element((string) $id));
            }
        }
    }

    /** @return iterable<array{Page, Page, Page}> a page, and two that were made from it apart */
    private static function triples(int $count): iterable
    {
        mt_srand(11);
        for ($n = 0; $n < $count; $n++) {
            $words = [];
            foreach (range(0, mt_rand(0, 7)) as $index) {
                $words['e'.$index] = 'w'.mt_rand(0, 3);
            }
            yield [self::page($words), self::page(self::changed($words, 's')), self::page(self::changed($words, 'm'))];
        }
    }

    /**
     * @param  array<string, string>  $words
     * @return array<string, string>
     */
    private static function changed(array $words, string $who): array
    {
        $after = [];
        foreach ($words as $id => $text) {
            $lot = mt_rand(0, 5);
            if ($lot > 0) {
                $after[$id] = $lot === 1 ? 'w'.mt_rand(0, 5) : $text;
            }
            if ($lot === 5) {
                $after[$who.$id] = 'new';
            }
        }

        return $after;
    }

    private static function half(Page $base, Page $changed, int $half): Page
    {
        $mine = fn (Element $element): bool => crc32($element->id()) % 2 === $half;
        $kept = array_filter($base->elements(), fn (Element $element): bool => ! $mine($element));

        return $base->withElements(array_values([...$kept, ...array_filter($changed->elements(), $mine)]));
    }

    /** @param  array<string, string>  $words  by id */
    private static function page(array $words): Page
    {
        $at = 0;

        return new Page(
            Size::of(600, 800),
            Colour::white(),
            null,
            array_map(
                function (string $id, string $text) use (&$at): Label {
                    return new Label($id, Frame::of(10, 10 + 20 * (crc32($id) % 30), 100, 18), $text);
                },
                array_keys($words),
                $words,
            ),
        );
    }

    /** @return array<string, string> */
    private static function words(Page $page): array
    {
        $words = [];
        foreach ($page->elements() as $element) {
            $words[$element->id()] = $element instanceof Label ? $element->text : '';
        }
        ksort($words);

        return $words;
    }

    private function assertSamePage(Page $expected, Page $actual, string $why = ''): void
    {
        $this->assertSame(PageCodec::encode($expected), PageCodec::encode($actual), $why);
    }
}
