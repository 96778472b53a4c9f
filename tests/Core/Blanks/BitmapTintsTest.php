<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Bitmap;
use OpenSlate\Blanks\BitmapMarks;
use OpenSlate\Blanks\BitmapTints;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Shade;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is pale on a picture: tints, and the dashed lines of beginners. A pixel is half a point, with some dust. */
final class BitmapTintsTest extends TestCase
{
    private const WIDTH = 600;

    private const HEIGHT = 400;

    private const PAPER = 240;

    #[DataProvider('tilts')]
    public function test_a_bar_is_tinted_from_edge_to_edge_also_askew_and_where_light_fades(float $tilt): void
    {
        $tints = $this->tints(
            fn (float $x, float $y): float => (1 - $x / 1200) *
                ($x >= 60 && $x < 250 && $y >= 50 && $y < 70 ? 0.9 : 1.0),
            $tilt,
        );
        $this->assertCount(1, $tints);
        $this->assertEqualsWithDelta(
            [60.0, 50.0, 190.0, 20.0],
            [$tints[0]->frame->x, $tints[0]->frame->y, $tints[0]->frame->width, $tints[0]->frame->height],
            1.6,
        );
        $this->assertEqualsWithDelta(0.9, $tints[0]->lightness, 0.02);
    }

    /** @return array<string, array{float}> */
    public static function tilts(): array
    {
        return ['upright' => [0.0], 'clockwise' => [0.05], 'the other way' => [-0.03]];
    }

    public function test_words_on_a_tint_and_tints_below_each_other_are_no_matter(): void
    {
        $isWord = fn (float $x, float $y): bool => fmod($y, 60) > 14 && fmod($y, 60) < 22 && $x > 80 && fmod($x, 6) < 2;
        $isBand = fn (float $x, float $y): bool => $x > 40 && $x < 260 && fmod($y, 60) < 30;
        $bands = $this->tints(
            fn (float $x, float $y): float => $isWord($x, $y) ? 0.1 : ($isBand($x, $y) ? 0.92 : 1.0),
        );
        $this->assertCount(2, $bands, 'the uppermost and the lowest reach the edge of the page');
    }

    public function test_a_shadow_a_frame_a_picture_and_what_is_hardly_darker_are_no_tints(): void
    {
        $isIn = fn (float $x, float $y): bool => $x >= 60 && $x < 250 && $y >= 50 && $y < 110;
        $isEdge = fn (float $x, float $y): bool => $isIn($x, $y) &&
            ($x < 61.5 || $x >= 248.5 || $y < 51.5 || $y >= 108.5);
        $nothing = [
            'a shadow comes gradually' => fn (float $x, float $y): float => 1 - 0.2 * max(0, 1 - abs($y - 100) / 60),
            'it is as light inside as outside' => fn (float $x, float $y): float => $isEdge($x, $y) ? 0.3 : 1.0,
            'some of it is light and some dark' => fn (float $x, float $y): float => $isIn($x, $y)
                ? 0.6 + 0.18 * (1 + sin($x / 9))
                : 1.0,
            'nobody sees it' => fn (float $x, float $y): float => $isIn($x, $y) ? 0.985 : 1.0,
            'it is no longer than a word' => fn (float $x, float $y): float => $isIn($x, $y) && $x < 72 ? 0.9 : 1.0,
            'it does not end' => fn (float $x, float $y): float => $y >= 100 ? 0.9 : 1.0,
            'what is above ends elsewhere' => fn (float $x, float $y): float => $isIn($x, $y) && $x < 60 + ($y - 50) * 3
                ? 0.9
                : 1.0,
        ];
        foreach ($nothing as $why => $light) {
            $this->assertSame([], $this->tints($light), $why);
        }
    }

    public function test_it_is_darker_than_what_is_at_its_sides_or_reaches_the_edge_of_the_page(): void
    {
        $band = fn (float $from): array => $this->tints(
            fn (float $x, float $y): float => $y >= 50 && $y < 80 && $x >= $from && $x < 200 ? 0.9 : 1.0,
        );
        $this->assertCount(1, $band(40));
        $this->assertCount(1, $band(0));
        $boxes = fn (float $x, float $y): bool => $x >= 40 &&
            $x < 200 &&
            (($y > 20 && $y < 50) || ($y >= 80 && $y < 110));
        $this->assertSame(
            [],
            $this->tints(fn (float $x, float $y): float => $boxes($x, $y) ? 1.0 : 0.9),
            'it is what parts two white boxes on a tint',
        );
    }

