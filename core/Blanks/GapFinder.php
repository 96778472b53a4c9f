<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** Finds runs of underscores, dots and dashes: gaps in text, or lines where nothing else stands beside them. */
final class GapFinder
{
    private const RUN = '/_{2,}|[.…‥]{4,}|…{2,}|-{4,}|[–‒]{3,}|—{2,}/u';

    /** Signs that stand alone and are one run where they follow each other so closely, of their height, so many times. */
    private const SPACED = '/^[.…‥·_]{1,3}$/u';

    private const SPACE = 0.9;

    private const FEWEST_SPACED = 4;

    /** What one can write in, at the least, in points. */
    private const NARROWEST = 9.0;

    /** How far runs of one gap are apart, of their height; those that are long, in points, stand closer. */
    private const TOUCHING = 0.45;

    private const NO_SPACE = 0.15;

    private const LONG = 30.0;

    /** Where underscores lie in the height of a word. */
    private const FOOT = 0.88;

    /** @return array{list<Blank>, list<Rule>} gaps, and runs that stand alone on their line */
    public static function find(Ground $ground): array
    {
        $gaps = [];
        $rules = [];
        foreach ($ground->marks->lines as $line) {
            if (GivenLines::isLeader($line->text)) {
                continue;
            }
            $runs = self::runs($line);
            $alone = self::isAlone($ground, $line, $runs);
            foreach ($runs as $frame) {
                if ($frame->width < self::NARROWEST) {
                    continue;
                }
                $foot = $frame->y + self::FOOT * $frame->height;
                if ($alone && $frame->width >= 60) {
                    $rules[] = new Rule(true, $foot, $frame->x, $frame->right(), 1.0, typed: true);
                } else {
                    $gaps[] = new Blank(
                        BlankKind::Gap,
                        Frame::of($frame->x, $frame->y, $frame->width, $foot - $frame->y),
                        0.93,
                    );
                }
            }
        }

        return [$gaps, $rules];
    }

    /**
     * @param  list<Frame>  $runs
     */
    private static function isAlone(Ground $ground, TextLine $line, array $runs): bool
    {
        if (
            count($runs) !== 1 ||
            preg_match(
                '/[\p{L}\p{N}]{2,}|\p{L}/u',
                (string) preg_replace('/^\W*(\d{1,2}|[a-h])[.)]/u', '', $line->text),
            ) === 1
        ) {
            return false;
        }
        foreach ($ground->words as $word) {
            if (
                abs($word->frame->middle() - $runs[0]->middle()) < 0.4 * $runs[0]->height &&
                ! Ground::has($runs[0], $word->frame) &&
                preg_match('/^\W*(\d{1,2}|[a-h])[.)]?$/u', $word->text) !== 1
            ) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Frame> from left to right; runs that touch are one */
    private static function runs(TextLine $line): array
    {
        $frames = [];
        foreach (self::joined($line->words) as $word) {
            foreach (self::within($word) as $frame) {
                $last = array_key_last($frames);
                if ($last !== null && self::isOne($frames[$last], $frame)) {
                    $frames[$last] = Frame::around([$frames[$last], $frame]);
                } else {
                    $frames[] = $frame;
                }
            }
        }

        return $frames;
    }

    /** Whether one run goes on in the next; between two that are long a space is meant. */
    private static function isOne(Frame $run, Frame $next): bool
    {
        $isLong = min($run->width, $next->width) >= self::LONG;

        return $next->x - $run->right() < ($isLong ? self::NO_SPACE : self::TOUCHING) * $next->height;
    }

    /**
     * Dots with spaces between them are read as a word each: those that follow each other closely are one.
     *
     * @param  list<Word>  $words
     * @return list<Word>
     */
    private static function joined(array $words): array
    {
        $joined = [];
        $run = [];
        foreach ([...$words, null] as $word) {
            $last = $run === [] ? null : $run[count($run) - 1];
            if (
                $word !== null &&
                preg_match(self::SPACED, $word->text) === 1 &&
                ($last === null || $word->frame->x - $last->frame->right() <= self::SPACE * $word->frame->height)
            ) {
                $run[] = $word;

                continue;
            }
            $isRun = count($run) >= self::FEWEST_SPACED;
            array_push(
                $joined,
                ...$isRun
                    ? [new Word('____', Frame::around(array_map(fn (Word $one): Frame => $one->frame, $run)))]
                    : $run,
            );
            $starts = $word !== null && preg_match(self::SPACED, $word->text) === 1;
            $run = $starts ? [$word] : [];
            $word === null || $starts || ($joined[] = $word);
        }

        return $joined;
    }

    /** @return list<Frame> where in a word its runs are, as far as its letters are taken as equally wide */
    private static function within(Word $word): array
    {
        if (preg_match_all(self::RUN, $word->text, $found, PREG_OFFSET_CAPTURE) === 0) {
            return [];
        }
        $widths = array_map(fn (string $letter): float => self::width($letter), mb_str_split($word->text));
        $whole = max(0.001, array_sum($widths));
        $frames = [];
        foreach ($found[0] as [$run, $offset]) {
            $start = mb_strlen(substr($word->text, 0, $offset));
            $before = (array_sum(array_slice($widths, 0, $start)) / $whole) * $word->frame->width;
            $width = (array_sum(array_slice($widths, $start, mb_strlen($run))) / $whole) * $word->frame->width;
            $frames[] = Frame::of($word->frame->x + $before, $word->frame->y, $width, $word->frame->height);
        }

        return $frames;
    }

    /** How wide a letter is against others, roughly. */
    private static function width(string $letter): float
    {
        return match (true) {
            str_contains('.,:;!|iIl\'’()[]', $letter) => 0.5,
            str_contains('mwMW', $letter) => 1.6,
            default => 1.0,
        };
    }
}
