<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

/** How a school counts work that was not handed in. */
enum MissingWork: string
{
    case Zero = 'zero';
    case LeftOut = 'left_out';

    public function words(): string
    {
        return match ($this) {
            self::Zero => 'counts as zero',
            self::LeftOut => 'is left out',
        };
    }
}
