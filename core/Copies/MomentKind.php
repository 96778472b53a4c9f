<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

/** Why a copy was kept as it was. */
enum MomentKind: string
{
    case HandedIn = 'handed_in';

    /** As it was when a day ended on which it was changed. */
    case DayEnd = 'day_end';

    /** Before a fresh copy took its place: what it earned is kept with it. */
    case Used = 'used';

    /** Of several attempts, one before the last: what it earned is kept with it. */
    case Attempt = 'attempt';

    /** Before it was returned to an earlier moment. */
    case BeforeReturn = 'before_return';

    /** Before a mended worksheet moved its answers. */
    case BeforeCorrection = 'before_correction';

    /** Where somebody named one. */
    case Named = 'named';

    public function words(): string
    {
        return match ($this) {
            self::HandedIn => 'When handed in',
            self::DayEnd => 'At the end of the day',
            self::Used => 'Before a fresh copy',
            self::Attempt => 'An earlier attempt',
            self::BeforeReturn => 'Before a return',
            self::BeforeCorrection => 'Before a correction',
            self::Named => 'Named',
        };
    }

    /** Whether another copy took its place then: a window that showed it can write nothing more. */
    public function endsCopy(): bool
    {
        return in_array($this, [self::Used, self::Attempt, self::BeforeReturn, self::BeforeCorrection], true);
    }

    /** Whether it may be thinned out when it is old. */
    public function isPassing(): bool
    {
        return in_array($this, [self::DayEnd, self::BeforeReturn, self::BeforeCorrection], true);
    }
}
