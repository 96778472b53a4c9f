<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Geometry\Frame;

/** The printed number of a question, or what may be one. */
final readonly class Marker
{
    /** How much larger of two of one size one may be. */
    private const SIZE = 1.2;

    /**
     * @param  int  $value  what it counts, from 1
     * @param  string  $number  as it is said
     * @param  Frame  $frame  where it stands
     * @param  bool  $leads  whether it is the first on its row, or on that of a column
     */
    public function __construct(
        public NumberStyle $style,
        public int $value,
        public string $number,
        public Frame $frame,
        public bool $leads,
    ) {
    }

    /** Whether it could begin a question that is numbered in this style. */
    public function leadsIn(NumberStyle $style): bool
    {
        return $this->leads && $this->style === $style;
    }

    public function isOnRowOf(self $other): bool
    {
        return abs($this->frame->middle() - $other->frame->middle()) <=
            0.6 * max($this->frame->height, $other->frame->height);
    }

    /** Whether what stands there is printed as large. */
    public function isAsLargeAs(Frame $other): bool
    {
        return max($this->frame->height, $other->height) <= self::SIZE * min($this->frame->height, $other->height);
    }
}
