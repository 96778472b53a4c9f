<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** One choice of several that are printed: its words, and where it stands in the box, as shares of the box's sides. */
final readonly class Option
{
    /**
     * @param  string  $id  small letters and digits, unique in the group
     * @param  string  $words  said by screen readers, and in lists
     */
    public function __construct(
        public string $id,
        public string $words,
        public float $left,
        public float $top,
        public float $across,
        public float $down,
    ) {
    }
}
