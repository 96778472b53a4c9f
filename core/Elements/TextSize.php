<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** Sizes of text in points. */
final class TextSize
{
    public const SMALLEST = 6.0;

    public const NORMAL = 12.0;

    public const LARGEST = 96.0;
}
