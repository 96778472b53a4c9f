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
use OpenSlate\Packs\OtherLanguages;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * Finds the printed choices of questions, one of which is to be ringed: words with strokes between them, such as "yes /
 * no", and where nothing is to be filled in also letters that count up and words that stand apart.
 */
final class RingedChoices
{
    /** Fewer letters may be anything. */
    private const FEWEST = 3;

    private const CONFIDENCE = 0.8;

    /** Where it is said to choose, any words with strokes between them are chosen from, and what stands apart. */
    private const CHOOSE =
        '/\b(?:circle|ring|underline|choose|pick|delete|cross out|'.
        OtherLanguages::RINGED.
        '|'.
        OtherLanguages::CHOSEN.
        ')\b/iu';

    /** What is marked on the print itself; one also chooses and picks what is not there. */
    private const MARK = '/\b(?:circle|ring|underline|cross out|'.OtherLanguages::RINGED.')\b/iu';

    private const LONGEST = 120;

    /** What a pair heads begins so near under it, and is no wider, in points. */
    private const UNDER = 40.0;

    private const WIDE = 150.0;

    /**
     * @param  list<Blank>  $blanks  of the page
     * @param  list<Question>  $questions  of the page
     * @return list<Blank> the blanks and, behind them, the choices
     */
    public static function with(Marks $marks, array $blanks, array $questions): array
    {
        if (! $marks->readable || $questions === []) {
            return $blanks;
        }
        $middle = [$marks->size->width / 2, $marks->size->height / 2];
        $ground = new Ground($marks);
        $markers = MarkerFinder::find($marks->lines, $marks->seen);
        $found = [];
        foreach ($questions as $question) {
            $frame = Tilt::turned($question->frame, -$marks->tilt, $middle);
            if (self::hasParts($question, $questions)) {
                continue;
            }
            $words = $ground->printedIn($frame);
            $filled = array_intersect_key($blanks, array_flip($question->blanks));
            $groups = self::choices($ground, $words, $markers, $frame, $questions, $filled !== []);
            foreach ($groups as $choices) {
                $whole = Frame::around(array_column($choices, 0));
                if (self::heads($whole, $filled)) {
                    continue;
                }
                $found[] = new Blank(
                    BlankKind::Choice,
                    Tilt::turned($whole, $marks->tilt, $middle),
                    self::CONFIDENCE,
                    label: self::said(count($groups) > 1 ? self::onRow($words, $whole) : $words),
                    form: PrintedChoices::answer($choices, $whole, false),
                );
            }
        }

        return [...$blanks, ...$found];
    }

    /**
     * @param  list<Word>  $words  of the question
     * @param  list<Marker>  $markers  of the page
     * @param  list<Question>  $questions  of the page
     * @param  bool  $filled  whether the question has something to fill in, which letters and words apart then are for
     * @return list<non-empty-list<array{Frame, string}>>
     */
    private static function choices(
        Ground $ground,
        array $words,
        array $markers,
        Frame $frame,
        array $questions,
        bool $filled,
    ): array {
        $lettered = $filled ? null : self::lettered($words, $markers, $frame);
        if ($lettered !== null) {
            return [$lettered];
        }
        $isAsked =
            preg_match(self::CHOOSE, self::said($words)) === 1 ||
            preg_match(self::CHOOSE, self::directions($ground->marks->lines, $frame, $questions)) === 1;
        $struck = Alternatives::struck($words, $isAsked);
        $last = $struck === [] && ! $filled ? Alternatives::last($words) : null;
        if ($last !== null) {
            return [$last];
        }
        if ($struck !== [] || ! $isAsked || $filled) {
            return $struck;
        }
        $numbers = array_filter($markers, fn (Marker $one): bool => Ground::has($frame, $one->frame));
        $spaced = Alternatives::spaced($words, reset($numbers)->frame ?? null);

        return $spaced === null ? [] : [$spaced];
    }

    /**
     * Whether something to fill in stands under or behind a pair: "Yes / No" over a column, or "is / are" before a gap.
     *
     * @param  array<Blank>  $blanks  of the question
     */
    private static function heads(Frame $pair, array $blanks): bool
    {
        foreach ($blanks as $blank) {
            $under = $blank->frame->y - $pair->bottom();
            $isUnder =
                $under > -1 &&
                $under < self::UNDER &&
                $blank->kind !== BlankKind::Lines &&
                $blank->frame->x < $pair->right() &&
                $blank->frame->right() > $pair->x &&
                $blank->frame->width < self::WIDE;
            if ($isUnder || Ground::has($blank->frame, $pair)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Word>  $words
     * @return list<Word> those on the row of something
     */
    private static function onRow(array $words, Frame $on): array
    {
        return array_values(
            array_filter(
                $words,
                fn (Word $word): bool => $word->frame->middle() > $on->y && $word->frame->middle() < $on->bottom(),
            ),
        );
    }

    /**
     * What is told to do above a question and the others of its task: the last line above it that is of no question.
     *
     * @param  list<TextLine>  $lines
     * @param  list<Question>  $questions
     */
    private static function directions(array $lines, Frame $frame, array $questions): string
    {
        $last = null;
        foreach ($lines as $line) {
            $isOwn = false;
            foreach ($questions as $question) {
                $isOwn = $isOwn || Ground::has($question->frame, $line->frame);
            }
            if (
                ! $isOwn &&
                $line->wordCount() > 1 &&
                $line->frame->bottom() <= $frame->y + 2 &&
                ($last === null || $line->frame->y > $last->frame->y)
            ) {
                $last = $line;
            }
        }

        return $last->text ?? '';
    }

    /** Whether words tell to answer on the print, where no room is needed. */
    public static function areAskedFor(string $said): bool
    {
        return preg_match(self::MARK, $said) === 1 || Alternatives::areLast($said);
    }

    /** @param  list<Question>  $questions */
    private static function hasParts(Question $question, array $questions): bool
    {
        foreach ($questions as $other) {
            if ($other->of === $question->number) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Word>  $words  of the question
     * @param  list<Marker>  $markers  of the page
     * @return non-empty-list<array{Frame, string}>|null
     */
    private static function lettered(array $words, array $markers, Frame $frame): ?array
    {
        foreach ([NumberStyle::Letter, NumberStyle::UpperLetter] as $style) {
            $within = array_values(
                array_filter(
                    $markers,
                    fn (Marker $one): bool => $one->style === $style && Ground::has($frame, $one->frame),
                ),
            );
            $run = $within === [] ? [] : Sequence::runs($within)[0] ?? [];
            if (count($run) < self::FEWEST || $run[0]->value !== 1) {
                continue;
            }
            // The letters are looked for from the first on: "a" is a word as well.
            $first = $run[0];
            $after = array_values(
                array_filter(
                    $words,
                    fn (Word $word): bool => $word->frame->middle() > $first->frame->bottom() ||
                        ($word->frame->bottom() > $first->frame->y && $word->frame->x >= $first->frame->x - 1),
                ),
            );
            [$choices] = PrintedChoices::within($frame, [], $after);

            return $choices !== [] && count($choices) === count($run) ? $choices : null;
        }

        return null;
    }

    /** @param  list<Word>  $words */
    private static function said(array $words): string
    {
        $said = Word::said($words);

        return mb_strimwidth($said, 0, self::LONGEST, '…');
    }
}
