<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

/** The role that a page seems to have, how sure that is (0 to 1), and why, in words. */
final readonly class Verdict
{
    /** What is less sure than this is to be looked at. */
    public const SURE = 0.75;

    /** @param  int|null  $repeats  the page that this one repeats with more on it */
    public function __construct(
        public Role $role,
        public float $confidence,
        public string $reason,
        public ?int $repeats = null,
    ) {
    }
}
