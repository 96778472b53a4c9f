<?php

declare(strict_types=1);

namespace Tests\Core\Paper;

use OpenSlate\Paper\PaperTone;
use PHPUnit\Framework\TestCase;

final class PaperToneTest extends TestCase
{
    public function test_four_in_a_hundred_light_pixels_are_paper_and_three_are_print(): void
    {
        $dark = array_fill(0, 96, [20, 20, 20]);

        $this->assertSame('#f0f0f0', PaperTone::of([...$dark, ...array_fill(0, 4, [240, 240, 240])])->hex);
        $this->assertSame(
            '#141414',
            PaperTone::of([...$dark, [20, 20, 20], ...array_fill(0, 3, [240, 240, 240])])->hex,
        );
    }

    public function test_a_bright_colour_is_no_light_paper_while_one_of_its_channels_is_dark(): void
    {
        $this->assertSame('#141414', $this->tone([[20, 20, 20, 700], [255, 255, 0, 300]]));
        $this->assertSame('#ffff96', $this->tone([[20, 20, 20, 700], [255, 255, 150, 300]]));
    }

    public function test_white_paper_with_print_is_white(): void
    {
        $this->assertSame('#ffffff', $this->tone([[255, 255, 255, 900], [0, 0, 0, 100]]));
    }

    public function test_cream_paper_is_cream_through_the_noise_of_a_photo(): void
    {
        $pixels = [];
        for ($n = 0; $n < 1000; $n++) {
            $pixels[] = [250 + ($n % 3), 242 + ($n % 4), 224 + ($n % 3)];
        }
        $hex = PaperTone::of([...$pixels, ...array_fill(0, 300, [20, 20, 30])])->hex;

        $this->assertSame(['fb', 'f4', 'e1'], str_split(substr($hex, 1), 2));
    }

    public function test_a_dark_picture_does_not_make_the_paper_dark(): void
    {
        $this->assertSame('#fefefe', $this->tone([[254, 254, 254, 300], [30, 60, 70, 700]]));
    }

    public function test_a_page_that_is_dark_all_over_is_dark_paper(): void
    {
        $this->assertSame('#23404d', $this->tone([[35, 64, 77, 980], [255, 255, 255, 20]]));
    }

    public function test_a_page_without_pixels_is_white(): void
    {
        $this->assertSame('#ffffff', PaperTone::of([])->hex);
    }

    /** @param  list<array{int, int, int, int}>  $runs  red, green, blue and how many */
    private function tone(array $runs): string
    {
        $pixels = [];
        foreach ($runs as [$r, $g, $b, $count]) {
            $pixels = [...$pixels, ...array_fill(0, $count, [$r, $g, $b])];
        }

        return PaperTone::of($pixels)->hex;
    }
}
