<?php

declare(strict_types=1);

namespace Tests\Core\Paper;

use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Paper\Length;
use OpenSlate\Paper\PageBoxes;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Raster;
use OpenSlate\Paper\Size;
use OpenSlate\Paper\UnusableSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PaperTest extends TestCase
{
    /**
     * ISO 32000-1, 8.3.2.3 and 12.5.2: user space has its origin at the bottom left of the medium, wherever the crop
     * is.
     */
    public function test_a_rectangle_of_the_file_lies_where_the_page_shows_it(): void
    {
        $boxes = fn (Rotation $turn, float $unit = 1.0): PageBoxes => new PageBoxes(
            [0.0, 0.0, 600.0, 800.0],
            [100.0, 50.0, 500.0, 750.0],
            $turn,
            $unit,
        );
        $rectangle = [120.0, 700.0, 220.0, 730.0]; // 20 from the left of what shows, 20 from its top; 100 by 30

        $this->assertEquals(Frame::of(20, 20, 100, 30), $boxes(Rotation::None)->place($rectangle));
        $this->assertEquals(
            Frame::of(20, 20, 100, 30),
            $boxes(Rotation::None)->place([220.0, 730.0, 120.0, 700.0]),
            'corners in any order',
        );
        $this->assertEquals(
            Frame::of(650, 20, 30, 100),
            $boxes(Rotation::Quarter)->place($rectangle),
            'turned clockwise its top is at the right',
        );
        $this->assertEquals(Frame::of(280, 650, 100, 30), $boxes(Rotation::Half)->place($rectangle));
        $this->assertEquals(
            Frame::of(40, 40, 200, 60),
            $boxes(Rotation::None, 2.0)->place($rectangle),
            'units of 2/72 inch',
        );
    }

    public function test_where_the_page_shows_a_rectangle_leads_back_to_it_however_the_page_lies(): void
    {
        $rectangle = [120.0, 700.0, 220.0, 730.0];
        foreach (Rotation::cases() as $turn) {
            foreach ([1.0, 2.0] as $unit) {
                $boxes = new PageBoxes([0.0, 0.0, 600.0, 800.0], [100.0, 50.0, 500.0, 750.0], $turn, $unit);
                $this->assertEquals($rectangle, $boxes->rectangle($boxes->place($rectangle)), "{$turn->name}, {$unit}");
            }
        }
    }

    public function test_a_crop_that_only_touches_the_medium_shows_the_medium(): void
    {
        $this->assertEquals(
            Size::of(600, 800),
            (new PageBoxes([0.0, 0.0, 600.0, 800.0], [600.0, 0.0, 900.0, 800.0]))->displayed(),
        );
        $this->assertEquals(
            Size::of(600, 800),
            (new PageBoxes([0.0, 0.0, 600.0, 800.0], [0.0, 800.0, 600.0, 900.0]))->displayed(),
        );
        $this->assertEquals(
            Size::of(100, 800),
            (new PageBoxes([0.0, 0.0, 600.0, 800.0], [500.0, 0.0, 900.0, 800.0]))->displayed(),
        );
    }

    public function test_two_of_the_papers_are_screens(): void
    {
        $this->assertSame(
            [PaperSize::WideScreen, PaperSize::Screen],
            array_values(array_filter(PaperSize::cases(), fn (PaperSize $paper): bool => $paper->isScreen())),
        );
    }

    public function test_an_inch_is_72_points_and_25_4_millimetres(): void
    {
        $this->assertSame(72.0, Length::fromInches(1));
        $this->assertSame(72.0, Length::fromMillimetres(25.4));
        $this->assertEqualsWithDelta(210.0, Length::toMillimetres(Length::fromMillimetres(210)), 1e-9);
        $this->assertEqualsWithDelta(8.5, Length::toInches(612), 1e-9);
    }

    /**
     * @return array<string, array{
     *     array{float, float, float, float}, array{float, float, float, float}|null, int, float, float, float,
     * }>
     */
    public static function boxes(): array
    {
        return [
            'the medium alone' => [[0, 0, 612, 792], null, 0, 1, 612, 792],
            'a crop with an origin of its own' => [[0, 0, 612, 792], [100, 50, 400, 450], 0, 1, 300, 400],
            'a turned crop' => [[0, 0, 612, 792], [100, 50, 400, 450], 90, 1, 400, 300],
            'upside down' => [[0, 0, 612, 792], null, 180, 1, 612, 792],
            'three quarters' => [[0, 0, 612, 792], null, 270, 1, 792, 612],
            'negative origins' => [[-306, -396, 306, 396], [-100, -100, 100, 200], 0, 1, 200, 300],
            'corners the wrong way round' => [[612, 792, 0, 0], null, 0, 1, 612, 792],
            'a crop larger than the medium' => [[0, 0, 612, 792], [-50, -50, 700, 900], 0, 1, 612, 792],
            'a crop off the medium' => [[0, 0, 612, 792], [1000, 1000, 1200, 1200], 0, 1, 612, 792],
            'a unit of a twelfth of an inch' => [[0, 0, 100, 200], null, 90, 6, 1200, 600],
        ];
    }

    /**
     * ISO 32000-1, 7.7.3.3 (page attributes) and 14.11.2 (page boundaries).
     *
     * @param  array{float, float, float, float}  $media
     * @param  array{float, float, float, float}|null  $crop
     */
    #[DataProvider('boxes')]
    public function test_the_displayed_size_follows_from_the_boxes(
        array $media,
        ?array $crop,
        int $turn,
        float $unit,
        float $width,
        float $height,
    ): void {
        $size = (new PageBoxes($media, $crop, Rotation::fromDegrees($turn), $unit))->displayed();

        $this->assertEqualsWithDelta($width, $size->width, 0.001);
        $this->assertEqualsWithDelta($height, $size->height, 0.001);
    }

    public function test_turns_are_quarters_either_way_round(): void
    {
        $this->assertSame(Rotation::ThreeQuarters, Rotation::fromDegrees(-90));
        $this->assertSame(Rotation::Quarter, Rotation::fromDegrees(450));
        $this->expectExceptionMessage('45');
        Rotation::fromDegrees(45);
    }

    public function test_pages_between_10_points_and_200_inches_are_used_and_no_others(): void
    {
        $this->assertSame(14400.0, Size::of(14400, 10)->width);
        foreach ([[14400.1, 100, true], [100, 9.9, false], [NAN, 100, false]] as [$width, $height, $tooLarge]) {
            try {
                Size::of($width, $height);
                $this->fail("{$width} x {$height} was taken");
            } catch (UnusableSize $problem) {
                $this->assertSame($tooLarge, $problem->tooLarge);
            }
        }
    }

    public function test_a_page_knows_the_paper_it_is(): void
    {
        $this->assertSame(PaperSize::A4, Size::of(594.96, 841.92)->paper());
        $this->assertSame(PaperSize::Letter, Size::of(792, 612)->paper());
        $this->assertNull(Size::of(600, 792)->paper());
    }

    public function test_pictures_are_144_dots_an_inch_unless_the_page_is_a_poster(): void
    {
        $letter = Size::ofPaper(PaperSize::Letter);
        $this->assertEqualsWithDelta(144.0, Raster::page($letter)->dpi, 1e-9);
        $this->assertEqualsWithDelta(300.0, (612 * Raster::thumbnail($letter)->dpi) / 72, 1e-9);

        $this->assertEqualsWithDelta(4000.0, (14400 * Raster::page(Size::of(14400, 7200))->dpi) / 72, 1e-9);
        $this->assertEqualsWithDelta(1200.0, (14400 * Raster::thumbnail(Size::of(10, 14400))->dpi) / 72, 1e-9);
    }
}
