<?php

declare(strict_types=1);

namespace OpenSlate\Text;

use OpenSlate\Geometry\Frame;

/** A printed word and where it stands on the page as displayed, in points. */
final readonly class Word
{
    public function __construct(public string $text, public Frame $frame)
    {
    }

    /** @param  array<self>  $words */
    public static function said(array $words): string
    {
        return implode(' ', array_map(fn (self $word): string => $word->text, $words));
    }
}
