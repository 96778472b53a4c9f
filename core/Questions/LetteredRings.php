<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Answers\Choices;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Ground;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\PrintedChoices;
use OpenSlate\Blanks\Tilt;
use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** Finds rows of rings with letters in them that count up, as on answer sheets: one of each row is to be marked. */
final class LetteredRings
{
    /** How large they are, in points, and how much those of one row may differ. */
    private const SMALLEST = 8.0;

    private const LARGEST = 28.0;

    private const ALIKE = 1.5;

    /** They stand no farther from each other than so many times as they are wide. */
    private const APART = 4.0;

    /** What names a row ends so near before it, in points. */
    private const NAMED = 240.0;

    private const CONFIDENCE = 0.85;

    /** Of two that do not count up, what they say. */
    private const PAIRS = ['T' => 'F', 'Y' => 'N'];

    /** @return list<Blank> */
    public static function find(Marks $marks): array
    {
        $ground = new Ground($marks);
        $middle = [$marks->size->width / 2, $marks->size->height / 2];
        $found = [];
        foreach (self::rows($ground) as $row) {
            $whole = Frame::around(array_column($row, 0));
            $found[] = new Blank(
                BlankKind::Choice,
                Tilt::turned($whole, $marks->tilt, $middle),
                self::CONFIDENCE,
                label: self::name($ground, $whole),
                form: PrintedChoices::answer($row, $whole, false),
            );
        }

        return $found;
    }

    /** @return list<non-empty-list<array{Frame, string}>> rings and their letters, from the left */
    private static function rows(Ground $ground): array
    {
        $rings = [];
        foreach ($ground->marks->rings as $ring) {
            $printed = $ring->width >= self::SMALLEST && $ring->width <= self::LARGEST ? $ground->printedIn($ring) : [];
            if (count($printed) === 1 && preg_match('/^[A-Za-z1-9]$/', $printed[0]->text) === 1) {
                $rings[] = [$ring, $printed[0]->text];
            }
        }
        usort($rings, fn (array $a, array $b): int => $a[0]->x <=> $b[0]->x);
        $rows = [];
        foreach ($rings as $ring) {
            foreach ($rows as $at => $row) {
                if (self::goesOn($row[count($row) - 1], $ring)) {
                    $rows[$at][] = $ring;

                    continue 2;
                }
            }
            $rows[] = [$ring];
        }

        return array_values(array_filter($rows, self::areChoices(...)));
    }

    /**
     * @param  array{Frame, string}  $last
     * @param  array{Frame, string}  $next
     */
    private static function goesOn(array $last, array $next): bool
    {
        [[$before, $letter], [$ring, $said]] = [$last, $next];

        return ($said === chr(ord($letter) + 1) || (self::PAIRS[$letter] ?? null) === $said) &&
            abs($ring->width - $before->width) <= self::ALIKE &&
            abs($ring->middle() - $before->middle()) < 0.5 * $ring->height &&
            $ring->x >= $before->right() - 1 &&
            $ring->x - $before->right() <= self::APART * $ring->width;
    }

    /** @param  non-empty-list<array{Frame, string}>  $row */
    private static function areChoices(array $row): bool
    {
        return count($row) >= Choices::FEWEST &&
            count($row) <= Choices::MOST &&
            in_array($row[0][1], ['A', 'a', '1', ...array_keys(self::PAIRS)], true);
    }

    /** The words that stand before a row, as near as possible. */
    private static function name(Ground $ground, Frame $row): string
    {
        $words = array_filter(
            $ground->words,
            fn (Word $word): bool => $word->frame->middle() > $row->y &&
                $word->frame->middle() < $row->bottom() &&
                $word->frame->right() <= $row->x + 1 &&
                $row->x - $word->frame->x <= self::NAMED,
        );
        usort($words, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);
        // Words of another row beside it end with its rings.
        $said = [];
        $end = null;
        foreach (array_reverse($words) as $word) {
            if ($end !== null && $end - $word->frame->right() > 2 * $row->height) {
                break;
            }
            array_unshift($said, $word);
            $end = $word->frame->x;
        }

        return Word::said($said);
    }
}
