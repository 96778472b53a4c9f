<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Answers\ChoiceMark;
use OpenSlate\Answers\Choices;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Cell;
use OpenSlate\Blanks\Ground;
use OpenSlate\Blanks\Lattice;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\PrintedChoices;
use OpenSlate\Blanks\Rules;
use OpenSlate\Blanks\TableHeads;
use OpenSlate\Blanks\Tilt;
use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** Finds the rows of tables in which one of several cells is ticked: behind a statement, under "True" and "False". */
final class TableChoices
{
    /** Cells whose tops are so near, in points, are in one row. */
    private const IN_ROW = 2.0;

    private const CONFIDENCE = 0.85;

    /** @return list<Blank> */
    public static function find(Marks $marks): array
    {
        // To put cells together takes long, and most pages have no such heads.
        $truths = array_filter(
            (new Ground($marks))->words,
            fn (Word $word): bool => TableHeads::isTruth($word->text) || TableHeads::isTruth("not {$word->text}"),
        );
        if (! $marks->readable || count($truths) < Choices::FEWEST) {
            return [];
        }
        $rules = Rules::merged($marks->rules);
        $ground = new Ground($marks->ruled($rules));
        $middle = [$marks->size->width / 2, $marks->size->height / 2];
        $groups = [];
        foreach (Lattice::of($rules)->cells as $cell) {
            $groups[$cell->group][] = $cell;
        }
        $found = [];
        foreach ($groups as $cells) {
            $heads = new TableHeads($ground, $cells);
            foreach (self::rows($heads, $cells) as [$label, $choices]) {
                $whole = Frame::around(array_column($choices, 0));
                $found[] = new Blank(
                    BlankKind::Choice,
                    Tilt::turned($whole, $marks->tilt, $middle),
                    self::CONFIDENCE,
                    label: $label,
                    form: PrintedChoices::answer($choices, $whole, false, ChoiceMark::Tick),
                );
            }
        }

        return $found;
    }

    /**
     * @param  non-empty-list<Cell>  $cells  of one table
     * @return list<array{string, non-empty-list<array{Frame, string}>}> what heads each row, and its cells with their
     *                                                                    heads
     */
    private static function rows(TableHeads $heads, array $cells): array
    {
        $chosen = array_filter($cells, $heads->isChosen(...));
        usort($chosen, fn (Cell $a, Cell $b): int => abs($a->frame->y - $b->frame->y) <= self::IN_ROW
            ? $a->frame->x <=> $b->frame->x
            : $a->frame->y <=> $b->frame->y);
        $labels = $rows = [];
        $top = null;
        foreach ($chosen as $cell) {
            [$label, $head] = $heads->both($cell);
            if ($top === null || abs($cell->frame->y - $top) > self::IN_ROW) {
                $labels[] = $label;
                $rows[] = [[$cell->frame, $head]];
                $top = $cell->frame->y;
            } else {
                $rows[count($rows) - 1][] = [$cell->frame, $head];
            }
        }
        $found = [];
        foreach ($rows as $at => $row) {
            if (count($row) >= Choices::FEWEST && count($row) <= Choices::MOST) {
                $found[] = [$labels[$at], $row];
            }
        }

        return $found;
    }
}
