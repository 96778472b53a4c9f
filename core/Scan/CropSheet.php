<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use OpenSlate\Geometry\Frame;

/**
 * Pieces of a picture below each other on white, each as light and dark as can be: a reader of print that passes over
 * a number that stands alone on its page reads it in such a column. What is light on dark is turned about.
 */
final readonly class CropSheet
{
    /** Around each piece, in pixels: readers take what touches an edge for a frame. */
    private const GAP = 22;

    /** How much of its ground, where that is dark, is left of a disc or a tile: what lies within its round. */
    private const WITHIN = 0.7;

    /** What is darker than that is ink, once all is as light and dark as can be. */
    private const INK = 224;

    /** What lies within a ring is so high at least, as a share of it. */
    private const INNER = 0.3;

    /** Pieces of less difference between light and dark say nothing. */
    private const CONTRAST = 40;

    /**
     * @param  list<array{Frame, int}>  $rows  of each piece where it lies in the picture, in pixels, and where it
     *                                         begins on the sheet
     */
    private function __construct(public GreyPicture $picture, private array $rows)
    {
    }

    /** @param  list<Frame>  $pieces  in pixels of the picture */
    public static function of(GreyPicture $picture, array $pieces): self
    {
        $width = 2 * self::GAP + (int) ceil(max([0.0, ...array_map(fn (Frame $one): float => $one->width, $pieces)]));
        $sheet = '';
        $rows = [];
        $white = str_repeat("\xFF", $width);
        foreach ($pieces as $piece) {
            [$piece, $crop] = self::crop($picture, $piece);
            if ($crop === []) {
                continue;
            }
            $sheet .= str_repeat($white, self::GAP);
            $rows[] = [$piece, intdiv(strlen($sheet), $width)];
            foreach ($crop as $row) {
                $sheet .= str_pad(str_repeat("\xFF", self::GAP).$row, $width, "\xFF");
            }
        }
        $sheet .= str_repeat($white, self::GAP);

        return new self(new GreyPicture($sheet, $width, intdiv(strlen($sheet), $width)), $rows);
    }

    public function isEmpty(): bool
    {
        return $this->rows === [];
    }

    /**
     * Where in the picture that lies which was read on the sheet.
     *
     * @return Frame|null in pixels of the picture; null where it is on no piece
     */
    public function place(Frame $read): ?Frame
    {
        foreach ($this->rows as [$piece, $top]) {
            if ($read->middle() >= $top && $read->middle() < $top + $piece->height) {
                return $read->moved($piece->x - self::GAP, $piece->y - $top);
            }
        }

        return null;
    }

    /**
     * @return array{Frame, list<string>} what was taken of it, and its rows, dark on light; none where nothing is on it
     */
    private static function crop(GreyPicture $picture, Frame $piece): array
    {
        $inner = Frame::of(
            $piece->x + ((1 - self::WITHIN) / 2) * $piece->width,
            $piece->y + ((1 - self::WITHIN) / 2) * $piece->height,
            self::WITHIN * $piece->width,
            self::WITHIN * $piece->height,
        );
        $isDark = self::isDark($picture, $piece, $inner);
        [$piece, $rows] = self::rows($picture, $isDark ? $inner : $piece);
        $counts = count_chars(implode('', $rows), 1);
        $levels = array_keys($counts);
        if ($rows === [] || $levels === [] || max($levels) - min($levels) < self::CONTRAST) {
            return [$piece, []];
        }
        // The ground is what most of it is: what is darker or lighter still is ground as well.
        arsort($counts);
        $ground = (int) array_key_first($counts);
        $ink = $isDark ? max($levels) : min($levels);
        $map = '';
        for ($level = 0; $level < 256; $level++) {
            $map .= chr((int) round(255 * max(0.0, min(1.0, ($level - $ink) / ($ground - $ink ?: 1)))));
        }
        $from = implode('', array_map(chr(...), range(0, 255)));

        return [$piece, self::bared(array_map(fn (string $row): string => strtr($row, $from, $map), $rows), $isDark)];
    }

    /**
     * Without what is left of the edge of a dark ground, and without a ring around all else.
     *
     * @param  non-empty-list<string>  $rows
     * @return list<string>
     */
    private static function bared(array $rows, bool $isDark): array
    {
        $shapes = self::shapes($rows);
        foreach ($shapes as $at => [$frame, $pixels]) {
            $isRing = false;
            foreach ($shapes as $other => [$inner]) {
                $isRing = $isRing || ($other !== $at && $frame->contains($inner) && self::isLarge($inner, $frame));
            }
            $isAtEdge =
                $frame->x === 0.0 ||
                $frame->y === 0.0 ||
                $frame->right() >= strlen($rows[0]) ||
                $frame->bottom() >= count($rows);
            foreach ($isRing || ($isDark && $isAtEdge) ? $pixels : [] as [$x, $y]) {
                $rows[$y] = substr_replace($rows[$y], "\xFF", $x, 1);
            }
        }

        return array_values($rows);
    }

    /** Whether what lies in another shape is no dust there. */
    private static function isLarge(Frame $inner, Frame $outer): bool
    {
        return $inner->height >= self::INNER * $outer->height;
    }

    /**
     * @param  non-empty-list<string>  $rows
     * @return list<array{Frame, non-empty-list<array{int, int}>}> what is dark and hangs together, each with its pixels
     */
    private static function shapes(array $rows): array
    {
        [$width, $height] = [strlen($rows[0]), count($rows)];
        $isSeen = array_fill(0, $width * $height, false);
        $shapes = [];
        foreach ($rows as $top => $row) {
            for ($left = 0; $left < $width; $left++) {
                if ($isSeen[$top * $width + $left] || ord($row[$left]) >= self::INK) {
                    continue;
                }
                $isSeen[$top * $width + $left] = true;
                $open = $pixels = [[$left, $top]];
                while ($open !== []) {
                    [$x, $y] = array_pop($open);
                    for ($down = max(0, $y - 1); $down <= min($height - 1, $y + 1); $down++) {
                        for ($across = max(0, $x - 1); $across <= min($width - 1, $x + 1); $across++) {
                            if (! $isSeen[$down * $width + $across] && ord($rows[$down][$across]) < self::INK) {
                                $isSeen[$down * $width + $across] = true;
                                $open[] = $pixels[] = [$across, $down];
                            }
                        }
                    }
                }
                $columns = array_column($pixels, 0);
                $levels = array_column($pixels, 1);
                [$from, $upper] = [min($columns), min($levels)];
                $frame = Frame::of($from, $upper, max($columns) - $from + 1, max($levels) - $upper + 1);
                $shapes[] = [$frame, $pixels];
            }
        }

        return $shapes;
    }

    /** Whether more of its inside is dark than light, as light goes on it. */
    private static function isDark(GreyPicture $picture, Frame $piece, Frame $inner): bool
    {
        $all = array_keys(count_chars(implode('', self::rows($picture, $piece)[1]), 1));
        if ($all === []) {
            return false;
        }
        $middle = (max($all) + min($all)) / 2;
        $dark = $light = 0;
        foreach (count_chars(implode('', self::rows($picture, $inner)[1]), 1) as $level => $count) {
            $level < $middle ? ($dark += $count) : ($light += $count);
        }

        return $dark > $light;
    }

    /** @return array{Frame, list<string>} as far as it lies in the picture */
    private static function rows(GreyPicture $picture, Frame $piece): array
    {
        $left = max(0, (int) floor($piece->x));
        $top = max(0, (int) floor($piece->y));
        $width = min($picture->width, (int) ceil($piece->right())) - $left;
        $bottom = min($picture->height, (int) ceil($piece->bottom()));
        $rows = [];
        for ($y = $top; $y < $bottom && $width > 0; $y++) {
            $rows[] = substr($picture->levels, $y * $picture->width + $left, $width);
        }

        return [Frame::of($left, $top, max(0, $width), count($rows)), $rows];
    }
}
