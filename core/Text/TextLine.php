<?php

declare(strict_types=1);

namespace OpenSlate\Text;

use OpenSlate\Geometry\Frame;

/** A printed line of words and where it stands, in points; its height tells the size of its type. */
final readonly class TextLine
{
    /** @param  list<Word>  $words  each in its place; none where nobody needs them */
    public function __construct(public string $text, public Frame $frame, public array $words = [])
    {
    }

    /** The line that words are, in the order of reading. */
    public static function of(Word $first, Word ...$more): self
    {
        $words = [$first, ...array_values($more)];
        $frames = array_map(fn (Word $word): Frame => $word->frame, $words);
        $left = min(array_map(fn (Frame $frame): float => $frame->x, $frames));
        $top = min(array_map(fn (Frame $frame): float => $frame->y, $frames));

        return new self(
            Word::said($words),
            Frame::of(
                $left,
                $top,
                max(array_map(fn (Frame $frame): float => $frame->right(), $frames)) - $left,
                max(array_map(fn (Frame $frame): float => $frame->bottom(), $frames)) - $top,
            ),
            $words,
        );
    }

    public function wordCount(): int
    {
        return preg_match_all('/[\p{L}\p{N}]+/u', $this->text) ?: 0;
    }
}
