<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use OpenSlate\Cutting\PageRange;
use OpenSlate\Cutting\UnusableRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PageRangeTest extends TestCase
{
    /** @return array<string, array{string, int, list<int>}> */
    public static function ranges(): array
    {
        return [
            'as in any print dialog' => ['1-5, 8, 11-', 13, [1, 2, 3, 4, 5, 8, 11, 12, 13]],
            'open at the start' => ['-3', 10, [1, 2, 3]],
            'one page' => ['7', 10, [7]],
            'order is kept' => ['8, 1-2', 10, [8, 1, 2]],
            'spaces, semicolons, a comma too many' => [' 2 - 3 ; 5,, ', 10, [2, 3, 5]],
            'an en dash, an em dash, a word' => ['1–2, 4—5, 7 to 8', 10, [1, 2, 4, 5, 7, 8]],
            'the last page, open' => ['10-', 10, [10]],
        ];
    }

    /** @param  list<int>  $pages */
    #[DataProvider('ranges')]
    public function test_page_numbers_are_read_as_people_type_them(string $text, int $count, array $pages): void
    {
        $this->assertSame($pages, PageRange::parse($text, $count));
    }

    /** @return array<string, array{string, string}> */
    public static function nonsense(): array
    {
        return [
            'nothing' => ['', 'No pages are named'],
            'only commas' => [' , ,', 'No pages are named'],
            'words' => ['1-3, all of it', '“all of it” is not a page'],
            'backwards' => ['2, 9-4', '“9-4” runs backwards'],
            'past the end' => ['1, 8-14', '“8-14” goes past the end: there are 12 pages'],
            'open past the end' => ['13-', '“13-” goes past the end'],
            'page nought' => ['0-3', '“0-3” starts before page 1'],
            'a dash alone' => ['-', '“-” is not a page'],
            'a page twice' => ['1-5, 4', '“4” names page 4 a second time'],
            'a decimal' => ['1.5', '“1.5” is not a page'],
            'a number without end' => ['99999999999999', 'is not a page'],
        ];
    }

    #[DataProvider('nonsense')]
    public function test_what_makes_no_sense_is_named(string $text, string $said): void
    {
        $this->expectException(UnusableRange::class);
        $this->expectExceptionMessage($said);
        PageRange::parse($text, 12);
    }

    public function test_pages_are_written_the_shortest_way(): void
    {
        $this->assertSame('1–5, 8, 11–13', PageRange::format([1, 2, 3, 4, 5, 8, 11, 12, 13]));
        $this->assertSame('6, 7', PageRange::format([6, 7]));
        $this->assertSame('', PageRange::format([]));
    }

    public function test_writing_and_reading_come_back_to_the_same_pages(): void
    {
        mt_srand(11);
        for ($n = 0; $n < 100; $n++) {
            $pages = array_values(array_filter(range(1, 40), fn (): bool => mt_rand(0, 1) === 1));
            if ($pages !== []) {
                $this->assertSame($pages, PageRange::parse(PageRange::format($pages), 40));
            }
        }
    }

    public function test_a_workbook_of_21_days_cut_by_five(): void
    {
        // Common practice, no source: 1–5, 6–10, 11–15, 16–20 and what is left, 21.
        $this->assertSame(
            ['1–5', '6–10', '11–15', '16–20', '21'],
            array_map(PageRange::format(...), array_chunk(PageRange::parse('1-', 21), 5)),
        );
    }
}
