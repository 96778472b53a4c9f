<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Answers\Choices;
use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/**
 * Words of a line that one of is to be chosen: with strokes between them, or farther apart than the words of a
 * sentence.
 *
 * @phpstan-type Chosen non-empty-list<array{Frame, string}>
 */
final class Alternatives
{
    /** Pairs that nobody says but to choose from. */
    private const PAIRS =
        '(?:yes/no|no/yes|true/false|false/true|t/f|y/n|right/wrong|agree/disagree|'.
        // French, Spanish, German, Italian, Portuguese, Dutch, Welsh
        'vrai/faux|oui/non|verdadero/falso|sí/no|v/f|richtig/falsch|wahr/falsch|r/f|ja/nein|vero/falso|sì/no|'.
        'verdadeiro/falso|sim/não|waar/onwaar|juist/onjuist|goed/fout|ja/nee|cywir/anghywir|gwir/gau)';

    /** What goes with the word behind it. */
    private const ARTICLE =
        '/^(?:an?|the|is|are|was|were|does|do|did|has|have|can|will|'.
        'le|la|les|un|une|el|los|las|una|der|das|ein|eine|il|lo|gli|het|een|est|ist|sind|sono)$/iu';

    /** Signs round a word that are not of it. */
    private const SIGNS = '/^[\s(\[“"‘\'•·:]+|[\s)\]”"’\'.,;:?!…]+$/u';

    /** Room for a ring round a word, in points. */
    private const ROOM = 2.0;

    /** Wider than this, of the height of the words, and so many times as wide as between others, a space parts two. */
    private const WIDE = 0.5;

    private const WIDER = 1.8;

    /** Of one alternative there are at most so many words. */
    private const MOST_WORDS = 4;

    /** Where nothing comes before them on their line there are so many: two may be columns. */
    private const FEWEST_ALONE = 3;

    /** Of so many that are numbers but for the first, that is what is asked of them. */
    private const FEWEST_NUMBERS = 3;

    /** What a question is asked in has so many words. */
    private const FEWEST_ASKED = 2;

    /**
     * @param  list<Word>  $words  in the order in which they are read
     * @param  bool  $asked  whether it is said to choose; else only what is plainly a pair is one
     * @return list<Chosen>
     */
    public static function struck(array $words, bool $asked): array
    {
        $tokens = array_merge([], ...array_map(self::tokens(...), $words));
        $found = [];
        for ($at = 0; isset($tokens[$at + 1]); $at++) {
            $chain = [];
            while (self::isStroke($tokens[$at + 1] ?? null) && isset($tokens[$at], $tokens[$at + 2])) {
                $chain = $chain === [] ? [$at, $at + 2] : [...$chain, $at + 2];
                $at += 2;
            }
            if ($chain === [] || array_filter($chain, fn (int $one): bool => self::isStroke($tokens[$one])) !== []) {
                continue;
            }
            $choices = self::widened($tokens, $chain);
            $said = implode('/', array_column($choices, 1));
            $isPair = self::isPair($said);
            $areWords = preg_match('~^[\p{L} ’\'-]{2,}(?:/[\p{L} ’\'-]{2,})+$~u', $said) === 1;
            if ($isPair || ($asked && $areWords && count($choices) <= Choices::MOST)) {
                $found[] = $choices;
            }
        }

        return $found;
    }

    private static function isPair(string $said): bool
    {
        return preg_match('~^'.self::PAIRS.'$~iu', $said) === 1;
    }

    /** Whether what is said ends in a pair to choose from, with a space between: "The sea is salty. T F". */
    public static function areLast(string $said): bool
    {
        return preg_match('~[.!?…] '.str_replace('/', '\W+', self::PAIRS).'\W*$~iu', $said) === 1;
    }

    /**
     * A pair at the end of the last line that stands apart from what is said before it, and each from the other.
     *
     * @param  list<Word>  $words
     * @return Chosen|null
     */
    public static function last(array $words): ?array
    {
        $line = self::lastLine($words);
        usort($line, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);
        [$before, $first, $second] = array_pad(array_slice($line, -3), -3, null);
        if ($first === null || $second === null || ! self::isPair("{$first->text}/{$second->text}")) {
            return null;
        }
        $wide = self::WIDE * $first->frame->height;
        $isApart = $second->frame->x - $first->frame->right() >= $wide &&
            ($before === null || $first->frame->x - $before->frame->right() >= $wide);

        return $isApart ? [self::choice([$first]), self::choice([$second])] : null;
    }

