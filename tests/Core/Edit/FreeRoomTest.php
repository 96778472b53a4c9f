<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use OpenSlate\Edit\FreeRoom;
use OpenSlate\Geometry\Frame;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FreeRoomTest extends TestCase
{
    /** @param  list<Frame>  $taken */
    #[DataProvider('pages')]
    public function test_it_is_the_nearest_place_clear_of_what_is_there(array $taken, ?Frame $free): void
    {
        $this->assertEquals(
            $free,
            FreeRoom::nearest(Frame::of(100, 100, 50, 40), $taken, Frame::of(0, 0, 300, 200), 6),
        );
    }

    /** @return array<string, array{list<Frame>, Frame|null}> */
    public static function pages(): array
    {
        return [
            'nothing there' => [[], Frame::of(100, 100, 50, 40)],
            'something far away' => [[Frame::of(0, 0, 90, 90)], Frame::of(100, 100, 50, 40)],
            'a gap is kept' => [[Frame::of(100, 143, 50, 40)], Frame::of(100, 97, 50, 40)],
            'something in its place: the nearest side of it' => [
                [Frame::of(90, 110, 40, 40)],
                Frame::of(100, 64, 50, 40),
            ],
            'and against another there' => [
                [Frame::of(90, 110, 40, 40), Frame::of(140, 100, 160, 40)],
                Frame::of(84, 64, 50, 40),
            ],
            'only a corner is left' => [
                [Frame::of(0, 0, 300, 150), Frame::of(0, 0, 240, 200)],
                Frame::of(246, 156, 50, 40),
            ],
            'no room' => [[Frame::of(0, 0, 300, 155), Frame::of(0, 0, 240, 200)], null],
            'no room for its gap' => [[Frame::of(0, 0, 246, 200)], null],
        ];
    }

    public function test_no_place_that_is_tried_by_small_steps_is_free_and_nearer(): void
    {
        $within = Frame::of(0, 0, 300, 200);
        mt_srand(7);
        for ($n = 0; $n < 40; $n++) {
            $taken = array_map(
                fn (): Frame => Frame::of(mt_rand(0, 240), mt_rand(0, 150), mt_rand(10, 80), mt_rand(10, 60)),
                range(1, 5),
            );
            $wanted = Frame::of(mt_rand(0, 240), mt_rand(0, 150), 60, 50);
            $found = FreeRoom::nearest($wanted, $taken, $within, 0.0);
            $best = INF;
            for ($x = 0; $x <= 240; $x += 2) {
                for ($y = 0; $y <= 150; $y += 2) {
                    $here = Frame::of($x, $y, 60, 50);
                    if (array_filter($taken, fn (Frame $other): bool => $other->meets($here)) === []) {
                        $best = min($best, hypot($x - $wanted->x, $y - $wanted->y));
                    }
                }
            }
            $away = $found === null ? INF : hypot($found->x - $wanted->x, $found->y - $wanted->y);
            $this->assertLessThanOrEqual($best, $away, "{$n}");
        }
    }
}
