<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Copy;
use App\Models\Handout;
use App\School;
use OpenSlate\Handout\AnswersShown;
use OpenSlate\Handout\Times;

/** Says in words when something is due, and what it is worth. */
final class HandoutWords
{
    public const OVER = 'The time is over, so it cannot be taken back.';

    /** @param  bool  $late  whether its time is over for whoever reads it */
    public static function due(Handout $handout, Times $times, School $school, bool $late = false): string
    {
        $due = $times->due === null
            ? 'no due time'
            : ($late ? 'was due ' : 'due ').$school->said($times->due);

        return $handout->points === null ? $due : $due.' · '.Count::of($handout->points, 'point');
    }

    /** Whether students have it yet; nothing where they have. */
    public static function out(Handout $handout, School $school): ?string
    {
        return match (true) {
            $handout->put_away_at !== null => null,
            $handout->out_at === null => 'kept ready',
            $handout->out_at->isFuture() => 'out '.$school->said($handout->out_at),
            default => null,
        };
    }

    /** When students see the answers: "never", "now". */
    public static function answers(Handout $handout, School $school): string
    {
        return match (true) {
            $handout->answers_when === AnswersShown::HandedIn => 'when they have handed in',
            $handout->answers_when === AnswersShown::HandedBack => 'when they have theirs back',
            $handout->answers_shown_at === null => 'never, as it is now',
            $handout->answers_shown_at->isFuture() => "from {$school->said($handout->answers_shown_at)}",
            default => 'now',
        };
    }

    /** Which attempt this is, and which counts: "This is attempt 2 of 3. The best counts." */
    public static function attempts(Handout $handout, Copy $copy): string
    {
        $attempts = $handout->attemptsOf();
        $of = $attempts->most === null ? '' : " of {$attempts->most}";

        $which = $attempts->best ? 'The best counts.' : 'The last counts.';

        return "This is attempt {$copy->attemptsDone()}{$of}. {$which}";
    }

    /** What becomes of a copy once it is handed in. */
    public static function takingBack(Times $times, School $school): string
    {
        $until = $times->due ?? $times->closes;

        return match (true) {
            $until === null => 'You can take it back if you need to.',
            $until < now() => self::OVER,
            default => 'You can take it back until '.$school->said($until).'.',
        };
    }
}
