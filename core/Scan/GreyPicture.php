<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

/** Levels of grey: a byte for each pixel, row by row, 0 for black. */
final readonly class GreyPicture
{
    public function __construct(public string $levels, public int $width, public int $height)
    {
    }

    /** @return array<int, int> how many pixels each level has */
    public function histogram(): array
    {
        return count_chars($this->levels, 1);
    }
}
