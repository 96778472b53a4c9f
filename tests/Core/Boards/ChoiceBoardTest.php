<?php

declare(strict_types=1);

namespace Tests\Core\Boards;

use OpenSlate\Boards\BoardPage;
use OpenSlate\Boards\BoardRefused;
use OpenSlate\Boards\BoardTile;
use OpenSlate\Boards\ChoiceBoard;
use OpenSlate\Boards\ChoiceOption;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

final class ChoiceBoardTest extends TestCase
{
    public function test_the_picture_the_name_and_the_line_of_a_tile_stand_below_each_other(): void
    {
        foreach ($this->papers() as $paper => $size) {
            foreach (['Knots', str_repeat('Rock pools ', 12)] as $name) {
                $tile = new BoardTile(
                    new ChoiceOption('o', $name, 'Look.', [1]),
                    LinkTarget::page('k'),
                    Backdrop::of(str_repeat('ab', 32), 1),
                    Size::ofPaper(PaperSize::A4),
                );
                $drawn = array_column(
                    array_map(
                        fn (Element $element): array => [$element->id(), $element->frame()],
                        BoardPage::draw('Choose', '', array_fill(0, 4, $tile), $size),
                    ),
                    1,
                    0,
                );
                $this->assertGreaterThanOrEqual(
                    $drawn['bdoc']->bottom(),
                    $drawn['bdon']->y + 0.01,
                    "{$name} on {$paper}",
                );
                $this->assertGreaterThan(
                    $drawn['bdog']->y + 0.4 * $drawn['bdog']->height,
                    $drawn['bdon']->y,
                    'the picture has its share',
                );
                if (isset($drawn['bdol'])) {
                    $this->assertGreaterThanOrEqual($drawn['bdon']->bottom(), $drawn['bdol']->y + 0.01);
                }
            }
        }
    }

    public function test_what_a_tile_shows_stays_within_it_and_the_tiles_below_the_directions(): void
    {
        foreach ($this->papers() as $paper => $size) {
            foreach (range(ChoiceBoard::FEWEST, ChoiceBoard::MOST) as $count) {
                $tiles = array_map(
                    fn (int $n): BoardTile => new BoardTile(
                        new ChoiceOption("o{$n}", str_repeat('Rock pools ', $n), 'Look closely.', [1]),
                        LinkTarget::page('k'),
                        Backdrop::of(str_repeat('ab', 32), 1),
                        Size::ofPaper(PaperSize::A4),
                    ),
                    range(1, $count),
                );
                [$title, $lead] = $drawn = BoardPage::draw('Choose', 'Two of these.', $tiles, $size);
                $this->assertEqualsWithDelta($title->frame()->bottom(), $lead->frame()->y, 0.02);
                $side = min($size->width, $size->height);
                foreach (array_slice($drawn, 2) as $element) {
                    preg_match('/^bdo(\d+)/', $element->id(), $match);
                    $place = BoardPage::places($count, $size, true)[(int) $match[1] - 1];
                    $this->assertTrue($place->contains($element->frame()), "{$element->id()} of {$count} on {$paper}");
                    $this->assertGreaterThan($lead->frame()->bottom(), $element->frame()->y);
                    // As wide a margin as the board has at its sides.
                    $this->assertGreaterThan(0.05 * $side, $element->frame()->x);
                    $this->assertLessThan($size->height - 0.05 * $side, $element->frame()->bottom());
                }
            }
        }
    }

    public function test_a_long_name_has_two_lines_and_a_short_one_has_one(): void
    {
        $height = function (string $name): float {
            $tile = new BoardTile(
                new ChoiceOption('o', $name, '', [1]),
                LinkTarget::page('k'),
                null,
                Size::ofPaper(PaperSize::A4),
            );

            return BoardPage::draw('Choose', '', [$tile, null, null, null], Size::ofPaper(PaperSize::A4))[1]->frame()
                ->height;
        };

        $this->assertEqualsWithDelta(2.0, $height(str_repeat('Rock pools ', 5)) / $height('Knots'), 0.01);
    }

    public function test_only_what_is_on_the_board_brings_its_pages_in_the_order_of_the_places(): void
    {
        $board = new ChoiceBoard(
            'Choose',
            '',
            [self::option('a', [7, 8]), self::option('b', [3]), self::option('c', [8, 9])],
            ['c', null, 'a'],
        );

        $this->assertSame([8, 9, 7], $board->pages(), 'a page that two options share is there once');
        $this->assertEqualsCanonicalizing([7, 8, 3, 9], $board->allPages());
        $this->assertSame(
            ['c', null, 'a'],
            array_map(fn (?ChoiceOption $option): ?string => $option?->id, $board->placed()),
        );
        $this->assertEquals($board, ChoiceBoard::decode($board->encode()));
    }

