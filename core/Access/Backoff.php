<?php

declare(strict_types=1);

namespace OpenSlate\Access;

/**
 * How long whoever guesses wrong has to wait before the next guess: not at all at first, then twice as long each time,
 * and never so long that a lesson is lost by it.
 */
final class Backoff
{
    /** Slips that anybody makes. */
    public const FREE = 5;

    public const FIRST = 5; // seconds

    public const LONGEST = 120; // seconds

    /**
     * @param  int  $wrong  guesses in a row
     * @return int seconds from the last of them
     */
    public static function seconds(int $wrong): int
    {
        return $wrong < self::FREE ? 0 : (int) min(self::LONGEST, self::FIRST * 2 ** min(10, $wrong - self::FREE));
    }
}
