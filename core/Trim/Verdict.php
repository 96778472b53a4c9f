<?php

declare(strict_types=1);

namespace OpenSlate\Trim;

/** The role that a page seems to have, how sure that is (0 to 1), and why, in words. */
final readonly class Verdict
{
    public function __construct(public Role $role, public float $confidence, public string $reason)
    {
    }
}