    public function test_a_board_that_cannot_be_given_says_why(): void
    {
        $full = [self::option('a', [1]), self::option('b', [2])];
        (new ChoiceBoard('Choose', '', $full, ['a', 'b']))->check();
        $this->assertRefused(
            'at least 2 options',
            fn () => (new ChoiceBoard('Choose', '', $full, ['a', null]))->check(),
        );
        $this->assertRefused('a title', fn () => (new ChoiceBoard(' ', '', $full, ['a', 'b']))->check());
        $this->assertRefused(
            '“Option a” has no pages',
            fn () => (new ChoiceBoard(
                'Choose',
                '',
                [self::option('a', []), self::option('b', [2])],
                ['a', 'b'],
            ))->check(),
        );
        $this->assertRefused(
            'a name',
            fn () => (new ChoiceBoard(
                'Choose',
                '',
                [new ChoiceOption('a', '', '', [1]), self::option('b', [2])],
                ['a', 'b'],
            ))->check(),
        );
        $this->assertRefused('2 to 12 places', fn () => new ChoiceBoard('Choose', '', $full, ['a']));
        $this->assertRefused('2 to 12 places', fn () => new ChoiceBoard('Choose', '', $full, array_fill(0, 13, null)));
        // What stands beside the board may be half done.
        (new ChoiceBoard('Choose', '', [...$full, new ChoiceOption('c', '', '', [])], ['a', 'b']))->check();
    }

    public function test_on_any_paper_two_to_twelve_places_are_alike_with_equal_gaps_and_without_overlap(): void
    {
        foreach ($this->papers() as $name => $size) {
            foreach (range(ChoiceBoard::FEWEST, ChoiceBoard::MOST) as $count) {
                foreach ([true, false] as $directions) {
                    $places = BoardPage::places($count, $size, $directions);
                    $this->assertCount($count, $places);
                    $gaps = [];
                    foreach ($places as $index => $place) {
                        $this->assertTrue($size->frame()->contains($place), "{$count} on {$name}");
                        $this->assertEqualsWithDelta(
                            [$places[0]->width, $places[0]->height],
                            [$place->width, $place->height],
                            0.02,
                        );
                        foreach (array_slice($places, $index + 1) as $other) {
                            $across = max($place->x, $other->x) - min($place->right(), $other->right());
                            $down = max($place->y, $other->y) - min($place->bottom(), $other->bottom());
                            $this->assertGreaterThan(0, max($across, $down), "{$count} on {$name} overlap");
                            $gaps[] = round(max($across, $down), 1);
                        }
                    }
                    $this->assertEqualsWithDelta(min($size->width, $size->height) * 0.02, min($gaps), 0.1);
                }
            }
        }
    }

    public function test_what_is_drawn_lies_on_the_page_can_be_stored_and_leads_where_it_says(): void
    {
        foreach ($this->papers() as $name => $size) {
            foreach ([2, 5, 12] as $count) {
                $tiles = array_map(
                    fn (int $n): BoardTile => new BoardTile(
                        new ChoiceOption("o{$n}", str_repeat('Rock pools ', ($n % 3) + 1), 'Look, then draw.', [$n]),
                        LinkTarget::page("k{$n}"),
                        $n % 2 ? Backdrop::of(str_repeat('ab', 32), $n) : null,
                        Size::ofPaper(PaperSize::A4),
                    ),
                    range(1, $count),
                );
                $page = new Page(
                    $size,
                    Colour::white(),
                    null,
                    BoardPage::draw('Choose one', 'Then tell a friend.', $tiles, $size),
                );
                foreach ($page->elements() as $element) {
                    $this->assertTrue(
                        $page->frame()->contains($element->frame()),
                        "{$element->id()} of {$count} on {$name}",
                    );
                    $this->assertTrue(BoardPage::isGenerated($element));
                    $this->assertGreaterThan(4, min($element->frame()->width, $element->frame()->height));
                }
                $this->assertEquals($page, PageCodec::decode(PageCodec::encode($page)));
                $this->assertSame(
                    array_map(fn (int $n): string => "k{$n}", range(1, $count)),
                    array_map(fn (Link $link): ?string => $link->target->anchor(), $page->links()),
                );
                $clips = array_values(
                    array_filter($page->elements(), fn (Element $element): bool => $element instanceof Clip),
                );
                $this->assertCount((int) ceil($count / 2), $clips);
                $this->assertEqualsWithDelta(
                    210 / 297,
                    $clips[0]->frame()->width / $clips[0]->frame()->height,
                    0.01,
                    'pictures keep their proportions',
                );
            }
        }
    }

    public function test_an_empty_place_leaves_nothing_behind(): void
    {
        $size = Size::ofPaper(PaperSize::A4);
        $tile = new BoardTile(self::option('a', [1]), LinkTarget::page('k1'), null, $size);
        $drawn = BoardPage::draw('Choose', '', [null, $tile, null], $size);
        $this->assertSame(
            ['bdtitle', 'bdan', 'bdal', 'bdag'],
            array_map(fn (Element $element): string => $element->id(), $drawn),
        );
        $this->assertEquals(BoardPage::places(3, $size, false)[1], $drawn[3]->frame());
        $this->assertTrue($drawn[0] instanceof Label && $drawn[0]->bold);
        $this->assertInstanceOf(Frame::class, $drawn[0]->frame());
    }

    /** @return iterable<string, Size> */
    private function papers(): iterable
    {
        foreach (PaperSize::cases() as $paper) {
            [$short, $long] = $paper->points();
            yield "{$paper->value} portrait" => Size::of($short, $long);
            yield "{$paper->value} landscape" => Size::of($long, $short);
        }
    }

    /** @param  list<int>  $pages */
    private static function option(string $id, array $pages): ChoiceOption
    {
        return new ChoiceOption($id, "Option {$id}", 'One line', $pages);
    }

    private function assertRefused(string $said, callable $make): void
    {
        try {
            $make();
            $this->fail("Not refused: {$said}");
        } catch (BoardRefused $refusal) {
            $this->assertStringContainsString($said, $refusal->getMessage());
        }
    }
}
