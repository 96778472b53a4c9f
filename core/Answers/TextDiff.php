<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/**
 * What was changed between two texts, word by word, and what kind of mistake each change mends.
 *
 * Words and punctuation marks are aligned at the least cost; a word is rather taken for another spelling of a word than
 * for one left out and one put in. Equal ends are set aside first, so that the cost of a keystroke is that of its place.
 */
final class TextDiff
{
    private const MISSING = 10;

    private const SPACE = 1;

    private const CAPITAL = 2;

    private const SPELLING = 6;

    private const MARK = 8;

    private const OTHER_WORD = 16;

    /** More than leaving the one out and putting the other in. */
    private const NEVER = 25;

    /** @var array<string, int> cost of one word for another */
    private array $costs = [];

    /**
     * @param  list<TextToken>  $from
     * @param  list<TextToken>  $to
     */
    private function __construct(private readonly array $from, private readonly array $to)
    {
    }

    /** @return list<TextChange> in the order of the texts */
    public static function between(string $from, string $to): array
    {
        return $from === $to ? [] : (new self(TextToken::all($from), TextToken::all($to)))->changes();
    }

    /** @return list<TextChange> */
    private function changes(): array
    {
        $changes = [];
        $open = false; // whether the last change ends where the next token begins
        foreach ($this->aligned() as [$a, $b]) {
            $spaces = [$a === null ? '' : $a->space, $b === null ? '' : $b->space];
            if ($a !== null && $b !== null) {
                if ($spaces[0] !== $spaces[1]) {
                    $last = array_key_last($changes);
                    $changes[$open && $last !== null ? $last : count($changes)] = $open && $last !== null
                        ? new TextChange($changes[$last]->kind, $changes[$last]->before, $changes[$last]->after, $changes[$last]->from.$spaces[0], $changes[$last]->to.$spaces[1])
                        : new TextChange(MistakeKind::Spacing, $a->at - mb_strlen($spaces[0]), $b->at - mb_strlen($spaces[1]), ...$spaces);
                }
                if ($a->text !== $b->text) {
                    $changes[] = new TextChange(self::kind($a, $b), $a->at, $b->at, $a->text, $b->text);
                }
                $open = false;

                continue;
            }
            [$before, $after] = $this->reached($a, $b);
            $changes[] = new TextChange(self::kind($a, $b), $before, $after, $a === null ? '' : $spaces[0].$a->text, $b === null ? '' : $spaces[1].$b->text);
            $open = true;
        }

        return array_values($changes);
    }

    private int $reachedFrom = 0;

    private int $reachedTo = 0;

    /**
     * Where a token that only one text has begins, with the space before it, in both.
     *
     * @return array{int, int}
     */
    private function reached(?TextToken $a, ?TextToken $b): array
    {
        return [$a === null ? $this->reachedFrom : $a->at - mb_strlen($a->space), $b === null ? $this->reachedTo : $b->at - mb_strlen($b->space)];
    }

    /** @return iterable<array{TextToken|null, TextToken|null}> */
    private function aligned(): iterable
    {
        foreach ($this->pairs() as $pair) {
            yield $pair;
            $this->reachedFrom = $pair[0] === null ? $this->reachedFrom : $pair[0]->end();
            $this->reachedTo = $pair[1] === null ? $this->reachedTo : $pair[1]->end();
        }
    }

    /** @return list<array{TextToken|null, TextToken|null}> */
    private function pairs(): array
    {
        [$n, $m] = [count($this->from), count($this->to)];
        $same = fn (int $i, int $j): bool => $this->from[$i]->text === $this->to[$j]->text && $this->from[$i]->space === $this->to[$j]->space;
        for ($start = 0; $start < min($n, $m) && $same($start, $start); $start++);
        for ($end = 0; $end < min($n, $m) - $start && $same($n - 1 - $end, $m - 1 - $end); $end++);
        $cost = $this->table($start, $n - $end, $m - $end);
        $pairs = [];
        for ([$i, $j] = [$n - $end - $start, $m - $end - $start]; $i > 0 || $j > 0;) {
            if ($i > 0 && $j > 0 && $cost[$i][$j] === $cost[$i - 1][$j - 1] + $this->cost($this->from[$start + $i - 1], $this->to[$start + $j - 1])) {
                $pairs[] = [$this->from[$start + --$i], $this->to[$start + --$j]];
            } elseif ($j > 0 && $cost[$i][$j] === $cost[$i][$j - 1] + self::MISSING) {
                $pairs[] = [null, $this->to[$start + --$j]];
            } else {
                $pairs[] = [$this->from[$start + --$i], null];
            }
        }
        $equal = fn (int $i, int $j): array => [$this->from[$i], $this->to[$j]];

        return [
            ...($start === 0 ? [] : array_map($equal, range(0, $start - 1), range(0, $start - 1))),
            ...array_reverse($pairs),
            ...($end === 0 ? [] : array_map($equal, range($n - $end, $n - 1), range($m - $end, $m - 1))),
        ];
    }

    /** @return array<int, array<int, int>> the least cost from the first i tokens to the first j, after the equal start */
    private function table(int $start, int $n, int $m): array
    {
        $cost = [[]];
        for ($j = 0; $j <= $m - $start; $j++) {
            $cost[0][$j] = $j * self::MISSING;
        }
        for ($i = 1; $i <= $n - $start; $i++) {
            $row = [$i * self::MISSING];
            for ($j = 1; $j <= $m - $start; $j++) {
                $row[$j] = min(
                    $cost[$i - 1][$j - 1] + $this->cost($this->from[$start + $i - 1], $this->to[$start + $j - 1]),
                    $cost[$i - 1][$j] + self::MISSING,
                    $row[$j - 1] + self::MISSING,
                );
            }
            $cost[$i] = $row;
        }

        return $cost;
    }

    private function cost(TextToken $a, TextToken $b): int
    {
        $space = $a->space === $b->space ? 0 : self::SPACE;
        if ($a->text === $b->text) {
            return $space;
        }
        if ($a->isWord !== $b->isWord) {
            return self::NEVER;
        }

        return $space + (! $a->isWord ? self::MARK : $this->costs["{$a->text} {$b->text}"] ??= match (self::kind($a, $b)) {
            MistakeKind::Capital => self::CAPITAL,
            MistakeKind::Spelling, MistakeKind::Punctuation => self::SPELLING,
            default => self::OTHER_WORD,
        });
    }

    private static function kind(?TextToken $a, ?TextToken $b): MistakeKind
    {
        $marks = array_map(fn (?TextToken $token): string => $token === null || $token->isWord ? '' : $token->text, [$a, $b]);
        if ($marks !== ['', '']) {
            return match (true) {
                array_intersect($marks, ['.', '!', '?', '…']) !== [] => MistakeKind::EndMark,
                in_array(',', $marks, true) => MistakeKind::Comma,
                default => MistakeKind::Punctuation,
            };
        }
        if ($a === null || $b === null) {
            return MistakeKind::Word;
        }
        [$one, $other] = [mb_strtolower($a->text), mb_strtolower($b->text)];

        return match (true) {
            $one === $other => MistakeKind::Capital,
            self::bare($one) === self::bare($other) => MistakeKind::Punctuation,
            Misspelling::isClose($one, $other) => MistakeKind::Spelling,
            default => MistakeKind::Word,
        };
    }

    private static function bare(string $word): string
    {
        return str_replace(["'", '’', '-'], '', $word);
    }
}
