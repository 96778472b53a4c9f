<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\Headline;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PrintedText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HeadlineTest extends TestCase
{
    /**
     * @param  list<array{string, float, float}>  $lines  words, how far down, how high
     */
    #[DataProvider('pages')]
    public function test_it_is_the_largest_line_near_the_head(array $lines, ?string $section, string $title): void
    {
        $this->assertSame($title, Headline::of(self::page($lines), $section));
    }

    /** @return array<string, array{list<array{string, float, float}>, string|null, string}> */
    public static function pages(): array
    {
        $body = [['How high is the tide?', 200, 12], ['How long is the quay?', 230, 12], ['Tick one.', 260, 12]];
        $head = ['A Book of Harbours', 20, 9];

        return [
            'below the mark of its section' => [
                [$head, ['Activity 3', 60, 16], ['Reading the layers', 90, 22], ...$body],
                'Activity 3',
                'Reading the layers',
            ],
            'on one line with it' => [[$head, ['Day 4: Boats ashore', 60, 18], ...$body], 'Day 4', 'Boats ashore'],
            'another number is no mark' => [[['Day 41 came', 60, 18], ...$body], 'Day 4', 'Day 41 came'],
            'of two lines the first' => [[['Chart work', 50, 18], ['The bay', 80, 18], ...$body], null, 'Chart work'],
            'none larger than the others' => [[$head, ...$body], 'Day 4', ''],
            'large, but at the foot' => [[...$body, ['Well done!', 700, 30]], null, ''],
            'a number is no title' => [[['14', 40, 40], ['Tide times', 80, 20], ...$body], null, 'Tide times'],
            'no words' => [[], 'Day 4', ''],
        ];
    }

    public function test_behind_its_section_a_title_goes_on_and_names_keep_their_capitals(): void
    {
        $this->assertSame('Activity 3: reading the layers', Headline::after('Activity 3', 'Reading the layers'));
        $this->assertSame('Day 2: Old Kittiwake', Headline::after('Day 2', 'Old Kittiwake'));
        $this->assertSame('Day 2: PDF files', Headline::after('Day 2', 'PDF files'));
        $this->assertSame('Day 2: a lighthouse', Headline::after('Day 2', 'A lighthouse'));
        $this->assertSame('Tag 3: ebbe', Headline::after('Tag 3', 'Ebbe'));
        $this->assertSame('Day 2', Headline::after('Day 2', ''));
    }

    /** @param  list<array{string, float, float}>  $lines */
    private static function page(array $lines): PrintedText
    {
        return new PrintedText(
            Size::of(600, 800),
            array_map(function (array $line): TextLine {
                [$words, $y, $height] = $line;
                $x = 50.0;
                $made = [];
                foreach (explode(' ', $words) as $word) {
                    $made[] = new Word($word, Frame::of($x, $y, 6.0 * mb_strlen($word), $height));
                    $x += 6.0 * mb_strlen($word) + 6;
                }

                return TextLine::of(...$made);
            }, $lines),
        );
    }
}
