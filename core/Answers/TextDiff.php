<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Judging\Misspelling;

/**
 * What was changed between two texts, word by word, and what kind of mistake each change mends.
 *
 * Words and punctuation marks are aligned at the least cost; a word is rather taken for another spelling of a word than
 * for one left out and one put in. Equal ends are set aside first, so that the cost of a keystroke is that of its
 * place.
 *
 * The work is bounded. What is looked at is a band round the straight way from one text to the other (Ukkonen 1985),
 * widened until nothing better can lie outside. Texts that are so different that the band would be most of the table
 * are first parted at the words that stand once in each, in one order (as patience diff does), and what lies between
 * is aligned by itself, or, where it is long, word for word.
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

    /** More than any two texts cost. */
    private const FAR = 1_000_000_000;

    private const NARROWEST = 8;

    /** Cells of the table that are worked out at most, of a whole text and of what lies between two parting words. */
    private const MOST_CELLS = 30000;

    private const MOST_CELLS_BETWEEN = 4000;

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
                    $changes[$open && $last !== null ? $last : count($changes)] =
                        $open && $last !== null
                            ? new TextChange(
                                $changes[$last]->kind,
                                $changes[$last]->before,
                                $changes[$last]->after,
                                $changes[$last]->from.$spaces[0],
                                $changes[$last]->to.$spaces[1],
                            )
                            : new TextChange(
                                MistakeKind::Spacing,
                                $a->at - mb_strlen($spaces[0]),
                                $b->at - mb_strlen($spaces[1]),
                                ...$spaces,
                            );
                }
                if ($a->text !== $b->text) {
                    $changes[] = new TextChange(self::kind($a, $b), $a->at, $b->at, $a->text, $b->text);
                }
                $open = false;

                continue;
            }
            [$before, $after] = $this->reached($a, $b);
            $changes[] = new TextChange(
                self::kind($a, $b),
                $before,
                $after,
                $a === null ? '' : $spaces[0].$a->text,
                $b === null ? '' : $spaces[1].$b->text,
            );
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
        return [
            $a === null ? $this->reachedFrom : $a->at - mb_strlen($a->space),
            $b === null ? $this->reachedTo : $b->at - mb_strlen($b->space),
        ];
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
        $same = fn (int $i, int $j): bool => $this->from[$i]->text === $this->to[$j]->text &&
            $this->from[$i]->space === $this->to[$j]->space;
        for ($start = 0; $start < min($n, $m) && $same($start, $start); $start++);
        for ($end = 0; $end < min($n, $m) - $start && $same($n - 1 - $end, $m - 1 - $end); $end++);
        $pairs =
            $this->aligning($start, $n - $end, $start, $m - $end, self::MOST_CELLS) ??
            $this->parted($start, $n - $end, $m - $end);
        $equal = fn (int $i, int $j): array => [$this->from[$i], $this->to[$j]];

        return [
            ...($start === 0 ? [] : array_map($equal, range(0, $start - 1), range(0, $start - 1))),
            ...$pairs,
            ...($end === 0 ? [] : array_map($equal, range($n - $end, $n - 1), range($m - $end, $m - 1))),
        ];
    }

    /**
     * The least costly pairs of a piece of each text.
     *
     * @return list<array{TextToken|null, TextToken|null}>|null null when it takes more than so many cells
     */
    private function aligning(int $from, int $fromEnd, int $to, int $toEnd, int $cells): ?array
    {
        [$n, $m] = [$fromEnd - $from, $toEnd - $to];
        for ($width = self::NARROWEST; ; $width *= 2) {
            // The band reaches so many places to either side of where the texts lie if all that is more in one stands
            // first or last.
            [$low, $high] = [min(0, $m - $n) - $width, max(0, $m - $n) + $width];
            $whole = $high - $low + 1 >= $m + $n;
            if (($n + 1) * min($high - $low + 1, $m + 1) > $cells) {
                return null;
            }
            $cost = $this->table($from, $n, $to, $m, $low, $high);
            // Whoever leaves the band leaves out and puts in at least so much.
            if ($whole || $cost[$n][$m] <= self::MISSING * (2 * ($width + 1) + abs($m - $n))) {
                return $this->traced($cost, $from, $n, $to, $m);
            }
        }
    }

    /**
     * @param  array<int, array<int, int>>  $cost
     * @return list<array{TextToken|null, TextToken|null}>
     */
    private function traced(array $cost, int $from, int $i, int $to, int $j): array
    {
        $pairs = [];
        while ($i > 0 || $j > 0) {
            $here = $cost[$i][$j];
            if (
                $i > 0 &&
                $j > 0 &&
                isset($cost[$i - 1][$j - 1]) &&
                $here === $cost[$i - 1][$j - 1] + $this->cost($this->from[$from + $i - 1], $this->to[$to + $j - 1])
            ) {
                $pairs[] = [$this->from[$from + --$i], $this->to[$to + --$j]];
            } elseif ($j > 0 && isset($cost[$i][$j - 1]) && $here === $cost[$i][$j - 1] + self::MISSING) {
                $pairs[] = [null, $this->to[$to + --$j]];
            } else {
                $pairs[] = [$this->from[$from + --$i], null];
            }
        }

        return array_reverse($pairs);
    }

    /**
     * The least cost from the first i tokens of the one piece to the first j of the other, where j - i lies in the
     * band.
     *
     * @return array<int, array<int, int>>
     */
    private function table(int $from, int $n, int $to, int $m, int $low, int $high): array
    {
        $cost = [];
        for ($i = 0; $i <= $n; $i++) {
            $row = [];
            $above = $cost[$i - 1] ?? [];
            for ($j = max(0, $i + $low), $last = min($m, $i + $high); $j <= $last; $j++) {
                $best = $i === 0 && $j === 0 ? 0 : self::FAR;
                if (isset($above[$j])) {
                    $best = $above[$j] + self::MISSING;
                }
                if ($j > 0 && isset($row[$j - 1]) && $best > $row[$j - 1] + self::MISSING) {
                    $best = $row[$j - 1] + self::MISSING;
                }
                if ($j > 0 && isset($above[$j - 1]) && $above[$j - 1] < $best) {
                    $both = $above[$j - 1] + $this->cost($this->from[$from + $i - 1], $this->to[$to + $j - 1]);
                    $best = $both < $best ? $both : $best;
                }
                $row[$j] = $best;
            }
            $cost[$i] = $row;
        }

        return $cost;
    }

    /** @return list<array{TextToken|null, TextToken|null}> the pairs of texts that are very different */
    private function parted(int $start, int $fromEnd, int $toEnd): array
    {
        $pairs = [];
        [$i, $j] = [$start, $start];
        foreach ([...$this->partings($start, $fromEnd, $toEnd), [$fromEnd, $toEnd]] as [$a, $b]) {
            array_push(
                $pairs,
                ...$this->aligning($i, $a, $j, $b, self::MOST_CELLS_BETWEEN) ?? $this->wordForWord($i, $a, $j, $b),
            );
            if ($a < $fromEnd) {
                $pairs[] = [$this->from[$a], $this->to[$b]];
            }
            [$i, $j] = [$a + 1, $b + 1];
        }

        return $pairs;
    }

    /**
     * Words that stand once in each, as many as can be had in one order.
     *
     * @return list<array{int, int}> their places in both
     */
    private function partings(int $start, int $fromEnd, int $toEnd): array
    {
        [$here, $there] = [self::once($this->from, $start, $fromEnd), self::once($this->to, $start, $toEnd)];
        $both = array_map(
            fn (string|int $word): array => [$here[$word], $there[$word]],
            array_keys(array_intersect_key($here, $there)),
        );

        return array_map(fn (int $at): array => $both[$at], self::longestRising(array_column($both, 1)));
    }

    /**
     * @param  list<TextToken>  $tokens
     * @return array<array-key, int> places of the words that stand there once, by the word
     */
    private static function once(array $tokens, int $start, int $end): array
    {
        $places = [];
        for ($n = $start; $n < $end; $n++) {
            if ($tokens[$n]->isWord) {
                $places[$tokens[$n]->text][] = $n;
            }
        }

        return array_map(
            fn (array $all): int => $all[0],
            array_filter($places, fn (array $all): bool => count($all) === 1),
        );
    }

    /**
     * @param  list<int>  $numbers  all different
     * @return list<int> places of a longest run of them that only grows (Fredman 1975)
     */
    private static function longestRising(array $numbers): array
    {
        $ends = $before = [];
        foreach ($numbers as $at => $number) {
            [$low, $high] = [0, count($ends)];
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                $numbers[$ends[$middle]] < $number ? ($low = $middle + 1) : ($high = $middle);
            }
            $before[$at] = $low > 0 ? $ends[$low - 1] : null;
            $ends[$low] = $at;
        }
        $run = [];
        for ($at = $ends === [] ? null : $ends[count($ends) - 1]; $at !== null; $at = $before[$at]) {
            $run[] = $at;
        }

        return array_reverse($run);
    }

    /** @return list<array{TextToken|null, TextToken|null}> */
    private function wordForWord(int $i, int $fromEnd, int $j, int $toEnd): array
    {
        $pairs = [];
        while ($i < $fromEnd || $j < $toEnd) {
            $both = $i < $fromEnd && $j < $toEnd && $this->from[$i]->isWord === $this->to[$j]->isWord;
            if ($both) {
                $pairs[] = [$this->from[$i++], $this->to[$j++]];

                continue;
            }
            $i < $fromEnd && ($pairs[] = [$this->from[$i++], null]);
            $j < $toEnd && ($pairs[] = [null, $this->to[$j++]]);
        }

        return $pairs;
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

        return $space +
            (! $a->isWord
                ? self::MARK
                : ($this->costs["{$a->text} {$b->text}"] ??= match (self::kind($a, $b)) {
                    MistakeKind::Capital => self::CAPITAL,
                    MistakeKind::Spelling, MistakeKind::Punctuation => self::SPELLING,
                    default => self::OTHER_WORD,
                }));
    }

    private static function kind(?TextToken $a, ?TextToken $b): MistakeKind
    {
        if ($a !== null && $b !== null && $a->isWord && $b->isWord) {
            return self::kindOfWords(mb_strtolower($a->text), mb_strtolower($b->text));
        }
        $marks = array_map(fn (?TextToken $token): string => $token === null || $token->isWord ? '' : $token->text, [
            $a,
            $b,
        ]);
        if ($marks !== ['', '']) {
            return match (true) {
                array_intersect($marks, ['.', '!', '?', '…']) !== [] => MistakeKind::EndMark,
                in_array(',', $marks, true) => MistakeKind::Comma,
                default => MistakeKind::Punctuation,
            };
        }

        return MistakeKind::Word;
    }

    private static function kindOfWords(string $one, string $other): MistakeKind
    {
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
