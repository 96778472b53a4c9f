<?php

declare(strict_types=1);

namespace App\View;

use App\Actions\MarkedByHand;
use App\Models\Copy;
use App\Models\HandMark;
use App\School;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Verdict;
use OpenSlate\Marking\Mark;

/** Marks in words. */
final class MarkingWords
{
    public static function verdict(Verdict $verdict): string
    {
        return match ($verdict) {
            Verdict::Right => 'right',
            Verdict::Part => 'right in part',
            Verdict::Wrong => 'not right',
            Verdict::Unjudged => 'to look at',
        };
    }

    /** Who judged it, and why. */
    public static function by(Mark $mark): string
    {
        return match (true) {
            $mark->byHand => 'by hand',
            $mark->waits() => $mark->why,
            in_array($mark->why, ['', Judgement::right()->why, Judgement::wrong()->why], true) => 'by the key',
            default => "by the key: {$mark->why}",
        };
    }

    /** Since when, or from when, its student sees the marks. */
    public static function returned(Copy $copy, School $school): string
    {
        return match (true) {
            $copy->returned_at === null => '',
            ! $copy->isReturned() => "goes back {$school->said($copy->returned_at)}",
            $copy->looked_at === null => 'handed back, not looked at yet',
            default => "handed back, looked at {$school->said($copy->looked_at)}",
        };
    }

    /** Of marks that a colleague was quicker with. */
    public static function theirs(MarkedByHand $marked): string
    {
        $count = count($marked->theirs);
        $who = HandMark::with('teacher')->whereIn('copy_id', $marked->theirs)->get()->pluck('teacher.name')->unique();

        return ($who->filter()->join(' and ') ?: 'A colleague').' marked '.Count::of($count, 'copy', 'copies').
            ' of these meanwhile. What they gave stays; mark again to change it.';
    }
}
