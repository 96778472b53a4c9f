<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;

/** Width and height of a page as displayed, in points. */
final readonly class Size
{
    /** 200 in: the largest page that PDF readers agree on (ISO 32000-1, annex C.2). */
    public const LARGEST = 14400.0;

    /** Below this nobody could read a word on it. */
    public const SMALLEST = 10.0;

    private function __construct(public float $width, public float $height)
    {
    }

    /** @throws UnusableSize when a side is outside the limits */
    public static function of(float $width, float $height): self
    {
        foreach ([$width, $height] as $side) {
            if (! is_finite($side) || $side < self::SMALLEST) {
                throw UnusableSize::tooSmall($width, $height);
            }
            if ($side > self::LARGEST) {
                throw UnusableSize::tooLarge($width, $height);
            }
        }

        return new self(round($width, 3), round($height, 3));
    }

    public static function ofPaper(PaperSize $paper): self
    {
        [$width, $height] = $paper->points();

        return self::of($width, $height);
    }

    public function turned(Rotation $by): self
    {
        return $by->swapsSides() ? new self($this->height, $this->width) : $this;
    }

    public function isLandscape(): bool
    {
        return $this->width > $this->height;
    }

    public function frame(): Frame
    {
        return Frame::of(0, 0, $this->width, $this->height);
    }

    /** The standard paper this is, either way up, if both sides agree to within the tolerance in points. */
    public function paper(float $tolerance = 1.5): ?PaperSize
    {
        $short = min($this->width, $this->height);
        $long = max($this->width, $this->height);
        foreach (PaperSize::cases() as $paper) {
            [$width, $height] = $paper->points();
            if (abs($short - $width) <= $tolerance && abs($long - $height) <= $tolerance) {
                return $paper;
            }
        }

        return null;
    }
}
