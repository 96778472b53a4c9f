<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Judging\Verdict;

/** Where a slip lies when the answers to one question are sorted, as on a table. */
enum Pile: string
{
    case Look = 'look';
    case Right = 'right';
    case Part = 'part';
    case Wrong = 'wrong';

    public static function of(Verdict $verdict): self
    {
        return match ($verdict) {
            Verdict::Unjudged => self::Look,
            Verdict::Right => self::Right,
            Verdict::Part => self::Part,
            Verdict::Wrong => self::Wrong,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Look => 'To look at',
            self::Right => 'Right',
            self::Part => 'In part',
            self::Wrong => 'Not right',
        };
    }
}
