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

/**
 * Finds the printed choices of questions that have nothing to write on or to tick: letters that count up, and pairs
 * such as "yes / no". One of them is to be ringed.
 */
final class RingedChoices
{
    /** Fewer letters may be anything. */
    private const FEWEST = 3;

    private const CONFIDENCE = 0.8;

    /** Pairs that nobody says but to choose from. */
    private const PAIRS = '~^(?:yes/no|no/yes|true/false|false/true|t/f|y/n|right/wrong|agree/disagree)$~iu';

    /** Where it is said to choose, any two words with a stroke between them are such a pair. */
    private const CHOOSE = '/\b(?:circle|ring|underline|choose|pick|delete|cross out)\b/iu';

    private const LONGEST = 120;

    /** Room for a ring round a word, in points. */
    private const ROOM = 2.0;

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
        $markers = MarkerFinder::find($marks->lines);
        $found = [];
        foreach ($questions as $question) {
            $frame = Tilt::turned($question->frame, -$marks->tilt, $middle);
            if ($question->blanks !== [] || self::hasParts($question, $questions)) {
                continue;
            }
            $words = $ground->printedIn($frame);
            $lettered = self::lettered($words, $markers, $frame);
            foreach ($lettered === null ? self::pairs($words) : [$lettered] as $choices) {
                $whole = Frame::around(array_column($choices, 0));
                $found[] = new Blank(
                    BlankKind::Choice,
                    Tilt::turned($whole, $marks->tilt, $middle),
                    self::CONFIDENCE,
                    label: self::said($words),
                    form: PrintedChoices::answer($choices, $whole, false),
                );
            }
        }

        return [...$blanks, ...$found];
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
            if (count($run) < self::FEWEST || count($run) > Choices::MOST || $run[0]->value !== 1) {
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

    /**
     * @param  list<Word>  $words
     * @return list<non-empty-list<array{Frame, string}>>
     */
    private static function pairs(array $words): array
    {
        $isAsked = preg_match(self::CHOOSE, self::said($words)) === 1;
        $pairs = [];
        foreach ($words as $at => $word) {
            $parts = explode('/', $word->text);
            if (count($parts) === 2 && $parts[0] !== '' && $parts[1] !== '') {
                $share = (mb_strlen($parts[0]) / mb_strlen($word->text)) * $word->frame->width;
                $stroke = $word->frame->width / mb_strlen($word->text);
                $frame = $word->frame;
                $pair = [
                    new Word($parts[0], Frame::of($frame->x, $frame->y, $share, $frame->height)),
                    new Word(
                        $parts[1],
                        Frame::of(
                            $frame->x + $share + $stroke,
                            $frame->y,
                            max(0.0, $frame->width - $share - $stroke),
                            $frame->height,
                        ),
                    ),
                ];
            } elseif ($word->text === '/' && isset($words[$at - 1], $words[$at + 1])) {
                $pair = [$words[$at - 1], $words[$at + 1]];
            } else {
                continue;
            }
            $plain = array_map(
                fn (Word $one): string => (string) preg_replace('/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/u', '', $one->text),
                $pair,
            );
            $isPair = preg_match(self::PAIRS, implode('/', $plain)) === 1;
            if ($isPair || ($isAsked && preg_match('/^\p{L}{2,}\/\p{L}{2,}$/u', implode('/', $plain)) === 1)) {
                $pairs[] = array_map(
                    fn (Word $one, string $said): array => [
                        Frame::of(
                            $one->frame->x - self::ROOM,
                            $one->frame->y,
                            $one->frame->width + 2 * self::ROOM,
                            $one->frame->height,
                        ),
                        $said,
                    ],
                    $pair,
                    $plain,
                );
            }
        }

        return $pairs;
    }

    /** @param  list<Word>  $words */
    private static function said(array $words): string
    {
        $said = Word::said($words);

        return mb_strimwidth($said, 0, self::LONGEST, '…');
    }
}
