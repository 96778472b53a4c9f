<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\LikeSections;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\TestCase;

final class LikeSectionsTest extends TestCase
{
    public function test_pages_headed_with_the_word_and_another_number_start_sections_each_at_its_first(): void
    {
        $pages = self::pages('Rock pool 1', 'The tide', 'Rock pool 2', 'Rock pool 2, continued', 'Rock pool 3: Crabs');

        $this->assertSame([3 => 'Rock pool 2', 5 => 'Rock pool 3'], LikeSections::of($pages, 1, 'Rock pool 1'));
    }

    public function test_the_name_that_was_given_need_not_stand_on_the_page(): void
    {
        $pages = self::pages('Limpets', 'Lesson 2', 'Lesson 3');

        $this->assertSame([2 => 'Lesson 2', 3 => 'Lesson 3'], LikeSections::of($pages, 1, 'Lesson 1'));
        $this->assertSame([], LikeSections::of($pages, 1, 'Limpets'));
        $this->assertSame([], LikeSections::of($pages, 1, 'Station 1'));
    }

    public function test_letters_and_roman_numerals_are_kept_as_they_are_printed(): void
    {
        $this->assertSame([2 => 'Source B'], LikeSections::of(self::pages('Source A', 'Source B'), 1, 'Source A'));
        $this->assertSame([2 => 'Unit II'], LikeSections::of(self::pages('Unit I', 'Unit II'), 1, 'Unit I'));
    }

    /** @return list<PageText> */
    private static function pages(string ...$headings): array
    {
        return array_map(
            fn (string $heading, int $at): PageText => new PageText($at + 1, Size::of(612, 792), [
                new TextLine($heading, Frame::of(60, 140, 200, 20)),
                new TextLine('Write what you see in each of them.', Frame::of(60, 200, 200, 12)),
            ]),
            array_values($headings),
            array_keys(array_values($headings)),
        );
    }
}
