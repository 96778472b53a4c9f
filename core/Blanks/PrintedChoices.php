<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\ChoiceMark;
use OpenSlate\Answers\Choices;
use OpenSlate\Answers\Option;
use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/**
 * The choices that are printed in a region: squares or circles to tick; letters or numbers that count up; or else the
 * pieces of a line that stand apart, and lines of their own.
 */
final class PrintedChoices
{
    private const LETTERED = '/^[(\[]?([A-Za-z]|[1-9])[.):\]]{0,2}$/u';

    private const BETWEEN = '/^(?:[\/|•·]|or)$/iu';

    /** Words farther apart than this, of the height of their type, are two choices. */
    private const APART = 0.9;

    /** Room for a ring round the words, in points. */
    private const ROOM = 2.0;

    /**
     * @param  list<Blank>  $blanks
     * @param  list<Word>  $words
     * @return array{list<array{Frame, string}>, bool} frame and words of each choice, in order, none where there are
     *                                                 fewer than two; and whether they are there to be ticked
     */
    public static function within(Frame $region, array $blanks, array $words): array
    {
        $ticks = array_values(
            array_filter(
                $blanks,
                fn (Blank $blank): bool => $blank->kind === BlankKind::Tick && Ground::has($region, $blank->frame),
            ),
        );
        if (count($ticks) >= Choices::FEWEST) {
            return [self::cut(array_map(fn (Blank $tick): array => [$tick->frame, $tick->label], $ticks)), true];
        }
        $lines = self::lines(
            array_values(array_filter($words, fn (Word $word): bool => Ground::has($region, $word->frame))),
        );
        $choices = self::lettered($lines);
        if (count($choices) < Choices::FEWEST) {
            $choices = self::apart($lines);
        }

        return [count($choices) < Choices::FEWEST ? [] : self::cut($choices), false];
    }

    /**
     * @param  non-empty-list<array{Frame, string}>  $choices  frame and words of each, in order
     * @param  Frame  $whole  of all of them
     * @param  bool  $ticked  whether several may be ticked; else one is ringed
     * @param  ChoiceMark|null  $mark  another than is usual for that
     */
    public static function answer(
        array $choices,
        Frame $whole,
        bool $ticked,
        ?ChoiceMark $mark = null,
    ): ChoiceAnswer {
        $options = array_map(
            fn (array $choice, int $at): Option => new Option(
                self::id($at),
                $choice[1],
                self::share($choice[0]->x - $whole->x, $whole->width),
                self::share($choice[0]->y - $whole->y, $whole->height),
                max(0.002, self::share($choice[0]->width, $whole->width)),
                max(0.002, self::share($choice[0]->height, $whole->height)),
            ),
            $choices,
            array_keys($choices),
        );

        return ChoiceAnswer::of($options, $ticked, $mark ?? ($ticked ? ChoiceMark::Tick : ChoiceMark::Ring));
    }

    private static function share(float $part, float $whole): float
    {
        return round(max(0.0, min(1.0, $part / max(0.001, $whole))), 5);
    }

    private static function id(int $at): string
    {
        return $at < 26 ? chr(97 + $at) : 'o'.$at;
    }

    /**
     * Letters or numbers that count up from the first, whichever go on longer; the words of each go on to the next.
     *
     * @param  list<list<Word>>  $lines
     * @return list<array{Frame, string}>
     */
    private static function lettered(array $lines): array
    {
        $words = [];
        foreach ($lines as $line) {
            foreach ($line as $word) {
                $words[] = $word;
            }
        }
        [$letters, $numbers] = [self::counted($words, 'a'), self::counted($words, '1')];
        $starts = count($numbers) > count($letters) ? $numbers : $letters;
        $choices = [];
        foreach ($starts as $index => $at) {
            $end = $starts[$index + 1] ?? count($words);
            $said = implode(
                ' ',
                array_map(fn (Word $word): string => $word->text, array_slice($words, $at, $end - $at)),
            );
            $choices[] = [self::around([$words[$at]]), $said];
        }

        return $choices;
    }

    /**
     * @param  list<Word>  $words
     * @return list<int> where the marks stand that count up from the first
     */
    private static function counted(array $words, string $first): array
    {
        $starts = [];
        $expected = $first;
        foreach ($words as $at => $word) {
            $mark = preg_match(self::LETTERED, $word->text, $match) === 1 ? mb_strtolower($match[1]) : '';
            if ($mark === $expected) {
                $starts[] = $at;
                $expected = self::next($mark);
            } elseif (
                $mark === $first &&
                count($starts) === 1 &&
                (! self::isPointed($words[$starts[0]]) || self::isPointed($word))
            ) {
                $starts = [$at]; // The one before was an article, or the number of the question.
            }
        }

        return $starts;
    }

    /** Whether something stands after a letter or number that says what it is for: "a)", not "a". */
    private static function isPointed(Word $mark): bool
    {
        return mb_strlen($mark->text) > 1;
    }

    private static function next(string $mark): string
    {
        return ctype_digit($mark) ? (string) ((int) $mark + 1) : chr(ord($mark) + 1);
    }

    /**
     * @param  list<list<Word>>  $lines
     * @return list<array{Frame, string}>
     */
    private static function apart(array $lines): array
    {
        $choices = [];
        foreach ($lines as $line) {
            $run = [];
            foreach ($line as $word) {
                $last = $run[count($run) - 1] ?? null;
                $parts = preg_match(self::BETWEEN, $word->text) === 1;
                if (
                    $last !== null &&
                    $run !== [] &&
                    ($parts || $word->frame->x - $last->frame->right() > self::APART * $word->frame->height)
                ) {
                    $choices[] = self::choice($run);
                    $run = [];
                }
                if (! $parts) {
                    $run[] = $word;
                }
            }
            if ($run !== []) {
                $choices[] = self::choice($run);
            }
        }

        return $choices;
    }

    /**
     * @param  non-empty-list<Word>  $words
     * @return array{Frame, string}
     */
    private static function choice(array $words): array
    {
        return [self::around($words), Word::said($words)];
    }

    /** @param  non-empty-list<Word>  $words */
    private static function around(array $words): Frame
    {
        $frame = Frame::around(array_map(fn (Word $word): Frame => $word->frame, $words));
        // A single letter gets room enough for a ring that is as wide as it is high.
        $side = max($frame->width, min($frame->height, 1.2 * $frame->height));

        return Frame::of(
            $frame->x + ($frame->width - $side) / 2 - self::ROOM,
            $frame->y - self::ROOM / 2,
            $side + 2 * self::ROOM,
            $frame->height + self::ROOM,
        );
    }

    /**
     * @param  list<Word>  $words
     * @return list<list<Word>> from the top, each from the left
     */
    private static function lines(array $words): array
    {
        usort($words, fn (Word $a, Word $b): int => $a->frame->middle() <=> $b->frame->middle());
        $lines = [];
        foreach ($words as $word) {
            $last = array_key_last($lines);
            if (
                $last !== null &&
                abs($lines[$last][0]->frame->middle() - $word->frame->middle()) < 0.5 * $word->frame->height
            ) {
                $lines[$last][] = $word;
            } else {
                $lines[] = [$word];
            }
        }
        foreach ($lines as &$line) {
            usort($line, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);
        }

        return $lines;
    }

    /**
     * @param  list<array{Frame, string}>  $choices
     * @return list<array{Frame, string}>
     */
    private static function cut(array $choices): array
    {
        return array_map(
            fn (array $choice): array => [$choice[0], mb_substr($choice[1], 0, Choices::LONGEST)],
            array_slice($choices, 0, Choices::MOST),
        );
    }
}
