<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\LikePages;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\TestCase;
use Tests\Support\RecordedPack;

/** All of the packs are invented. */
final class LikePagesTest extends TestCase
{
    public function test_the_days_of_a_pack_look_the_same_and_its_cover_and_key_do_not(): void
    {
        $this->assertSame([2, 4, 5, 6, 7, 8, 9, 10, 11], LikePages::of(RecordedPack::named('two-levels')->pages, [3]));
        $this->assertSame([], LikePages::of(RecordedPack::named('two-levels')->pages, [1]));
    }

    public function test_no_page_looks_like_itself_and_looking_the_same_goes_both_ways(): void
    {
        foreach (['two-levels', 'journal', 'stations'] as $name) {
            $pages = RecordedPack::named($name)->pages;
            foreach ($pages as $page) {
                $like = LikePages::of($pages, [$page->number]);
                $this->assertNotContains($page->number, $like);
                foreach ($like as $other) {
                    $this->assertContains($page->number, LikePages::of($pages, [$other]), "{$name}, page {$other}");
                }
            }
        }
    }

    public function test_of_several_pages_it_is_enough_to_look_like_one(): void
    {
        $pages = RecordedPack::named('two-levels')->pages;

        $this->assertSame([2, 5, 6, 7, 8, 9, 10, 11], LikePages::of($pages, [1, 3, 4]));
    }

    public function test_pages_without_words_look_like_none(): void
    {
        $this->assertSame([], LikePages::of(RecordedPack::named('scan')->pages, [1]));
    }

    public function test_one_title_with_other_numbers_is_enough_where_most_lines_stand_alike(): void
    {
        $day = self::page(1, 'Deck log, day 1', 6);

        $this->assertTrue(self::areLike($day, self::page(2, 'Deck log, day two', 6, apart: 4)));
        $this->assertFalse(self::areLike($day, self::page(2, 'Deck log, day two', 6, apart: 5)));
        $this->assertFalse(self::areLike($day, self::page(2, 'The cook’s list', 6, apart: 4)));
        $this->assertTrue(self::areLike($day, self::page(2, 'The cook’s list', 6)));
    }

    public function test_other_paper_other_type_and_a_much_fuller_page_are_another_look(): void
    {
        $day = self::page(1, 'Deck log, day 1', 6);

        $this->assertFalse(self::areLike($day, self::page(2, 'Deck log, day 2', 6, paper: Size::of(595.28, 841.89))));
        $this->assertFalse(self::areLike($day, self::page(2, 'Deck log, day 2', 6, type: 11.0)));
        $this->assertFalse(self::areLike($day, self::page(2, 'Deck log, day 2', 12)));
        $this->assertFalse(self::areLike($day, self::page(2, 'Deck log, day 2', 6, title: 26.0)));
    }

    private static function areLike(PageText $one, PageText $other): bool
    {
        return LikePages::of([$one, $other], [$one->number]) === [$other->number];
    }

    /** @param  int  $apart  how many of its lines stand elsewhere than those of other pages */
    private static function page(
        int $number,
        string $words,
        int $lines,
        int $apart = 0,
        float $type = 12.0,
        float $title = 20.0,
        ?Size $paper = null,
    ): PageText {
        $all = [new TextLine($words, Frame::of(60, 140, 200, $title))];
        for ($line = 0; $line < $lines; $line++) {
            $x = $line < $apart ? 300 : 60;
            $all[] = new TextLine("Line {$number} of the mate", Frame::of($x, 200 + 40 * $line, 180, $type));
        }

        return new PageText($number, $paper ?? Size::of(612, 792), $all);
    }
}
