<?php

declare(strict_types=1);

namespace Tests\Core\Scan;

use InvalidArgumentException;
use OpenSlate\Geometry\Point;
use OpenSlate\Scan\CornerFinder;
use OpenSlate\Scan\GreyPicture;
use OpenSlate\Scan\Homography;
use OpenSlate\Scan\Otsu;
use OpenSlate\Scan\Quadrilateral;
use OpenSlate\Scan\Skew;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Scene;

final class ScanTest extends TestCase
{
    /** @return iterable<string, array{int, string}> */
    public static function scenes(): iterable
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            $ground = Scene::GROUNDS[$seed % 4];
            yield "scene {$seed}, on {$ground}" => [$seed, $ground];
        }
    }

    #[DataProvider('scenes')]
    public function test_the_corners_of_a_sheet_are_found_within_a_hundredth_and_a_half_of_the_picture(
        int $seed,
        string $ground,
    ): void {
        $scene = new Scene($seed, $ground);
        $found = CornerFinder::find($scene->picture);

        $this->assertNotNull($found);
        $this->assertLessThanOrEqual(0.015 * 480, $this->error($scene->corners, $found));
    }

    public function test_where_there_is_no_sheet_nothing_is_proposed(): void
    {
        foreach (Scene::GROUNDS as $seed => $ground) {
            $this->assertNull(CornerFinder::find((new Scene($seed + 40, $ground, isEmpty: true))->picture), $ground);
        }
        $this->assertNull(CornerFinder::find(new GreyPicture(str_repeat("\xF0", 90 * 120), 90, 120)));
    }

    public function test_a_homography_takes_corners_to_corners_and_keeps_lines(): void
    {
        $from = Quadrilateral::of([[12, 7], [410, 31], [388, 560], [3, 512]]);
        $to = Quadrilateral::rectangle(210, 297);
        $map = Homography::between($from, $to);
        foreach ($from->corners() as $index => $corner) {
            $this->assertEqualsWithDelta($to->corners()[$index], $map->of($corner), 1e-9);
        }
        // Three points of a line lie on a line afterwards.
        $along = fn (float $t): Point => $map->of(new Point(40 + 300 * $t, 90 + 200 * $t));
        [$a, $b, $c] = array_map($along, [0.0, 0.3, 1.0]);
        $this->assertEqualsWithDelta(0, ($b->x - $a->x) * ($c->y - $a->y) - ($b->y - $a->y) * ($c->x - $a->x), 1e-6);
        $back = Homography::between($to, $from);
        $this->assertEqualsWithDelta(new Point(77, 123), $back->of($map->of(new Point(77, 123))), 1e-8);
    }

    public function test_corners_of_which_three_lie_on_one_line_have_no_homography(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Homography::between(
            Quadrilateral::of([[0, 0], [50, 0], [100, 0], [0, 80]]),
            Quadrilateral::rectangle(210, 297),
        );
    }

    public function test_figures_are_convex_or_not_and_have_an_area(): void
    {
        $this->assertTrue(Quadrilateral::rectangle(30, 20)->isConvex());
        $this->assertSame([30.0, 20.0], Quadrilateral::rectangle(30, 20)->sides());
        $this->assertSame(600.0, Quadrilateral::rectangle(30, 20)->area());
        $this->assertFalse(Quadrilateral::of([[0, 0], [30, 0], [5, 5], [0, 20]])->isConvex(), 'one corner points in');
        $this->assertFalse(Quadrilateral::of([[0, 0], [30, 20], [30, 0], [0, 20]])->isConvex(), 'its sides cross');
        $this->assertFalse(Quadrilateral::of([[0, 0], [0, 20], [30, 20], [30, 0]])->isConvex(), 'the other way round');
    }

    public function test_pages_that_are_turned_are_turned_back_within_a_tenth_of_a_degree(): void
    {
        mt_srand(7);
        $worst = 0.0;
        for ($n = 0; $n < 50; $n++) {
            $angle = round(16 * mt_rand() / mt_getrandmax() - 8, 3);
            $worst = max($worst, abs($angle - Skew::of($this->page($angle, $n))));
        }
        $this->assertLessThanOrEqual(0.1, $worst);
    }

    public function test_a_picture_without_lines_is_not_turned(): void
    {
        $this->assertSame(0.0, Skew::of(new GreyPicture(str_repeat("\xFF", 100 * 100), 100, 100)));
        mt_srand(3);
        $noise = '';
        for ($n = 0; $n < 200 * 200; $n++) {
            $noise .= chr(mt_rand(0, 255));
        }
        $this->assertSame(0.0, Skew::of(new GreyPicture($noise, 200, 200)));
    }

    public function test_a_threshold_parts_two_heaps_of_grey(): void
    {
        $this->assertSame(10, Otsu::threshold([10 => 400, 200 => 600]));
        $this->assertSame(0, Otsu::threshold([77 => 1000]));
        // Worked by hand: levels 0 to 5 with 8, 7, 2, 6, 9, 4 pixels; between-class variance is largest after 2.
        $this->assertSame(2, Otsu::threshold([8, 7, 2, 6, 9, 4]));
    }

    private function error(Quadrilateral $is, Quadrilateral $found): float
    {
        $sum = 0.0;
        foreach ($is->corners() as $index => $corner) {
            $sum += $corner->distance($found->corners()[$index]);
        }

        return $sum / 4;
    }

    /** A page with lines of words, turned about its middle. */
    private function page(float $degrees, int $seed): GreyPicture
    {
        [$width, $height] = [500, 700];
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $levels = str_repeat("\xF4", $width * $height);
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $u = ($x - 250) * $cos + ($y - 350) * $sin + 250;
                $v = -($x - 250) * $sin + ($y - 350) * $cos + 350;
                if ($u < 60 || $u > 440 || $v < 80 || $v > 620) {
                    continue;
                }
                $isLine = fmod($v, 22) < 8 && ((int) ($u / 5) * 7919 + (int) ($v / 22) * 104729 + $seed) % 3 !== 0;
                if ($isLine) {
                    $levels[$y * $width + $x] = "\x30";
                }
            }
        }

        return new GreyPicture($levels, $width, $height);
    }
}
