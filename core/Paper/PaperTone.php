<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

/**
 * Finds the colour of the paper in a picture of a page, for patches and covers to match.
 *
 * The paper is the most frequent light colour: print covers little of most pages, and where a dark picture fills
 * the page, paper is still what shows at the edges of the print. A page with hardly any light pixels is dark paper.
 */
final class PaperTone
{
    /** Less than this share of light pixels and the page is taken to be dark all over. */
    private const LIGHT_SHARE = 0.04;

    private const LIGHT_FROM = 150;

    /**
     * @param  iterable<array{int, int, int}>  $pixels  red, green, blue, 0 to 255; a few thousand will do
     */
    public static function of(iterable $pixels): Colour
    {
        $all = [];
        $light = [];
        $total = 0;
        $lightTotal = 0;
        foreach ($pixels as [$red, $green, $blue]) {
            $total++;
            // Bins of eight levels gather the noise of a photo and the ringing of JPEG round one tone.
            $bin = (($red >> 3) << 10) | (($green >> 3) << 5) | ($blue >> 3);
            $all[$bin] ??= [0, 0, 0, 0];
            $all[$bin][0]++;
            $all[$bin][1] += $red;
            $all[$bin][2] += $green;
            $all[$bin][3] += $blue;
            if (min($red, $green, $blue) >= self::LIGHT_FROM) {
                $light[$bin] = true;
                $lightTotal++;
            }
        }
        if ($total === 0) {
            return Colour::white();
        }
        $candidates = $lightTotal >= $total * self::LIGHT_SHARE ? array_intersect_key($all, $light) : $all;
        uasort($candidates, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        [$count, $red, $green, $blue] = reset($candidates) ?: [1, 255, 255, 255];

        return Colour::rgb((int) round($red / $count), (int) round($green / $count), (int) round($blue / $count));
    }
}
