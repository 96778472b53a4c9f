<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\Printing\Imposition;
use App\Documents\Printing\PerSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Support\PdfMaker;
use Tests\TestCase;

/** Pages on sheets of paper. The order of a folded booklet is common practice (saddle stitch), no source. */
final class ImpositionTest extends TestCase
{
    public function test_a_folded_booklet_is_read_from_front_to_back(): void
    {
        foreach ([1, 2, 3, 4, 5, 8, 11, 12, 16] as $count) {
            $sides = PerSheet::Booklet->sides($count);
            $this->assertCount(2 * (int) ceil($count / 4), $sides);
            // Opened one leaf after the other: the right halves of the fronts and left halves of the backs going in,
            // then the left halves of the backs' partners coming out.
            [$in, $out] = [[], []];
            foreach (array_chunk($sides, 2) as [$front, $back]) {
                array_push($in, $front[1], $back[0]);
                array_unshift($out, $back[1], $front[0]);
            }
            $read = array_values(array_filter([...$in, ...$out]));
            $this->assertSame(range(1, $count), $read, "{$count} pages");
        }
    }

    /** @return iterable<string, array{PerSheet, array{media: string}, string, list<list<string>>}> */
    public static function ways(): iterable
    {
        $upright = ['media' => '0 0 595.276 841.89'];
        $lying = ['media' => '0 0 841.89 595.276'];
        yield 'two upright' => [PerSheet::Two, $upright, '841.89 x 595.276', [['1', '2'], ['3']]];
        yield 'four upright' => [PerSheet::Four, $upright, '595.276 x 841.89', [['1', '2', '3']]];
        yield 'twice' => [PerSheet::Twice, $upright, '841.89 x 595.276', [['1', '1'], ['2', '2'], ['3', '3']]];
        yield 'a booklet' => [PerSheet::Booklet, $upright, '841.89 x 595.276', [['1'], ['2', '3']]];
        yield 'two that lie' => [PerSheet::Two, $lying, '595.276 x 841.89', [['1', '2'], ['3']]];
    }

    /**
     * @param  array{media: string}  $page
     * @param  list<list<string>>  $wanted  the words of each side, as they are read
     */
    #[DataProvider('ways')]
    public function test_pages_lie_whole_on_paper_of_their_own_size(
        PerSheet $how,
        array $page,
        string $size,
        array $wanted,
    ): void {
        $path = PdfMaker::file(PdfMaker::make(array_map(
            fn (int $number): array => $page + ['content' => "BT /F1 12 Tf 72 500 Td ({$number}) Tj ET"],
            [1, 2, 3],
        )), 'pages.pdf');
        $folder = "{$path}-work";
        mkdir($folder);
        $made = (new Imposition)->lay($path, $how, $folder);
        $said = (new Process(['pdfinfo', $made]))->mustRun()->getOutput();
        [$width, $height] = array_map(floatval(...), explode(' x ', $size));
        preg_match('/Page size:\s+([\d.]+) x ([\d.]+)/', $said, $is);
        $this->assertEqualsWithDelta([$width, $height], [(float) $is[1], (float) $is[2]], 0.1);
        $text = rtrim((new Process(['pdftotext', '-layout', $made, '-']))->mustRun()->getOutput(), "\f");
        $this->assertSame($wanted, array_map(
            fn (string $side): array => preg_split('/\s+/', trim($side), flags: PREG_SPLIT_NO_EMPTY) ?: [],
            explode("\f", $text),
        ));
    }

    public function test_one_page_on_a_sheet_is_the_file_itself(): void
    {
        $this->assertSame('/x.pdf', (new Imposition)->lay('/x.pdf', PerSheet::One, '/nowhere'));
    }
}
