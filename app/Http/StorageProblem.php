<?php

declare(strict_types=1);

namespace App\Http;

use Throwable;

/** What keeps the program from keeping anything, told from faults of its own: a full disk, a database that is held. */
enum StorageProblem
{
    case Full;

    case Held;

    public static function in(Throwable $problem): ?self
    {
        $said = $problem->getMessage();

        return match (true) {
            preg_match(
                '/database or disk is full|No space left on device|Disk quota exceeded|disk I\/O error|'
                .'readonly database/i',
                $said,
            ) === 1 => self::Full,
            preg_match('/database (table )?is locked|database is busy/i', $said) === 1 => self::Held,
            default => null,
        };
    }

    public function title(): string
    {
        return $this === self::Full ? 'There is no room left' : 'Very busy just now';
    }

    public function words(): string
    {
        return $this === self::Full
            ? 'The disk of the server is full, so that nothing more can be kept on it. What was saved before is '
                .'safe. Tell whoever runs the program.'
            : 'Too many are writing at the same time. Nothing was lost; wait a moment, then try again.';
    }

    /** RFC 4918, 11.5, and RFC 9110, 15.6.4. */
    public function status(): int
    {
        return $this === self::Full ? 507 : 503;
    }
}
