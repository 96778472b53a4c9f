<?php

declare(strict_types=1);

namespace App\View;

/** A number of things in words: "1 page", "3 pages". */
final class Count
{
    public static function of(int $number, string $one, ?string $many = null): string
    {
        return $number === 1 ? "1 {$one}" : "{$number} ".($many ?? "{$one}s");
    }
}
