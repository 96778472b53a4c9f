<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

/** How often a student may do it, and which of the attempts counts. */
final readonly class Attempts
{
    /** That can be asked for; whoever wants more lets them have as many as they want. */
    public const MOST = 20;

    /**
     * @param  int|null  $most  from 1; null for as many as wanted
     * @param  bool  $best  whether the best counts, and not the last
     */
    public function __construct(public ?int $most = 1, public bool $best = true)
    {
    }

    public function isOne(): bool
    {
        return $this->most === 1;
    }

    /** @param  int  $done  how many there have been */
    public function allowsMoreThan(int $done): bool
    {
        return $this->most === null || $done < $this->most;
    }

    public function words(): string
    {
        $which = $this->best ? 'the best counts' : 'the last counts';

        return match ($this->most) {
            1 => 'one attempt',
            null => "as many attempts as they want, {$which}",
            default => "{$this->most} attempts, {$which}",
        };
    }
}
