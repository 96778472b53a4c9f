<?php

declare(strict_types=1);

namespace Tests\Core\Scan;

use OpenSlate\Json\InvalidJson;
use OpenSlate\Scan\Quadrilateral;
use OpenSlate\Scan\ScanCut;
use OpenSlate\Scan\ScannedPicture;
use OpenSlate\Scan\ScanPaper;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ScannedPictureTest extends TestCase
{
    private const CORNERS = [[0.1, 0.05], [0.9, 0.1], [0.95, 0.9], [0.05, 0.95]];

    public function test_pictures_come_back_from_json_with_what_was_found_and_what_was_cut(): void
    {
        $sheet = Quadrilateral::of(self::CORNERS);
        $pictures = [
            new ScannedPicture(str_repeat('a', 64), 3000, 4000, $sheet, new ScanCut($sheet, true)),
            new ScannedPicture(str_repeat('b', 64), 1, 1, null, new ScanCut(null)),
        ];
        $this->assertEquals($pictures, ScannedPicture::decode(ScannedPicture::encode($pictures)));
        $this->assertSame([], ScannedPicture::decode(ScannedPicture::encode([])));
    }

    public function test_corners_are_said_in_pixels_where_some_are_proposed(): void
    {
        $picture = new ScannedPicture('a', 1000, 2000, Quadrilateral::of(self::CORNERS), new ScanCut(null));
        $this->assertSame(
            [[100.0, 100.0], [900.0, 200.0], [950.0, 1800.0], [50.0, 1900.0]],
            $picture->corners(),
        );
        $this->assertNull((new ScannedPicture('a', 1000, 2000, null, new ScanCut(null)))->corners());
    }

    public function test_corners_that_go_round_nothing_are_refused(): void
    {
        $this->expectException(InvalidJson::class);
        ScannedPicture::decode(json_encode(['pictures' => [[
            'file' => 'a',
            'width' => 10,
            'height' => 10,
            'found' => ['corners' => null],
            'cut' => ['corners' => [0.1, 0.1, 0.2, 0.1, 0.2, 0.11, 0.1, 0.11]],
        ]]], JSON_THROW_ON_ERROR));
    }

    /** Sheets as they lie in a photo: A4 (ISO 216) is 1 to 1.414, US Letter 1 to 1.294. */
    #[TestWith([2100.0, 2970.0, ScanPaper::A4])]
    #[TestWith([2970.0, 2100.0, ScanPaper::A4])]
    #[TestWith([850.0, 1100.0, ScanPaper::Letter])]
    #[TestWith([1100.0, 870.0, ScanPaper::Letter])]
    #[TestWith([1000.0, 1350.0, ScanPaper::Letter])]
    #[TestWith([1000.0, 1360.0, ScanPaper::A4])]
    #[TestWith([1000.0, 1500.0, ScanPaper::A4])]
    #[TestWith([1000.0, 1520.0, ScanPaper::AsItIs])]
    #[TestWith([1000.0, 1205.0, ScanPaper::Letter])]
    #[TestWith([1000.0, 1200.0, ScanPaper::AsItIs])]
    #[TestWith([1000.0, 1000.0, ScanPaper::AsItIs])]
    #[TestWith([1000.0, 0.0, ScanPaper::AsItIs])]
    public function test_paper_is_told_by_its_proportions(float $across, float $down, ScanPaper $paper): void
    {
        $this->assertSame($paper, ScanPaper::guessed($across, $down));
    }

    public function test_a_page_lies_as_its_sheet_does(): void
    {
        $this->assertSame([595.28, 841.89], ScanPaper::A4->size(2100.0, 2970.0));
        $this->assertSame([841.89, 595.28], ScanPaper::A4->size(2970.0, 2100.0));
        $this->assertSame([612.0, 792.0], ScanPaper::Letter->size(900.0, 900.0));
        [$width, $height] = ScanPaper::AsItIs->size(800.0, 400.0);
        $this->assertSame(841.89, $width);
        $this->assertEqualsWithDelta(841.89 / 2, $height, 1e-9);
    }
}
