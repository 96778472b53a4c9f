<?php

declare(strict_types=1);

namespace App\View;

/** Numbers in words: "1 page", "3 pages"; "once", "3 times". */
final class Count
{
    public static function of(int $number, string $one, ?string $many = null): string
    {
        return $number === 1 ? "1 {$one}" : "{$number} ".($many ?? "{$one}s");
    }

    public static function times(int $times): string
    {
        return match ($times) {
            0 => 'not yet',
            1 => 'once',
            2 => 'twice',
            default => "{$times} times",
        };
    }
}