    /**
     * Of the last line: what stands apart behind the question, or by itself.
     *
     * @param  list<Word>  $words
     * @param  Frame|null  $number  of the question
     * @return Chosen|null
     */
    public static function spaced(array $words, ?Frame $number): ?array
    {
        $words = array_values(
            array_filter($words, fn (Word $word): bool => $number === null || ! $number->contains($word->frame)),
        );
        $line = self::lastLine($words);
        $pieces = self::pieces($line);
        $isAlone = count($line) < count($words);
        $choices = $isAlone ? $pieces : array_slice($pieces, 1);
        // "half past six   06:15   06:30   06:45": the first says what is asked.
        $rest = array_slice($choices, 1);
        if (count($rest) >= self::FEWEST_NUMBERS && self::areNumbers($rest) && ! self::areNumbers($choices)) {
            $choices = $rest;
        }
        $isAsked = $isAlone || count($pieces[0] ?? []) >= self::FEWEST_ASKED;
        $fewest = $isAlone ? self::FEWEST_ALONE : Choices::FEWEST;
        $longest = max([0, ...array_map(count(...), $choices)]);
        if (! $isAsked || count($choices) < $fewest || count($choices) > Choices::MOST || $longest > self::MOST_WORDS) {
            return null;
        }

        return array_map(self::choice(...), $choices);
    }

    /**
     * A word, and the strokes in it by themselves.
     *
     * @return list<Word>
     */
    private static function tokens(Word $word): array
    {
        $length = max(1, mb_strlen($word->text));
        $tokens = [];
        $from = 0;
        foreach (preg_split('~(/)~', $word->text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $part) {
            $share = mb_strlen($part) / $length;
            if ($part !== '') {
                $frame = $word->frame;
                $x = $frame->x + ($from / $length) * $frame->width;
                $tokens[] = new Word($part, Frame::of($x, $frame->y, $share * $frame->width, $frame->height));
            }
            $from += mb_strlen($part);
        }

        return $tokens;
    }

    private static function isStroke(?Word $word): bool
    {
        return $word?->text === '/';
    }

    /**
     * "a plant / an animal": where each has its own article, that is of it.
     *
     * @param  list<Word>  $tokens
     * @param  non-empty-list<int>  $chain  places of the words beside strokes
     * @return Chosen
     */
    private static function widened(array $tokens, array $chain): array
    {
        $first = $tokens[$chain[0] - 1] ?? null;
        $hasArticles = $first !== null && preg_match(self::ARTICLE, $first->text) === 1;
        foreach (array_slice($chain, 1) as $at) {
            $hasArticles = $hasArticles && preg_match(self::ARTICLE, $tokens[$at]->text) === 1;
        }
        $choices = [];
        foreach ($chain as $number => $at) {
            $choices[] = self::choice(
                match (true) {
                    ! $hasArticles => [$tokens[$at]],
                    $number === 0 => [$tokens[$at - 1], $tokens[$at]],
                    default => array_filter([$tokens[$at], $tokens[$at + 1] ?? null]),
                },
            );
        }

        return $choices;
    }

    /**
     * @param  list<Word>  $words
     * @return list<Word>
     */
    private static function lastLine(array $words): array
    {
        $lowest = max([0.0, ...array_map(fn (Word $word): float => $word->frame->middle(), $words)]);

        return array_values(
            array_filter(
                $words,
                fn (Word $word): bool => $lowest - $word->frame->middle() < 0.5 * $word->frame->height,
            ),
        );
    }

    /** @param  list<non-empty-list<Word>>  $pieces */
    private static function areNumbers(array $pieces): bool
    {
        foreach ($pieces as $piece) {
            if (preg_match('/^[£$€−–+-]?\d/u', $piece[0]->text) !== 1) {
                return false;
            }
        }

        return $pieces !== [];
    }

    /**
     * @param  list<Word>  $line
     * @return list<non-empty-list<Word>>
     */
    private static function pieces(array $line): array
    {
        usort($line, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);
        $spaces = [];
        foreach (array_slice($line, 1) as $at => $word) {
            $spaces[] = $word->frame->x - $line[$at]->frame->right();
        }
        $usual = $spaces === [] ? 0.0 : min($spaces);
        $piece = $pieces = [];
        foreach ($line as $at => $word) {
            $space = $spaces[$at - 1] ?? 0.0;
            // One word each: then there is no usual space.
            $wide = max(self::WIDE * $word->frame->height, min(self::WIDER * $usual, $word->frame->height));
            if ($piece !== [] && $space >= $wide) {
                $pieces[] = $piece;
                $piece = [];
            }
            $piece[] = $word;
        }
        $piece === [] || ($pieces[] = $piece);

        return $pieces;
    }

    /**
     * @param  non-empty-array<Word>  $words
     * @return array{Frame, string}
     */
    private static function choice(array $words): array
    {
        $frame = Frame::around(array_values(array_map(fn (Word $word): Frame => $word->frame, $words)));

        return [
            Frame::of($frame->x - self::ROOM, $frame->y, $frame->width + 2 * self::ROOM, $frame->height),
            (string) preg_replace(self::SIGNS, '', Word::said($words)),
        ];
    }
}
