<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\Furniture;
use OpenSlate\Packs\TextSimilarity;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\TestCase;

final class FurnitureTest extends TestCase
{
    public function test_what_comes_back_at_the_edge_of_three_pages_is_furniture(): void
    {
        $pages = array_map(
            fn (int $n): PageText => $this->page($n, ["The working harbour, page {$n}" => 30, "Tide {$n}" => 300]),
            [1, 2, 3],
        );

        $this->assertSame([['Tide 1'], ['Tide 2'], ['Tide 3']], $this->left($pages));
    }

    public function test_on_two_pages_it_is_not(): void
    {
        $pages = array_map(fn (int $n): PageText => $this->page($n, ['The working harbour' => 30]), [1, 2]);

        $this->assertSame([['The working harbour'], ['The working harbour']], $this->left($pages));
    }

    public function test_the_same_words_within_the_page_stay(): void
    {
        $pages = array_map(fn (int $n): PageText => $this->page($n, ['The working harbour' => 300]), [1, 2, 3]);

        $this->assertSame(array_fill(0, 3, ['The working harbour']), $this->left($pages));
    }

    public function test_the_same_words_at_the_head_and_at_the_foot_are_not_alike(): void
    {
        $pages = [
            $this->page(1, ['Saltmarsh' => 30]),
            $this->page(2, ['Saltmarsh' => 770]),
            $this->page(3, ['Saltmarsh' => 30]),
            $this->page(4, ['Saltmarsh' => 770]),
        ];

        $this->assertSame(array_fill(0, 4, ['Saltmarsh']), $this->left($pages), 'twice each');
    }

    public function test_a_page_number_is_furniture_wherever_it_comes_once(): void
    {
        $this->assertSame([['Read this']], $this->left([$this->page(1, ['Read this' => 300, '- 3 -' => 780])]));
    }

    public function test_a_label_that_comes_back_stays_where_it_heads_the_page(): void
    {
        $pages = fn (float $height): array => array_map(
            fn (int $n): PageText => new PageText($n, Size::of(600, 800), [
                new TextLine("Voyage {$n}", Frame::of(50, 30, 300, $height)),
                new TextLine("The tide on day {$n} of our time at sea", Frame::of(50, 300, 300, 10)),
                new TextLine('turned at noon, and the boat came home', Frame::of(50, 320, 300, 10)),
            ]),
            [1, 2, 3],
        );

        $this->assertContains('Voyage 2', $this->left($pages(12.5))[1], 'larger than running text by a quarter');
        $this->assertNotContains('Voyage 2', $this->left($pages(11.5))[1], 'hardly larger');
    }

    public function test_words_that_two_pages_share_are_counted_as_often_as_both_have_them(): void
    {
        $similarity = new TextSimilarity([
            $this->page(1, ['The tide, the ebb, the flood' => 300]),
            $this->page(2, ['The ebb. The neap' => 300]),
        ]);

        $this->assertSame([3, 3], [$similarity->shared(1, 2), $similarity->shared(2, 1)], 'the, the, ebb');
        $this->assertSame([6, 4], [$similarity->size(1), $similarity->size(2)]);
    }

    /** @param  array<string, float>  $lines  heights on the page, by their words */
    private function page(int $number, array $lines): PageText
    {
        return new PageText(
            $number,
            Size::of(600, 800),
            array_map(
                fn (string $text): TextLine => new TextLine($text, Frame::of(50, $lines[$text], 300, 11)),
                array_keys($lines),
            ),
        );
    }

    /**
     * @param  list<PageText>  $pages
     * @return list<list<string>>
     */
    private function left(array $pages): array
    {
        return array_map(
            fn (PageText $page): array => array_map(fn (TextLine $line): string => $line->text, $page->lines),
            Furniture::removed($pages),
        );
    }
}
