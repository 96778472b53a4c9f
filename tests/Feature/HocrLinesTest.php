<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\HocrLines;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

/** What a reader of print says of a page. */
final class HocrLinesTest extends TestCase
{
    public function test_words_stand_line_by_line_as_high_as_their_capitals_say(): void
    {
        $lines = HocrLines::of($this->hocr(
            // On a foot at 130, its capital 20 high; the g goes down.
            'bbox 100 110 300 136; baseline 0 -6',
            [['Fog', 'bbox 100 110 150 136', 96], ['a', 'bbox 160 116 170 130', 95]],
        ));

        $this->assertSame([['Fog', 'a']], $this->texts($lines));
        [$fog, $a] = $lines[0];
        $this->assertEqualsWithDelta([100, 130 - 1.2 * 20, 50, 1.51 * 20], [
            $fog->frame->x,
            $fog->frame->y,
            $fog->frame->width,
            $fog->frame->height,
        ], 1.0);
        $this->assertSame([$fog->frame->y, $fog->frame->height], [$a->frame->y, $a->frame->height]);
    }

    public function test_brackets_that_stand_alone_go_down_below_the_foot_that_is_told_of_them(): void
    {
        $height = fn (string $text, int $under): float => HocrLines::of($this->hocr(
            "bbox 100 100 130 127; baseline 0 -{$under}",
            [[$text, 'bbox 100 100 130 127', 96]],
        ))[0][0]->frame->height;

        $this->assertEqualsWithDelta(1.51 * 20, $height('[2]', 0), 0.01);
        $this->assertEqualsWithDelta(1.51 * 20, $height('[2]', 7), 0.01);
        $this->assertEqualsWithDelta(1.51 * 27, $height('12', 0), 0.01);
    }

    public function test_feet_go_down_with_a_line_that_lies_askew(): void
    {
        $line = 'bbox 100 100 1100 140; baseline 0.02 -20';
        [[$first, $last]] = HocrLines::of($this->hocr($line, [
            ['One', 'bbox 100 100 150 120', 96],
            ['Two', 'bbox 1050 120 1100 140', 96],
        ]));

        $this->assertEqualsWithDelta(19.0, $last->frame->y - $first->frame->y, 0.01);
    }

    public function test_what_is_doubted_counts_for_nothing_and_numbers_are_believed_sooner(): void
    {
        $hocr = $this->hocr('bbox 0 0 500 40; baseline 0 0', [
            ['3.', 'bbox 0 10 20 40', 40],
            ['[2]', 'bbox 25 10 38 40', 40],
            ['sea', 'bbox 40 10 90 40', 59],
            ['—', 'bbox 100 10 120 40', 99],
            ['tide', 'bbox 140 10 190 40', 60],
        ]);

        $this->assertSame([['tide']], $this->texts(HocrLines::of($hocr)));
        $this->assertSame([['3.', '[2]', 'tide']], $this->texts(HocrLines::of($hocr, 35)));
        $this->assertSame([], HocrLines::of($this->hocr('bbox 0 0 9 9', [['tide', 'bbox 0 0 9 9', 5]])));
    }

    public function test_what_is_no_answer_of_a_reader_says_nothing(): void
    {
        foreach (['', 'no HTML', '<html><body/></html>', '<html><span class="ocr_line">'] as $said) {
            $this->assertSame([], HocrLines::of($said));
        }
    }

    /** @param  list<array{string, string, int}>  $words  what each says, where it stands, and how sure it is */
    private function hocr(string $line, array $words): string
    {
        $said = '';
        foreach ($words as [$word, $place, $sure]) {
            $said .= "<span class='ocrx_word' title='{$place}; x_wconf {$sure}'>{$word}</span> ";
        }

        return "<html xmlns='http://www.w3.org/1999/xhtml'><body><p><span class='ocr_line' title='{$line}'>{$said}"
            .'</span></p></body></html>';
    }

    /**
     * @param  list<non-empty-list<Word>>  $lines
     * @return list<list<string>>
     */
    private function texts(array $lines): array
    {
        return array_map(
            fn (array $words): array => array_map(fn (Word $word): string => $word->text, $words),
            $lines,
        );
    }
}
