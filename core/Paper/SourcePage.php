<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

/** What a file says of one of its pages: its number from 1, its displayed size in points, the size of its unit. */
final readonly class SourcePage
{
    public function __construct(public int $number, public Size $size, public float $userUnit)
    {
    }
}
