<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Judging\Verdict;

/** What one place earned, by the key or by a teacher's hand. */
final readonly class Mark
{
    /** @param  string  $why  for the teacher, where the key judged; empty where a person did */
    public function __construct(public Verdict $verdict, public Points $points, public string $why, public bool $byHand)
    {
    }

    /** One that a teacher wants to look at again. */
    public static function putOff(): self
    {
        return new self(Verdict::Unjudged, Points::none(), '', true);
    }

    /** A teacher's: what it is follows from what it earned. */
    public static function byHand(Points $points, Points $full): self
    {
        $verdict = match (true) {
            ! $points->isLessThan($full) => Verdict::Right,
            $points->isNone() => Verdict::Wrong,
            default => Verdict::Part,
        };

        return new self($verdict, $points, '', true);
    }

    /** Whether somebody has to look at it still. */
    public function waits(): bool
    {
        return $this->verdict === Verdict::Unjudged;
    }
}
