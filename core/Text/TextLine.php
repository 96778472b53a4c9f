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

    public function wordCount(): int
    {
        return preg_match_all('/[\p{L}\p{N}]+/u', $this->text) ?: 0;
    }
}
