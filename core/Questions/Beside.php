<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;

/**
 * What stands beside several questions, behind room from top to bottom, is of none of them: a text that they ask about,
 * a picture, a box for something else.
 */
final readonly class Beside
{
    /** It begins so far behind the numbers at the least, and such room keeps it from the questions, in points. */
    private const BEHIND = 72.0;

    private const ROOM = 12.0;

    /** So many lines of so many words are a text; they begin at one place, and are so near to each other, of their height. */
    private const LINES = 4;

    private const WORDS = 3;

    private const ASIDE = 3.0;

    private const APART = 0.9;

    private const HEAD = 1.2;

    /** Numbers so near to each other across begin one column, in points. */
    private const COLUMN = 40.0;

    /** @var list<Frame> what may stand beside several questions */
    private array $blocks;

    /**
     * @param  list<Frame>  $figures  boxes and pictures
     * @param  list<TextLine>  $lines
     */
    public function __construct(private array $figures, private array $lines)
    {
        $this->blocks = array_map($this->headed(...), [...$figures, ...self::texts($lines)]);
    }

    /** With the line right above it, which says what it is for. */
    private function headed(Frame $block): Frame
    {
        foreach ($this->lines as $line) {
            $room = $block->y - $line->frame->bottom();
            if (
                $line->frame->x >= $block->x - self::ASIDE &&
                $line->frame->right() <= $block->right() + self::ASIDE &&
                $room > -1 &&
                $room <= self::HEAD * $line->frame->height
            ) {
                return Frame::around([$block, $line->frame]);
            }
        }

        return $block;
    }

    /**
     * Where it begins beside a question; INF where there is nothing of the kind.
     *
     * @param  list<Marker>  $others  the numbers of the same run, and its own
     */
    public function edge(Marker $marker, array $others): float
    {
        $column = array_filter(
            $others,
            fn (Marker $one): bool => abs($one->frame->x - $marker->frame->x) < self::COLUMN,
        );
        $edge = INF;
        foreach ($this->blocks as $block) {
            $beside = array_filter(
                $column,
                fn (Marker $one): bool => $one->frame->middle() > $block->y &&
                    $one->frame->middle() < $block->bottom(),
            );
            if (
                count($beside) > 1 &&
                in_array($marker, $beside, true) &&
                $block->x >= $marker->frame->x + self::BEHIND &&
                $block->x < $edge &&
                $this->isApart($block, $beside)
            ) {
                $edge = $block->x - self::ROOM / 2;
            }
        }

        return $edge;
    }

    /**
     * Whether there is nothing right before it, nor above and below that, as far as the questions beside it go.
     *
     * @param  non-empty-array<Marker>  $beside
     */
    private function isApart(Frame $block, array $beside): bool
    {
        $top = min($block->y, ...array_map(fn (Marker $one): float => $one->frame->y, array_values($beside)));
        $frames = [...$this->figures, ...array_map(fn (TextLine $line): Frame => $line->frame, $this->lines)];
        foreach ($frames as $frame) {
            if (
                $frame->x < $block->x - 1 &&
                $frame->right() > $block->x - self::ROOM &&
                $frame->bottom() > $top &&
                $frame->y < $block->bottom()
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * Lines that follow each other as those of a text do.
     *
     * @param  list<TextLine>  $lines
     * @return list<Frame>
     */
    private static function texts(array $lines): array
    {
        $lines = array_filter($lines, fn (TextLine $line): bool => $line->wordCount() >= self::WORDS);
        usort($lines, fn (TextLine $a, TextLine $b): int => $a->frame->y <=> $b->frame->y);
        $texts = [];
        foreach ($lines as $line) {
            foreach ($texts as $at => $text) {
                $last = $text[count($text) - 1]->frame;
                if (
                    abs($line->frame->x - $last->x) <= self::ASIDE &&
                    $line->frame->y > $last->middle() &&
                    $line->frame->y - $last->bottom() <= self::APART * $last->height
                ) {
                    $texts[$at][] = $line;

                    continue 2;
                }
            }
            $texts[] = [$line];
        }

        return array_map(
            fn (array $text): Frame => Frame::around(array_map(fn (TextLine $line): Frame => $line->frame, $text)),
            array_values(array_filter($texts, fn (array $text): bool => count($text) >= self::LINES)),
        );
    }
}
