<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Organise\Line;

/** A line between the boxes of an organiser as SVG, with its arrow's head. */
final class LineDrawing
{
    private const HEAD = 8.0;

    public static function line(Line $line): string
    {
        // It stops within the head, so that it does not blunt the point.
        [$x, $y] = $line->arrow ? self::back($line, self::HEAD / 2) : [$line->x2, $line->y2];

        return sprintf('M%s %sL%s %s', $line->x1, $line->y1, round($x, 2), round($y, 2));
    }

    public static function head(Line $line): string
    {
        [$x, $y] = self::back($line, self::HEAD);
        [$dx, $dy] = [($line->x2 - $x) / 2, ($line->y2 - $y) / 2];

        return sprintf('M%s %sL%s %sL%s %sZ', $line->x2, $line->y2, round($x - $dy, 2), round($y + $dx, 2), round($x + $dy, 2), round($y - $dx, 2));
    }

    /** @return array{float, float} a point so far before its end */
    private static function back(Line $line, float $by): array
    {
        $length = max(0.001, hypot($line->x2 - $line->x1, $line->y2 - $line->y1));
        $share = max(0.0, 1 - $by / $length);

        return [$line->x1 + ($line->x2 - $line->x1) * $share, $line->y1 + ($line->y2 - $line->y1) * $share];
    }
}
