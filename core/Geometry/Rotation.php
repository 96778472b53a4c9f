<?php

declare(strict_types=1);

namespace OpenSlate\Geometry;

use InvalidArgumentException;

/** A clockwise turn of a page in quarters, as /Rotate has it (ISO 32000-1, 7.7.3.3). */
enum Rotation: int
{
    case None = 0;
    case Quarter = 90;
    case Half = 180;
    case ThreeQuarters = 270;

    /** @throws InvalidArgumentException when the angle is no multiple of 90 */
    public static function fromDegrees(int $degrees): self
    {
        return self::tryFrom((($degrees % 360) + 360) % 360) ??
            throw new InvalidArgumentException("A page turns by quarters, not by {$degrees} degrees.");
    }

    public function plus(self $other): self
    {
        return self::fromDegrees($this->value + $other->value);
    }

    public function inverse(): self
    {
        return self::fromDegrees(-$this->value);
    }

    public function swapsSides(): bool
    {
        return $this === self::Quarter || $this === self::ThreeQuarters;
    }
}
