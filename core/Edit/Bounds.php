<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Geometry\Frame;

/** Where elements may lie: wholly on the page, parts also in its tray, and large enough to use. */
final class Bounds
{
    public const SMALLEST_SIDE = 4.0;

    /** A thousandth is what frames are kept to; a frame flush with the edge must not fail by rounding. */
    private const SLACK = 0.002;

    /** @throws EditRefused */
    public static function check(Frame $frame, Frame $within): Frame
    {
        if ($frame->width < self::SMALLEST_SIDE || $frame->height < self::SMALLEST_SIDE) {
            throw EditRefused::tooSmall();
        }
        if (! self::holds($within, $frame)) {
            throw EditRefused::offThePage();
        }

        return $frame;
    }

    public static function holds(Frame $within, Frame $frame): bool
    {
        return $frame->x >= $within->x - self::SLACK &&
            $frame->y >= $within->y - self::SLACK &&
            $frame->right() <= $within->right() + self::SLACK &&
            $frame->bottom() <= $within->bottom() + self::SLACK;
    }
}
