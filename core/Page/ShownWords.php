<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use Closure;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Picture;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PrintedText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * The printed words that can be read on a page by those who are handed it: of its print and of its clips, where they
 * show.
 *
 * A word is left out wherever part of it is covered or cut off: what is covered may be an answer, and is not to be had
 * as text either.
 */
final class ShownWords
{
    /** Lines are set so close that the frames of their words overlap by some of their height. */
    private const SLACK = 0.35;

    /** Points that a frame may miss of a word at its ends. */
    private const ENDS = 1.0;

    /**
     * @param  Page  $page  as students have it: Page::forStudents
     * @param  Closure(string, int): ?PrintedText  $read  what is printed on a page of a file, by its SHA-256
     * @return list<TextLine> of the print, then of each clip; a line that is interrupted is several
     */
    public static function on(Page $page, Closure $read): array
    {
        $lines = [];
        $print = Showing::ofPrint($page);
        if ($page->backdrop !== null && $print !== null) {
            $printed = $read($page->backdrop->source, $page->backdrop->page);
            $over = array_filter(
                $page->elements(),
                fn (Element $element): bool => $element instanceof Clip || $element instanceof Picture,
            );
            $lines = self::seen(
                $printed,
                $print->frame,
                fn (Frame $word, Size $size): Frame => $page->backdrop->shown($word, $size, $page->frame()),
                [...$print->covered, ...array_map(fn (Element $element): Frame => $element->frame(), $over)],
            );
        }
        foreach ($page->elements() as $element) {
            if ($element instanceof Clip) {
                array_push($lines, ...self::ofClip($page, $element, $read($element->source, $element->page)));
            }
        }

        return $lines;
    }

    /** @return list<TextLine> */
    private static function ofClip(Page $page, Clip $clip, ?PrintedText $printed): array
    {
        $showing = Showing::ofClip($page, $clip);

        return self::seen(
            $printed,
            $clip->frame,
            function (Frame $word, Size $size) use ($clip): Frame {
                $region = Frame::of(
                    $clip->left * $size->width,
                    $clip->top * $size->height,
                    $clip->across * $size->width,
                    $clip->down * $size->height,
                );
                $turned = $word
                    ->moved(-$region->x, -$region->y)
                    ->turned($clip->turn, $region->width, $region->height);
                [$width, $height] = $clip->turn->swapsSides()
                    ? [$region->height, $region->width]
                    : [$region->width, $region->height];
                [$across, $down] = [$clip->frame->width / $width, $clip->frame->height / $height];

                return Frame::of(
                    $clip->frame->x + $turned->x * $across,
                    $clip->frame->y + $turned->y * $down,
                    $turned->width * $across,
                    $turned->height * $down,
                );
            },
            $showing->covered,
        );
    }

    /**
     * @param  Frame  $window  on the page, where the print shows
     * @param  Closure(Frame, Size): Frame  $place  of a word, from the printed page to this one
     * @param  list<Frame>  $covers
     * @return list<TextLine>
     */
    private static function seen(?PrintedText $printed, Frame $window, Closure $place, array $covers): array
    {
        if ($printed === null) {
            return [];
        }
        $lines = [];
        foreach ($printed->lines as $line) {
            $run = [];
            foreach (array_merge([], ...array_map(self::pieces(...), $line->words)) as $word) {
                $frame = $place($word->frame, $printed->size);
                if (self::isWithin($frame, $window) && ! self::isCovered($frame, $covers)) {
                    $run[] = new Word($word->text, $frame);
                } elseif ($run !== []) {
                    $lines[] = TextLine::of(...$run);
                    $run = [];
                }
            }
            if ($run !== []) {
                $lines[] = TextLine::of(...$run);
            }
        }

        return $lines;
    }

    /**
     * Of a word with places to write in it, "Name:_____", what is read: the runs of underscores and dots are not.
     *
     * @return list<Word>
     */
    private static function pieces(Word $word): array
    {
        $parts = preg_split('/(_{2,}|[.…]{4,})/u', $word->text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [$word->text];
        if (count($parts) === 1) {
            return [$word];
        }
        $each = $word->frame->width / mb_strlen($word->text);
        $x = $word->frame->x;
        $pieces = [];
        foreach ($parts as $at => $part) {
            $width = $each * mb_strlen($part);
            if ($at % 2 === 0 && $part !== '') {
                $pieces[] = new Word($part, Frame::of($x, $word->frame->y, $width, $word->frame->height));
            }
            $x += $width;
        }

        return $pieces;
    }

    private static function isWithin(Frame $word, Frame $window): bool
    {
        $slack = self::SLACK * $word->height;

        return $word->x >= $window->x - self::ENDS &&
            $word->right() <= $window->right() + self::ENDS &&
            $word->y >= $window->y - $slack &&
            $word->bottom() <= $window->bottom() + $slack;
    }

    /** @param  list<Frame>  $covers */
    private static function isCovered(Frame $word, array $covers): bool
    {
        foreach ($covers as $cover) {
            $over = $word->meets($cover) ? $word->within($cover) : null;
            if ($over !== null && $over->width > 0.0 && $over->height > self::SLACK * $word->height) {
                return true;
            }
        }

        return false;
    }
}
