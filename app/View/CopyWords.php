<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Copy;
use App\Models\Edition;
use App\Models\Handout;
use App\School;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\OnPaper;
use OpenSlate\Copies\Standing;
use OpenSlate\Handout\Due;
use OpenSlate\Handout\Times;

/** Says in words where a copy stands. */
final class CopyWords
{
    private const FEW = 6;

    /** @return array{student: string, date: string} what labels that fill themselves in say on this copy */
    public static function fills(Copy $copy, Handout $handout, Times $times, School $school): array
    {
        $day = $school->local($times->out ?? $handout->created_at);

        return ['student' => self::names($copy), 'date' => $day->format('j F Y')];
    }

    /** Whose it is: the names of those who share it, where there are not many. */
    public static function names(Copy $copy): string
    {
        $people = $copy->people();

        return $people->count() > self::FEW ? $copy->whose() : $people->pluck('name')->join(', ', ' and ');
    }

    /** What its student does with it next. */
    public static function next(CopyState $state): string
    {
        return match ($state) {
            CopyState::NotOpened => 'Start',
            CopyState::Working => 'Go on with',
            CopyState::HandedIn => 'Look at',
        };
    }

    /** How far its student has come. */
    public static function filled(Copy $copy, Edition $edition): string
    {
        return match (true) {
            $copy->isReturned() => 'marked',
            $copy->state === CopyState::HandedIn => 'handed in',
            default => "{$copy->filled} of {$edition->places_count} filled",
        };
    }

    /** What is in it: "3 of 8 filled", "2 of 5 pages on paper". */
    public static function tally(Copy $copy, Edition $edition): string
    {
        $filled = "{$copy->filled} of {$edition->places_count} filled";
        $paper = count(OnPaper::pages($copy->written()->texts()));
        $onPaper = $edition->pages_count === 1 ? 'on paper' : "{$paper} of {$edition->pages_count} pages on paper";

        return match (true) {
            $paper === 0 => $filled,
            $copy->filled === 0 => $onPaper,
            default => "{$onPaper}, {$filled}",
        };
    }

    public static function state(Standing $standing, Due $due): string
    {
        return match ($standing->state) {
            CopyState::NotOpened => 'not opened',
            CopyState::Working => 'working',
            CopyState::HandedIn => $standing->isLate($due) ? 'handed in late' : 'handed in',
        };
    }
}
