<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\TestCase;

/** A page of 600 by 800 points: a running head, a heading, two lines of text. */
final class PageTextTest extends TestCase
{
    public function test_words_are_counted_over_all_lines(): void
    {
        $this->assertSame(13, $this->page()->wordCount());
    }

    public function test_what_is_taken_off_as_furniture_is_counted_however_often_some_is_taken_off(): void
    {
        $once = $this->page()->withLines(array_slice($this->page()->lines, 1));
        $twice = $once->withLines(array_slice($once->lines, 1));

        $this->assertSame([3, 10], [$once->furniture, $once->wordCount()]);
        $this->assertSame([5, 8], [$twice->furniture, $twice->wordCount()]);
    }

    public function test_running_text_is_as_high_as_most_words_are(): void
    {
        $this->assertSame(11.0, $this->page()->bodyHeight());
        $this->assertSame(22.0, $this->page()->tallest());
        $this->assertSame(
            [0.0, 0.0, ''],
            [$this->empty()->bodyHeight(), $this->empty()->tallest(), $this->empty()->title()],
        );
    }

    public function test_the_title_is_the_largest_heading(): void
    {
        $this->assertSame('High water', $this->page()->title());
    }

    public function test_large_words_at_the_foot_head_nothing(): void
    {
        $page = new PageText(1, Size::of(600, 800), [
            $this->line('one two three four', 300, 11),
            $this->line('Thank you', 700, 30),
        ]);

        $this->assertSame('', $page->title());
    }

    private function page(): PageText
    {
        return new PageText(1, Size::of(600, 800), [
            $this->line('The working harbour', 30, 9),
            $this->line('High water', 80, 22),
            $this->line('The moon draws the water', 120, 11),
            $this->line('twice a day', 140, 11),
        ]);
    }

    private function empty(): PageText
    {
        return new PageText(1, Size::of(600, 800), []);
    }

    private function line(string $text, float $y, float $height): TextLine
    {
        return new TextLine($text, Frame::of(50, $y, 300, $height));
    }
}
