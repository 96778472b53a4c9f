<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/**
 * What two people made of one text at the same time, word by word.
 *
 * Whatever one of them wrote stays, also where both wrote in one place: theirs first, then mine. A word that one of
 * them took out is gone; a word that both changed is gone, and what each made of it is there. So nothing that was
 * written is lost, and nothing has to be asked.
 */
final class TextMerge
{
    /** Cells of the table that are worked out at most; what is left of longer texts counts as rewritten. */
    private const MOST_CELLS = 400_000;

    private string $text = '';

    private function __construct()
    {
    }

    /** @param  string  $was  the text from which both began */
    public static function of(string $was, string $theirs, string $mine): string
    {
        return match (true) {
            $mine === $was, $mine === $theirs => $theirs,
            $theirs === $was => $mine,
            default => (new self)->merged(
                TextToken::all($was),
                self::changes(TextToken::all($was), TextToken::all($theirs)),
                self::changes(TextToken::all($was), TextToken::all($mine)),
            ),
        };
    }

    /**
     * @param  list<TextToken>  $was
     * @param  array{array<int, list<TextToken>>, array<int, TextToken>}  $theirs
     * @param  array{array<int, list<TextToken>>, array<int, TextToken>}  $mine
     */
    private function merged(array $was, array $theirs, array $mine): string
    {
        [$theirsIn, $theirsKept] = $theirs;
        [$mineIn, $mineKept] = $mine;
        foreach ($was as $at => $token) {
            $one = $theirsIn[$at] ?? [];
            $other = $mineIn[$at] ?? [];
            foreach ($one as $put) {
                $this->put($put->space, $put);
            }
            foreach (self::isSame($one, $other) ? [] : $other as $n => $put) {
                $isJoint = $n === 0 && $one !== [] && $put->space === '' && $put->isWord;
                $this->put($isJoint ? ' ' : $put->space, $put);
            }
            if (isset($theirsKept[$at], $mineKept[$at])) {
                $space = $mineKept[$at]->space === $token->space ? $theirsKept[$at]->space : $mineKept[$at]->space;
                $this->put($space, $token);
            }
        }

        return $this->text;
    }

    /** Words that were apart stay apart. */
    private function put(string $space, TextToken $token): void
    {
        $touches = $space === '' && $token->isWord && preg_match('/[\p{L}\p{M}\p{N}]\z/u', $this->text) === 1;
        $this->text .= ($touches ? ' ' : $space).$token->text;
    }

    /**
     * @param  list<TextToken>  $from
     * @param  list<TextToken>  $to
     * @return array{array<int, list<TextToken>>, array<int, TextToken>} what was put in before each token of the
     *                                                                   first, and those of the first that are still
     *                                                                   there, as they stand in the second
     */
    private static function changes(array $from, array $to): array
    {
        $put = $kept = [];
        $j = 0;
        foreach (self::common($from, $to) as [$i, $at]) {
            if ($at > $j) {
                // What is put in stands where the next word that is still there stood, or where the first of those
                // that it replaces did.
                $before = array_key_last($kept);
                $put[$before === null ? 0 : $before + 1] = array_slice($to, $j, $at - $j);
            }
            $kept[$i] = $to[$at];
            $j = $at + 1;
        }

        return [$put, $kept];
    }

    /**
     * The words that two texts have in common, in one order, as many as there are. The end is common to all texts.
     *
     * @param  list<TextToken>  $from
     * @param  list<TextToken>  $to
     * @return list<array{int, int}>
     */
    private static function common(array $from, array $to): array
    {
        [$n, $m] = [count($from), count($to)];
        $same = fn (int $i, int $j): bool => $from[$i]->text === $to[$j]->text;
        for ($start = 0; $start < min($n, $m) && $same($start, $start); $start++);
        for ($end = 0; $end < min($n, $m) - $start && $same($n - 1 - $end, $m - 1 - $end); $end++);
        $pairs = [];
        for ($i = 0; $i < $start; $i++) {
            $pairs[] = [$i, $i];
        }
        if (($n - $end - $start) * ($m - $end - $start) <= self::MOST_CELLS) {
            array_push($pairs, ...self::longest($from, $start, $n - $end, $to, $start, $m - $end));
        }
        for ($i = $end; $i > 0; $i--) {
            $pairs[] = [$n - $i, $m - $i];
        }

        return $pairs;
    }

    /**
     * A longest common subsequence of a piece of each (Wagner and Fischer 1974).
     *
     * @param  list<TextToken>  $from
     * @param  list<TextToken>  $to
     * @return list<array{int, int}>
     */
    private static function longest(array $from, int $i, int $fromEnd, array $to, int $j, int $toEnd): array
    {
        $length = [];
        for ($a = $fromEnd - 1; $a >= $i; $a--) {
            for ($b = $toEnd - 1; $b >= $j; $b--) {
                $length[$a][$b] = $from[$a]->text === $to[$b]->text
                    ? 1 + ($length[$a + 1][$b + 1] ?? 0)
                    : max($length[$a + 1][$b] ?? 0, $length[$a][$b + 1] ?? 0);
            }
        }
        $pairs = [];
        while ($i < $fromEnd && $j < $toEnd) {
            if ($from[$i]->text === $to[$j]->text) {
                $pairs[] = [$i++, $j++];
            } elseif (($length[$i + 1][$j] ?? 0) >= ($length[$i][$j + 1] ?? 0)) {
                $i++;
            } else {
                $j++;
            }
        }

        return $pairs;
    }

    /**
     * @param  list<TextToken>  $one
     * @param  list<TextToken>  $other
     */
    private static function isSame(array $one, array $other): bool
    {
        return array_column($one, 'text') === array_column($other, 'text');
    }
}
