<?php

declare(strict_types=1);

namespace App\View;

/** How long a recording lasts. */
final class PlayingTime
{
    /** As on a clock: 1:05. */
    public static function of(float $seconds): string
    {
        $whole = (int) round($seconds);

        return sprintf('%d:%02d', intdiv($whole, 60), $whole % 60);
    }

    public static function said(float $seconds): string
    {
        return Count::of((int) round($seconds), 'second');
    }
}
