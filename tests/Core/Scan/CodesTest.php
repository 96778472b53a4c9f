<?php

declare(strict_types=1);

namespace Tests\Core\Scan;

use InvalidArgumentException;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;
use OpenSlate\Scan\CodeSpots;
use OpenSlate\Scan\Similarity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where codes stand on a page, and how a page is laid straight by where they were seen. */
final class CodesTest extends TestCase
{
    public function test_points_that_were_turned_moved_and_scaled_are_brought_back_exactly(): void
    {
        [$cos, $sin] = [1.7 * cos(deg2rad(33)), 1.7 * sin(deg2rad(33))];
        $pairs = [];
        foreach ([[0, 0], [40, 0], [40, 40], [500, 700]] as [$x, $y]) {
            $pairs[] = [new Point($x, $y), new Point($cos * $x - $sin * $y + 12, $sin * $x + $cos * $y - 5)];
        }
        $map = Similarity::fitting($pairs);

        $this->assertEqualsWithDelta(33.0, $map->turn(), 1e-9);
        $this->assertEqualsWithDelta(1.7, $map->scale(), 1e-9);
        $pairs[] = [new Point(-80, 3), new Point($cos * -80 - $sin * 3 + 12, $sin * -80 + $cos * 3 - 5)];
        foreach ($pairs as [$from, $to]) {
            $this->assertPoint($to, $map->of($from));
            $this->assertPoint($from, $map->inverse()->of($to));
            $this->assertPoint(new Point(2 * $to->x, 2 * $to->y), $map->scaled(2)->of($from));
            [$a, $b, $c, $d, $e, $f] = $map->matrix();
            $this->assertPoint($to, new Point($a * $from->x + $b * $from->y + $e, $c * $from->x + $d * $from->y + $f));
        }
    }

    public function test_what_was_seen_a_little_off_is_evened_out(): void
    {
        $square = [[0, 0], [100, 0], [100, 100], [0, 100]];
        $off = [[3, 0], [0, -3], [-3, 0], [0, 3]]; // together nothing, and no turn about the middle either
        $pairs = array_map(
            fn (array $at, array $by): array => [new Point(...$at), new Point($at[0] + $by[0], $at[1] + $by[1])],
            $square,
            $off,
        );
        $map = Similarity::fitting($pairs);
        $this->assertPoint(new Point(50, 50), $map->of(new Point(50, 50)));
        $far = array_sum(array_map(fn (array $pair): float => $map->of($pair[0])->distance($pair[1]) ** 2, $pairs));
        // No other map of its kind is nearer: those beside it are not.
        foreach ([0.5, -0.5] as $turn) {
            $beside = Similarity::turning($turn, new Point(50, 50));
            $other = array_sum(
                array_map(fn (array $pair): float => $beside->of($map->of($pair[0]))->distance($pair[1]) ** 2, $pairs),
            );
            $this->assertGreaterThan($far, $other);
        }
        $this->expectException(InvalidArgumentException::class);
        Similarity::fitting([$pairs[0], $pairs[0]]);
    }

    public function test_a_turn_goes_with_the_clock_about_its_middle(): void
    {
        $turn = Similarity::turning(90, new Point(10, 20));
        $this->assertPoint(new Point(10, 20), $turn->of(new Point(10, 20)));
        // From the right of it to below it: y points down.
        $this->assertPoint(new Point(10, 25), $turn->of(new Point(15, 20)));
    }

    #[DataProvider('sizes')]
    public function test_spots_lie_along_the_edges_whole_on_the_page_and_none_on_another(Size $size): void
    {
        $spots = CodeSpots::of($size);
        $this->assertCount(12, $spots);
        foreach ($spots as $number => $spot) {
            $this->assertTrue($size->frame()->contains($spot), "spot {$number}");
            $this->assertSame($spot->width, $spot->height);
            foreach ($spots as $other => $against) {
                $this->assertTrue($number === $other || $size->width < 220 || ! $spot->meets($against));
            }
            $this->assertEquals($spot, CodeSpots::find($size, $number));
        }
        $this->assertNull(CodeSpots::find($size, 5), 'the middle is for the page');
        $this->assertNull(CodeSpots::find($size, 16));
    }

    #[DataProvider('sizes')]
    public function test_two_spots_are_chosen_that_are_free_and_as_far_apart_as_can_be(Size $size): void
    {
        $corners = CodeSpots::chosen($size, []);
        $this->assertContains($corners, [[0, 15], [3, 12]], 'across the page');
        $spots = CodeSpots::of($size);
        $longest = $spots[0]->centre()->distance($spots[15]->centre());
        // Whatever is printed along one edge: what is chosen is free, and not both at one end.
        foreach ([[0, 1, 2, 3], [12, 13, 14, 15], [0, 4, 8, 12], [3, 7, 11, 15]] as $edge) {
            $chosen = CodeSpots::chosen($size, array_fill_keys($edge, 0.3));
            $this->assertSame([], array_intersect($edge, $chosen));
            $this->assertGreaterThan(0.5 * $longest, self::between($spots, $chosen));
        }
        // Where all is full, the least full.
        $taken = array_fill_keys(array_keys($spots), 0.5);
        [$taken[4], $taken[11]] = [0.1, 0.1];
        $this->assertSame([4, 11], CodeSpots::chosen($size, $taken));
        // A grain of dust is nothing.
        $this->assertSame($corners, CodeSpots::chosen($size, array_fill_keys($corners, 0.001)));
    }

    public function test_on_small_pages_codes_are_smaller_and_still_two_fit_beside_each_other(): void
    {
        $this->assertSame(42.0, CodeSpots::of(Size::of(300, 200))[0]->width);
        $this->assertSame(39.0, CodeSpots::of(Size::of(150, 110))[0]->width);
        $this->assertSame(24.0, CodeSpots::of(Size::of(80, 300))[0]->width);
    }

    /** @return array<string, array{Size}> */
    public static function sizes(): array
    {
        return [
            'A4' => [Size::ofPaper(PaperSize::A4)],
            'A4 on its side' => [Size::of(841.89, 595.28)],
            'a square' => [Size::of(400, 400)],
            'a card' => [Size::of(150, 110)],
            'a poster' => [Size::of(2400, 3400)],
        ];
    }

    /**
     * @param  array<int, Frame>  $spots
     * @param  array{int, int}  $two
     */
    private static function between(array $spots, array $two): float
    {
        return $spots[$two[0]]->centre()->distance($spots[$two[1]]->centre());
    }

    private function assertPoint(Point $wanted, Point $is): void
    {
        $this->assertEqualsWithDelta([$wanted->x, $wanted->y], [$is->x, $is->y], 1e-6);
    }
}