    public function test_what_is_filled_with_ink_is_no_tint_and_a_page_without_levels_has_none(): void
    {
        $marks = $this->marks(
            fn (float $x, float $y): float => $x >= 60 && $x < 250 && $y >= 50 && $y < 80 ? 0.3 : 1.0,
        );
        $this->assertSame([0.2], array_map(fn (Shade $shade): float => $shade->lightness, $marks->shades));
        $tinted = $this->marks(
            fn (float $x, float $y): float => $x >= 60 && $x < 250 && $y >= 50 && $y < 80 ? 0.9 : 1.0,
        );
        $this->assertCount(1, $tinted->shades);
        $this->assertSame([], BitmapTints::find(new Bitmap([str_repeat('0', 100)], 100, 0.5), 0.0, [25.0, 0.25]));
    }

    #[DataProvider('tilts')]
    public function test_pale_dashes_between_two_lines_are_what_beginners_write_on(float $tilt): void
    {
        $found = BlankFinder::find($this->marks($this->guides(0.84), $tilt));
        $this->assertSame([BlankKind::Line], array_column($found, 'kind'));
        $this->assertEqualsWithDelta([200.0, 24.0], [$found[0]->frame->width, $found[0]->frame->height], 2.0);
    }

    public function test_what_is_to_be_copied_stands_before_the_dashes(): void
    {
        $guides = $this->guides(0.84);
        $isWord = fn (float $x, float $y): bool => $x >= 56 && $x < 90 && $y > 84 && $y < 102 && fmod($x, 7) < 2;
        $found = BlankFinder::find(
            $this->marks(fn (float $x, float $y): float => $isWord($x, $y) ? 0.5 : $guides($x, $y)),
        );
        $this->assertSame([BlankKind::Line], array_column($found, 'kind'));
        $this->assertGreaterThan(90.0, $found[0]->frame->x);
        $this->assertEqualsWithDelta(250.0, $found[0]->frame->right(), 2.0);
    }

    public function test_nothing_between_them_or_what_is_uneven_is_no_dashed_line(): void
    {
        $dashed = fn (callable $light): array => array_filter(
            $this->marks($light)->rules,
            fn (Rule $rule): bool => $rule->dashed,
        );
        $this->assertCount(1, $dashed($this->guides(0.84)));
        $this->assertCount(0, $dashed($this->guides(1.0)));
        $this->assertCount(0, $dashed($this->guides(0.84, fn (float $x): bool => fmod($x * $x, 31) < 14)), 'uneven');
        $this->assertCount(0, $dashed($this->guides(0.84, fn (float $x): bool => fmod($x, 20) < 10)), 'far apart');
    }

    /** @return callable(float, float): float two lines from 50 to 250 and between them dashes of such a light */
    private function guides(float $light, ?callable $isDash = null): callable
    {
        $isDash ??= fn (float $x): bool => fmod($x, 8) < 4;

        return fn (float $x, float $y): float => $x < 50 || $x >= 250 || ! (
            in_array((int) $y, [80, 104], true) || ((int) $y === 92 && $isDash($x))
        )
            ? 1.0
            : ((int) $y === 92 ? $light : 0.4);
    }

    /**
     * @param  callable(float, float): float  $light  as a share of the paper's, at a place of the page set upright
     * @return list<Shade>
     */
    private function tints(callable $light, float $tilt = 0.0): array
    {
        return BitmapTints::find($this->bitmap($light, $tilt), $tilt, [self::WIDTH / 4, self::HEIGHT / 4]);
    }

    private function marks(callable $light, float $tilt = 0.0): Marks
    {
        return BitmapMarks::of($this->bitmap($light, $tilt), Size::of(self::WIDTH / 2, self::HEIGHT / 2), []);
    }

    private function bitmap(callable $light, float $tilt): Bitmap
    {
        mt_srand(11);
        [$cos, $sin] = [cos($tilt), sin($tilt)];
        $levels = '';
        for ($y = 0; $y < self::HEIGHT; $y++) {
            for ($x = 0; $x < self::WIDTH; $x++) {
                [$u, $v] = [($x + 0.5 - self::WIDTH / 2) / 2, ($y + 0.5 - self::HEIGHT / 2) / 2];
                $share = $light(
                    self::WIDTH / 4 + $u * $cos + $v * $sin,
                    self::HEIGHT / 4 - $u * $sin + $v * $cos,
                );
                $levels .= chr(max(0, min(255, (int) ($share * self::PAPER) + mt_rand(-3, 3))));
            }
        }

        return Bitmap::of($levels, self::WIDTH, self::HEIGHT, 0.5);
    }
}
