<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** How a worksheet is to be handed out, as far as it is looked through with it. */
final readonly class CheckedPlan
{
    public function __construct(
        public string $title,
        public string $directions,
        public ?int $points,
        public bool $hasDueTime,
        public bool $givesCopies = true,
    ) {
    }
}
