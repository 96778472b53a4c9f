<?php

declare(strict_types=1);

namespace OpenSlate\Text;

use OpenSlate\Paper\Size;

/** The words of a printed page, upright, and the size of that page. */
final readonly class PrintedText
{
    /** @param  list<TextLine>  $lines  in the order of reading, with their words */
    public function __construct(public Size $size, public array $lines)
    {
    }
}
