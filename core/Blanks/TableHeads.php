<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Text\Word;

/** Names the cells of a table by the heads of their rows and columns. */
final readonly class TableHeads
{
    /** How far a rule keeps cells apart at the most, in points. */
    private const RULE = 4.0;

    private const TRUTHS =
        '/^(?:t|f|true|false|yes|no|y|n|agree|disagree|fact|opinion|always|often|sometimes|rarely|never|maybe|'.
        'not sure|likely|unlikely|certain|impossible|'.
        // French, Spanish, German, Italian, Portuguese, Dutch, Welsh
        'v|vrai|faux|oui|non|verdadero|falso|sí|r|richtig|falsch|wahr|ja|nein|vero|sì|verdadeiro|sim|não|'.
        'waar|onwaar|juist|onjuist|nee|cywir|anghywir|gwir|gau)$/iu';

    /** Where the first row of cells begins, in points, if it heads the columns; null otherwise. */
    private ?float $top;

    /** @param  non-empty-list<Cell>  $cells  that are joined */
    public function __construct(private Ground $ground, private array $cells)
    {
        $top = min(array_map(fn (Cell $cell): float => $cell->frame->y, $cells));
        $left = min(array_map(fn (Cell $cell): float => $cell->frame->x, $cells));
        $this->top = $this->areHeads($top, $left) ? $top : null;
    }

    /** @return string "Saltmarsh, Range (m)"; empty where nothing heads it */
    public function of(Cell $cell): string
    {
        [$before, $after] = $this->beside($cell);
        $heads =
            $this->top === null
                ? [$this->nearest($before)]
                : [$this->rowHead($before), $this->column($cell)];
        // A number or a letter is to be written before what stands there.
        $heads = array_filter($heads) ?: ($after === [] ? [] : [$this->said($after[0])]);

        return implode(', ', $heads);
    }

    /** Whether it is empty and behind a statement, under one of several heads of which one is true of it: "Yes", "No". */
    public function isChosen(Cell $cell): bool
    {
        $isEmpty = $this->ground->printedIn($cell->frame) === [] && ! $this->ground->hasDrawing($cell->frame);
        if (! $isEmpty || $this->top === null || $this->rowHead($this->beside($cell)[0]) === '') {
            return false;
        }
        $first = array_filter($this->cells, fn (Cell $other): bool => $other->frame->y < $this->top + 2);
        $chosen = array_filter(array_map($this->said(...), $first), self::isTruth(...));

        return count(array_unique($chosen)) > 1 && self::isTruth($this->column($cell));
    }

    /** Whether it is said of a statement that may be true. */
    public static function isTruth(string $said): bool
    {
        return preg_match(self::TRUTHS, $said) === 1;
    }

    /** @return array{string, string} what heads its row, and its column */
    public function both(Cell $cell): array
    {
        return [$this->rowHead($this->beside($cell)[0]), $this->column($cell)];
    }

    /** Whether all cells of the first row say something, but for the one in the corner, and others stand below them. */
    private function areHeads(float $top, float $left): bool
    {
        $first = array_filter($this->cells, fn (Cell $cell): bool => $cell->frame->y < $top + 2);
        foreach ($first as $cell) {
            if ($cell->frame->x > $left + 2 && $this->said($cell) === '') {
                return false;
            }
        }

        return count($first) > 1 && count($first) < count($this->cells);
    }

    /** @return array{list<Cell>, list<Cell>} those before and after it on its row that say something, from the left */
    private function beside(Cell $cell): array
    {
        $row = array_filter(
            $this->cells,
            fn (Cell $other): bool => $other !== $cell &&
                $other->frame->y < $cell->frame->middle() &&
                $other->frame->bottom() > $cell->frame->middle() &&
                $this->said($other) !== '',
        );
        usort($row, fn (Cell $a, Cell $b): int => $a->frame->x <=> $b->frame->x);
        $before = array_filter($row, fn (Cell $other): bool => $other->frame->x < $cell->frame->x);

        return [array_values($before), array_slice($row, count($before))];
    }

    /**
     * The words that stand next before a cell: the numbers of a row are its values.
     *
     * @param  list<Cell>  $before
     */
    private function nearest(array $before): string
    {
        $said = array_map($this->said(...), $before);
        $words = array_filter($said, fn (string $one): bool => preg_match('/\p{L}/u', $one) === 1) ?: $said;

        return $words === [] ? '' : end($words);
    }

    /**
     * The first cell that says something; with the next, where it but counts the row.
     *
     * @param  list<Cell>  $before
     */
    private function rowHead(array $before): string
    {
        $said = array_map($this->said(...), array_slice($before, 0, 2));
        $isNumber = preg_match('/^\(?\d{1,3}[.):]?$/', $said[0] ?? '') === 1;
        $isNamed = preg_match('/\p{L}{2}/u', $said[1] ?? '') === 1;

        return $isNumber && $isNamed ? implode(' ', $said) : $said[0] ?? '';
    }

    /** What heads its column; with what heads each of them, where it heads several. */
    private function column(Cell $cell): string
    {
        $head = array_filter($this->over($cell), fn (Cell $other): bool => $other->frame->y < $this->top + 2);
        $head = reset($head);
        if ($head === false) {
            return '';
        }
        $below = array_filter(
            $this->cells,
            fn (Cell $other): bool => abs($other->frame->y - $head->frame->bottom()) <= self::RULE &&
                $other->frame->x > $head->frame->x - self::RULE &&
                $other->frame->right() < $head->frame->right() + self::RULE,
        );
        $said = array_filter(array_map($this->said(...), $below));
        $own = array_intersect_key($said, $this->over($cell));

        return count($below) > 1 && count($said) === count($below) && $own !== []
            ? $this->said($head).' '.end($own)
            : $this->said($head);
    }

    /** @return array<int, Cell> those above it, by their places */
    private function over(Cell $cell): array
    {
        $x = $cell->frame->centre()->x;

        return array_filter(
            $this->cells,
            fn (Cell $other): bool => $other->frame->y < $cell->frame->y - self::RULE &&
                $other->frame->x < $x &&
                $other->frame->right() > $x,
        );
    }

    private function said(Cell $cell): string
    {
        $words = $this->ground->wordsIn($cell->frame);
        usort(
            $words,
            fn (Word $a, Word $b): int => abs($a->frame->middle() - $b->frame->middle()) < $a->frame->height / 2
                ? $a->frame->x <=> $b->frame->x
                : $a->frame->y <=> $b->frame->y,
        );

        return Word::said($words);
    }
}
