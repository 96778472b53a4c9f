<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Handout;
use App\School;

/** Says in words when something is due, and what it is worth. */
final class HandoutWords
{
    public const OVER = 'The time is over, so it cannot be taken back.';

    /** @param  bool  $late  whether its time is over for whoever reads it */
    public static function due(Handout $handout, School $school, bool $late = false): string
    {
        $due = $handout->due_at === null
            ? 'no due time'
            : ($late ? 'was due ' : 'due ').$school->said($handout->due_at);

        return $handout->points === null ? $due : $due.' · '.Count::of($handout->points, 'point');
    }

    /** What becomes of a copy once it is handed in. */
    public static function takingBack(Handout $handout, School $school): string
    {
        return match (true) {
            $handout->due_at === null => 'You can take it back if you need to.',
            $handout->due()->isPast(now()->toDateTimeImmutable()) => self::OVER,
            default => 'You can take it back until '.$school->said($handout->due_at).'.',
        };
    }
}
