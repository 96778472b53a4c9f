<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;

/**
 * The boxes of a PDF page, from which its displayed size follows (ISO 32000-1, 7.7.3.3 and 14.11.2).
 *
 * A box is [left, bottom, right, top] in default user space, corners in any order, origin anywhere.
 */
final readonly class PageBoxes
{
    /**
     * @param  array{float, float, float, float}  $media
     * @param  array{float, float, float, float}|null  $crop
     * @param  float  $userUnit  the size of one unit in 1/72 inch
     */
    public function __construct(
        public array $media,
        public ?array $crop = null,
        public Rotation $rotation = Rotation::None,
        public float $userUnit = 1.0,
    ) {
    }

    /**
     * What a reader shows: the crop box where it lies on the medium, rotated; in points.
     *
     * @throws UnusableSize
     */
    public function displayed(): Size
    {
        $shown = $this->shown();
        $width = ($shown[2] - $shown[0]) * $this->userUnit;
        $height = ($shown[3] - $shown[1]) * $this->userUnit;

        return $this->rotation->swapsSides() ? Size::of($height, $width) : Size::of($width, $height);
    }

    /**
     * Where a rectangle of the page's own user space lies on the page as displayed.
     *
     * @param  array{float, float, float, float}  $rectangle  two opposite corners
     */
    public function place(array $rectangle): Frame
    {
        $shown = $this->shown();
        [$left, $bottom, $right, $top] = self::ordered($rectangle);

        return Frame::of($left - $shown[0], $shown[3] - $top, $right - $left, $top - $bottom)
            ->turned($this->rotation, $shown[2] - $shown[0], $shown[3] - $shown[1])
            ->scaled($this->userUnit);
    }

    /**
     * The inverse of place: a rectangle of the page's own user space.
     *
     * @param  Frame  $frame  on the page as displayed
     * @return array{float, float, float, float} left, bottom, right, top
     */
    public function rectangle(Frame $frame): array
    {
        $shown = $this->shown();
        $size = $this->displayed();
        $upright = $frame->turned($this->rotation->inverse(), $size->width, $size->height);
        [$x, $y] = [$upright->x / $this->userUnit, $upright->y / $this->userUnit];
        [$width, $height] = [$upright->width / $this->userUnit, $upright->height / $this->userUnit];

        return [$shown[0] + $x, $shown[3] - $y - $height, $shown[0] + $x + $width, $shown[3] - $y];
    }

    /** @return array{float, float, float, float} */
    private function shown(): array
    {
        $media = self::ordered($this->media);

        // A crop box that misses the medium altogether shows nothing; readers then fall back on the medium.
        return $this->crop === null ? $media : self::overlap(self::ordered($this->crop), $media) ?? $media;
    }

    /**
     * @param  array{float, float, float, float}  $box
     * @return array{float, float, float, float}
     */
    private static function ordered(array $box): array
    {
        return [min($box[0], $box[2]), min($box[1], $box[3]), max($box[0], $box[2]), max($box[1], $box[3])];
    }

    /**
     * @param  array{float, float, float, float}  $a
     * @param  array{float, float, float, float}  $b
     * @return array{float, float, float, float}|null
     */
    private static function overlap(array $a, array $b): ?array
    {
        $both = [max($a[0], $b[0]), max($a[1], $b[1]), min($a[2], $b[2]), min($a[3], $b[3])];

        return $both[2] > $both[0] && $both[3] > $both[1] ? $both : null;
    }
}
