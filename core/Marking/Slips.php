<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Judging\Misspelling;

/**
 * All answers to one place, sorted as on a table: what is alike, and marked alike, is one slip.
 *
 * Answers are alike where the key would not tell them apart (AnswerForm::likeness). Those that are only near lie side
 * by
 * side, but are never one slip by themselves.
 */
final class Slips
{
    /** Near texts are looked for among so many; the order of more is by number and by letters. */
    private const MOST_COMPARED = 60;

    /**
     * @param  array<int, string>  $answers  by copy
     * @param  array<int, Mark>  $marks  by copy
     * @param  list<int>  $apart  copies whose answers no two of which are known to be alike, as they stand on paper
     * @return list<Slip> the most frequent first, each followed by what is near to it
     */
    public static function of(MarkedPlace $place, array $answers, array $marks, array $apart = []): array
    {
        $together = [];
        $apart = array_flip($apart);
        foreach ($marks as $copy => $mark) {
            $likeness = $place->likeness($answers[$copy] ?? '');
            $marked = [$likeness, $mark->verdict->value, $mark->points->tenThousandths, $mark->byHand];
            isset($apart[$copy]) && ($marked[] = $copy);
            $together[serialize($marked)][] = $copy;
        }
        $slips = [];
        foreach ($together as $copies) {
            $written = array_count_values(array_map(fn (int $copy): string => $answers[$copy] ?? '', $copies));
            arsort($written);
            $answer = (string) array_key_first($written);
            $slips[] = new Slip($place->likeness($answer), $answer, $marks[$copies[0]], $copies);
        }
        usort(
            $slips,
            fn (Slip $a, Slip $b): int => [count($b->copies), $a->likeness, $a->copies] <=>
                [count($a->copies), $b->likeness, $b->copies],
        );

        return count($slips) > self::MOST_COMPARED ? $slips : self::nearTogether($slips);
    }

    /**
     * @param  list<Slip>  $slips
     * @return list<Slip>
     */
    private static function nearTogether(array $slips): array
    {
        $ordered = [];
        while ($slips !== []) {
            $first = array_shift($slips);
            $ordered[] = $first;
            foreach ($slips as $at => $slip) {
                if (self::areNear($first->likeness, $slip->likeness)) {
                    $ordered[] = $slip;
                    unset($slips[$at]);
                }
            }
            $slips = array_values($slips);
        }

        return $ordered;
    }

    private static function areNear(string $a, string $b): bool
    {
        return $a === $b || (strlen($a) <= 255 && strlen($b) <= 255 && Misspelling::isClose($a, $b));
    }
}
