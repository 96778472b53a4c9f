<?php

declare(strict_types=1);

namespace OpenSlate\Geometry;

use InvalidArgumentException;

/**
 * An upright rectangle in points (1/72 inch), origin at the top left of the page as displayed, y downward.
 *
 * Values are kept to a thousandth of a point, so that moving to and fro comes back to the same numbers.
 */
final readonly class Frame
{
    private function __construct(public float $x, public float $y, public float $width, public float $height)
    {
    }

    /** @throws InvalidArgumentException when a number is not finite, or a side is negative */
    public static function of(float $x, float $y, float $width, float $height): self
    {
        if (! is_finite($x) || ! is_finite($y) || ! is_finite($width) || ! is_finite($height)) {
            throw new InvalidArgumentException('A frame takes finite numbers.');
        }
        if ($width < 0 || $height < 0) {
            throw new InvalidArgumentException('A frame has no negative sides.');
        }

        return new self(self::tidy($x), self::tidy($y), self::tidy($width), self::tidy($height));
    }

    /**
     * The smallest frame around all of them.
     *
     * @param  non-empty-list<self>  $frames
     */
    public static function around(array $frames): self
    {
        $left = min(array_map(fn (self $frame): float => $frame->x, $frames));
        $top = min(array_map(fn (self $frame): float => $frame->y, $frames));
        $right = max(array_map(fn (self $frame): float => $frame->right(), $frames));
        $bottom = max(array_map(fn (self $frame): float => $frame->bottom(), $frames));

        return self::of($left, $top, $right - $left, $bottom - $top);
    }

    public function right(): float
    {
        return self::tidy($this->x + $this->width);
    }

    public function bottom(): float
    {
        return self::tidy($this->y + $this->height);
    }

    public function corner(): Point
    {
        return new Point($this->x, $this->y);
    }

    public function centre(): Point
    {
        return new Point($this->x + $this->width / 2, $this->y + $this->height / 2);
    }

    /** The height of its middle. */
    public function middle(): float
    {
        return $this->y + $this->height / 2;
    }

    public function moved(float $dx, float $dy): self
    {
        return self::of($this->x + $dx, $this->y + $dy, $this->width, $this->height);
    }

    /** Where it lies once the sheet it is on, of this width and height, is turned clockwise. */
    public function turned(Rotation $by, float $width, float $height): self
    {
        return match ($by) {
            Rotation::None => $this,
            Rotation::Quarter => self::of($height - $this->bottom(), $this->x, $this->height, $this->width),
            Rotation::Half => self::of($width - $this->right(), $height - $this->bottom(), $this->width, $this->height),
            Rotation::ThreeQuarters => self::of($this->y, $width - $this->right(), $this->height, $this->width),
        };
    }

    public function scaled(float $factor): self
    {
        return self::of($this->x * $factor, $this->y * $factor, $this->width * $factor, $this->height * $factor);
    }

    /** Whether some of it lies in another. */
    public function meets(self $other): bool
    {
        return $this->x < $other->x + $other->width &&
            $other->x < $this->x + $this->width &&
            $this->y < $other->y + $other->height &&
            $other->y < $this->y + $this->height;
    }

    public function holds(Point $point): bool
    {
        return $point->x >= $this->x &&
            $point->x <= $this->right() &&
            $point->y >= $this->y &&
            $point->y <= $this->bottom();
    }

    public function contains(self $other): bool
    {
        return $other->x >= $this->x &&
            $other->y >= $this->y &&
            $other->right() <= $this->right() &&
            $other->bottom() <= $this->bottom();
    }

    /** What of it lies in another: of no width or height where nothing does. */
    public function within(self $other): self
    {
        $x = max($this->x, $other->x);
        $y = max($this->y, $other->y);

        return self::of(
            $x,
            $y,
            max(0.0, min($this->right(), $other->right()) - $x),
            max(0.0, min($this->bottom(), $other->bottom()) - $y),
        );
    }

    /**
     * As much of a move as keeps it within another, such as the page.
     *
     * @return array{float, float} the move in x and in y
     */
    public function moveWithin(float $dx, float $dy, self $within): array
    {
        return [
            self::clamp($dx, $within->x - $this->x, $within->right() - $this->right()),
            self::clamp($dy, $within->y - $this->y, $within->bottom() - $this->bottom()),
        ];
    }

    /** Moved as little as brings it within another. */
    public function keptIn(self $within): self
    {
        return $this->moved(...$this->moveWithin(0.0, 0.0, $within));
    }

    private static function clamp(float $value, float $min, float $max): float
    {
        return max(min($min, $max), min($value, max($min, $max)));
    }

    /** Adding 0.0 turns a negative zero into zero, which JSON would otherwise write as "-0.0". */
    private static function tidy(float $value): float
    {
        return round($value, 3) + 0.0;
    }
}
