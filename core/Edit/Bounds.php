<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** Where elements may lie: wholly on the page, and large enough to use. */
final class Bounds
{
    public const SMALLEST_SIDE = 4.0;

    /** A thousandth is what frames are kept to; a frame flush with the edge must not fail by rounding. */
    private const SLACK = 0.002;

    /** @throws EditRefused */
    public static function check(Frame $frame, Page $page): Frame
    {
        if ($frame->width < self::SMALLEST_SIDE || $frame->height < self::SMALLEST_SIDE) {
            throw EditRefused::tooSmall();
        }
        if (! self::holds($page, $frame)) {
            throw EditRefused::offThePage();
        }

        return $frame;
    }

    public static function holds(Page $page, Frame $frame): bool
    {
        return $frame->x >= -self::SLACK && $frame->y >= -self::SLACK
            && $frame->right() <= $page->size->width + self::SLACK
            && $frame->bottom() <= $page->size->height + self::SLACK;
    }

    /**
     * As much of a move as keeps the frame on the page.
     *
     * @return array{float, float} the move in x and in y
     */
    public static function heldBack(Frame $frame, float $dx, float $dy, Page $page): array
    {
        return [
            self::clamp($dx, -$frame->x, $page->size->width - $frame->right()),
            self::clamp($dy, -$frame->y, $page->size->height - $frame->bottom()),
        ];
    }

    private static function clamp(float $value, float $min, float $max): float
    {
        return max(min($min, $max), min($value, max($min, $max)));
    }
}
