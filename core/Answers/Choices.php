<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** How many choices there may be. */
final class Choices
{
    public const FEWEST = 2;

    public const MOST = 40;

    public const LONGEST = 200;
}
