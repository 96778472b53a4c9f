<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

/**
 * The level of grey that parts dark from light best: the one with the largest variance between the two (Otsu, A
 * Threshold Selection Method from Gray-Level Histograms, IEEE Transactions 1979).
 */
final class Otsu
{
    /**
     * @param  array<int, int>  $histogram  how many pixels each level from 0 to 255 has; none where it is left out
     * @return int the highest level that counts as dark; 0 where all is of one level
     */
    public static function threshold(array $histogram): int
    {
        $pixels = array_sum($histogram);
        $sum = 0.0;
        foreach ($histogram as $level => $count) {
            $sum += $level * $count;
        }
        [$best, $most, $dark, $darkSum] = [0, 0.0, 0, 0.0];
        for ($level = 0; $level < 256; $level++) {
            $dark += $histogram[$level] ?? 0;
            $darkSum += $level * ($histogram[$level] ?? 0);
            $light = $pixels - $dark;
            if ($dark === 0 || $light === 0) {
                continue;
            }
            $between = $dark * $light * ($darkSum / $dark - ($sum - $darkSum) / $light) ** 2;
            if ($between > $most) {
                [$best, $most] = [$level, $between];
            }
        }

        return $best;
    }
}
