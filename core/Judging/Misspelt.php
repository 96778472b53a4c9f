<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** What is made of an answer that is a right one, closely misspelt. */
enum Misspelt: string
{
    case Right = 'right';
    case Half = 'half';

    /** It waits for the teacher. */
    case Look = 'look';
    case Wrong = 'wrong';

    public function words(): string
    {
        return match ($this) {
            self::Right => 'right',
            self::Half => 'half right',
            self::Look => 'for me to look at',
            self::Wrong => 'not right',
        };
    }
}
