<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Geometry\Frame;

/** Where a question may lie: from its number down to the next in its column. */
final readonly class Place
{
    /** How far before its number something may begin that belongs to it, in points. */
    private const BEFORE = 6.0;

    /** Numbers this much farther to the right begin a column of their own. */
    private const COLUMN = 40.0;

    public function __construct(public float $left, public float $top, public float $right, public float $bottom)
    {
    }

    /** @param  list<Marker>  $others  the numbers of the same run, and itself */
    public static function of(Marker $marker, array $others, Content $content): self
    {
        $frame = $marker->frame;
        $right = $content->right;
        $bottom = $content->bottom;
        $at = array_search($marker, $others, true);
        foreach ($others as $number => $other) {
            // What was read before and has ended above is no neighbour.
            $isOver = $number < $at && $other->frame->bottom() <= $frame->y;
            if (
                ! $isOver &&
                $other->frame->x > $frame->x + self::COLUMN &&
                ($other->isOnRowOf($marker) || self::isColumn($other, $others))
            ) {
                $right = min($right, $content->left($other) - self::BEFORE);
            }
        }
        $right = min($right, $content->beside->edge($marker, $others));
        foreach ($others as $number => $other) {
            // Columns end where the reading goes on below them.
            $isNext = $other->frame->x > $frame->x - self::COLUMN || $number > $at;
            if ($isNext && $other->frame->y > $frame->middle() && $other->frame->x < $right) {
                $bottom = min($bottom, $content->top($other));
            }
        }

        // What goes on from one column into the next is of none of them.
        foreach ($others as $other) {
            if ($other->frame->x < $frame->x - self::COLUMN && self::isColumn($other, $others)) {
                $bottom = min($bottom, $content->across($content->left($marker) - self::BEFORE, $frame->bottom()));
                break;
            }
        }
        if ($right < $content->right) {
            $bottom = min($bottom, $content->across($right, $frame->bottom()));
        }

        return new self(
            $content->left($marker) - self::BEFORE,
            $content->top($marker),
            $right,
            min($bottom, $content->headBelow($frame->x, $right, $frame->bottom())),
        );
    }

    /**
     * Whether another number stands below one, or on its row: then it begins a column, and is not an odd one out.
     *
     * @param  list<Marker>  $others
     */
    private static function isColumn(Marker $marker, array $others): bool
    {
        foreach ($others as $other) {
            $isBelow = abs($other->frame->x - $marker->frame->x) < self::COLUMN / 2;
            if ($other !== $marker && ($isBelow || ($marker->leads && $marker->isOnRowOf($other)))) {
                return true;
            }
        }

        return count($others) < 6;
    }

    /** All of the page above a question. */
    public static function above(Frame $first, Content $content): self
    {
        return new self(0.0, $content->top, $content->right, $first->y - 1);
    }

    public function upTo(float $bottom): self
    {
        return new self($this->left, $this->top, $this->right, min($this->bottom, $bottom));
    }

    public function within(self $whole): self
    {
        return new self(
            max($this->left, $whole->left),
            $this->top,
            min($this->right, $whole->right),
            min($this->bottom, $whole->bottom),
        );
    }

    public function has(Frame $frame): bool
    {
        // What is wide may go on into the margin: where it begins says to what it belongs.
        $x = $frame->x + min($frame->width / 2, 20.0);

        return $x >= $this->left &&
            $x <= $this->right &&
            $frame->middle() >= $this->top &&
            $frame->middle() <= $this->bottom;
    }

    /** What of something drawn lies here; null where it lies elsewhere, or mostly so and is no side of a table. */
    public function part(Frame $frame): ?Frame
    {
        $x = max($this->left, $frame->x);
        $y = max($this->top, $frame->y);
        $width = min($this->right, $frame->right()) - $x;
        $height = min($this->bottom, $frame->bottom()) - $y;
        if ($width <= 0 || $height <= 0) {
            return null;
        }
        $isSide = min($frame->width, $frame->height) < 1;

        return $isSide || $width * $height >= 0.5 * $frame->width * $frame->height
            ? Frame::of($x, $y, $width, $height)
            : null;
    }
}
