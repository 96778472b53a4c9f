<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Point;

/** How a connector runs from one end to the other. */
enum Course: string
{
    case Straight = 'straight';

    /** With two right angles, half way. */
    case Bent = 'bent';

    /** As a cubic curve that leaves and arrives along the longer way. */
    case Curved = 'curved';

    /**
     * The corners of a bent connector, which are the control points of a curved one. Both lie between the ends, so that
     * it never leaves the frame that its ends span.
     *
     * @return array{Point, Point}
     */
    public static function corners(Point $from, Point $to): array
    {
        [$x, $y] = [($from->x + $to->x) / 2, ($from->y + $to->y) / 2];

        return abs($to->x - $from->x) >= abs($to->y - $from->y)
            ? [new Point($x, $from->y), new Point($x, $to->y)]
            : [new Point($from->x, $y), new Point($to->x, $y)];
    }
}
