<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/**
 * A page in black and white: rows of "0" for paper and "1" for ink.
 *
 * Rows are strings, so that whole rows are compared, searched and masked at once.
 */
final readonly class Bitmap
{
    /** Ink is what is darker than this share of the light round it. */
    private const INK = 0.78;

    /** And faint what is darker than this. */
    private const FAINT = 0.94;

    /** The side of a neighbourhood, in pixels, and of its rows how many are looked at. */
    private const SQUARE = 28;

    private const SAMPLE = 7;

    /** Limits are rounded to these steps of grey, so that neighbours mostly share one and are looked at together. */
    private const STEP = 4;

    /** What is darker than this share of the lightest of so many neighbourhoods round it is filled with ink. */
    private const FILLED = 0.55;

    private const ROUND = 3;

    /** What is so many pixels off may be the same place. */
    private const NEAR = 2;

    /**
     * @param  list<string>  $rows  all of one length
     * @param  float  $scale  points for each pixel
     * @param  list<string>  $faint  the same with what may be ink or dust, where that is known
     * @param  string  $levels  of grey, a byte for each pixel, likewise
     */
    public function __construct(
        public array $rows,
        public int $width,
        public float $scale,
        public array $faint = [],
        private string $levels = '',
    ) {
    }

    /** @param  list<string>  $rows */
    public function with(array $rows): self
    {
        return new self($rows, $this->width, $this->scale, $this->faint, $this->levels);
    }

    /** How light a pixel is, from 0 to 255; beyond the edges all is white. */
    public function level(int $x, int $y): int
    {
        return $x < 0 || $y < 0 || $x >= $this->width
            ? 255
            : ord($this->levels[$y * $this->width + $x] ?? "\xff");
    }

    /**
     * How light the lightest of four places round one is, in points: past strokes of letters and thin lines. Beyond the
     * edges is what lies at them. Asked of tens of thousands of places, and so without calls.
     */
    public function paper(float $x, float $y, float $round): int
    {
        $last = $this->width - 1;
        $left = min($last, max(0, (int) (($x - $round) / $this->scale)));
        $right = min($last, max(0, (int) (($x + $round) / $this->scale)));
        $upper = max(0, (int) (($y - $round) / $this->scale)) * $this->width;
        $lower = max(0, (int) (($y + $round) / $this->scale)) * $this->width;

        return ord(
            max(
                $this->levels[$upper + $left] ?? "\xff",
                $this->levels[$upper + $right] ?? "\xff",
                $this->levels[$lower + $left] ?? "\xff",
                $this->levels[$lower + $right] ?? "\xff",
            ),
        );
    }

    /**
     * From levels of grey, each pixel against the light of its neighbourhood: a photograph of a page is darker at one
     * side.
     *
     * @param  string  $levels  a byte for each pixel, row by row
     * @param  float  $scale  points for each pixel
     */
    public static function of(string $levels, int $width, int $height, float $scale): self
    {
        $light = self::light(self::lightest($levels, $width, $height));

        return new self(
            self::below($levels, $width, $height, $light, self::INK),
            $width,
            $scale,
            self::below($levels, $width, $height, $light, self::FAINT),
            $levels,
        );
    }

    /**
     * @param  list<list<int>>  $light  of the paper in each neighbourhood
     * @return list<string> rows, in which is ink what is darker than this share of it
     */
    private static function below(string $levels, int $width, int $height, array $light, float $share): array
    {
        $grey = implode('', array_map(chr(...), range(0, 255)));
        $rows = $stretches = [];
        for ($y = 0; $y < $height; $y++) {
            if ($y % self::SQUARE === 0) {
                $stretches = self::stretches($light[intdiv($y, self::SQUARE)], $share);
            }
            $line = substr($levels, $y * $width, $width);
            $row = '';
            foreach ($stretches as [$x, $length, $limit]) {
                $row .= strtr(substr($line, $x, $length), $grey, str_repeat('1', $limit).str_repeat('0', 256 - $limit));
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /**
     * @return list<list<int>> the lightest level in each neighbourhood, by rows of them
     */
    private static function lightest(string $levels, int $width, int $height): array
    {
        $squares = [];
        for ($top = 0; $top < $height; $top += self::SQUARE) {
            $row = [];
            for ($x = 0; $x < $width; $x += self::SQUARE) {
                $lightest = "\0";
                for ($y = $top; $y < min($height, $top + self::SQUARE); $y += self::SAMPLE) {
                    $lightest = max(
                        $lightest,
                        substr(
                            (string) count_chars(substr($levels, $y * $width + $x, min(self::SQUARE, $width - $x)), 3),
                            -1,
                        ),
                    );
                }
                $row[] = ord($lightest);
            }
            $squares[] = $row;
        }

        return $squares;
    }

    /**
     * How light the paper is. Where it is much darker than somewhere near, it is no shadow, which comes
     * gradually, but filled with ink: there the light is that of what is round it.
     *
     * @param  list<list<int>>  $lightest
     * @return list<list<int>>
     */
    private static function light(array $lightest): array
    {
        $light = [];
        foreach ($lightest as $y => $row) {
            $paper = [];
            foreach ($row as $x => $own) {
                $near = $own;
                for ($other = max(0, $y - self::ROUND); $other <= $y + self::ROUND; $other++) {
                    $some = array_slice($lightest[$other] ?? [], max(0, $x - self::ROUND), 2 * self::ROUND + 1);
                    $near = max([$near, ...$some]);
                }
                $paper[] = $own < self::FILLED * $near ? $near : $own;
            }
            $light[] = $paper;
        }

        return $light;
    }

    /**
     * Neighbourhoods beside each other that have one limit are one stretch.
     *
     * @param  list<int>  $light
     * @return list<array{int, int, int}> where it begins, how long it is, and its limit
     */
    private static function stretches(array $light, float $share): array
    {
        $stretches = [];
        foreach ($light as $at => $own) {
            $limit = self::STEP * (int) round(($share * $own) / self::STEP);
            $last = array_key_last($stretches);
            if ($last !== null && $stretches[$last][2] === $limit) {
                $stretches[$last][1] += self::SQUARE;
            } else {
                $stretches[] = [$at * self::SQUARE, self::SQUARE, $limit];
            }
        }

        return $stretches;
    }

    /** Whether there is ink at a place or right beside it, in points. */
    public function isInked(float $x, float $y): bool
    {
        $from = max(0, (int) round($x / $this->scale) - self::NEAR);
        $at = (int) round($y / $this->scale);
        for ($row = $at - self::NEAR; $row <= $at + self::NEAR; $row++) {
            if (str_contains(substr($this->rows[$row] ?? '', $from, 2 * self::NEAR + 1), '1')) {
                return true;
            }
        }

        return false;
    }

    public function height(): int
    {
        return count($this->rows);
    }
}
