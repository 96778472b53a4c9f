<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Geometry\Frame;
use OpenSlate\Organise\Line;

/** A line as SVG, with its arrow's head. */
final class LineDrawing
{
    private const HEAD = 5.0;

    public static function line(Line $line, float $weight): string
    {
        // It stops within the head, so that it does not blunt the point.
        [$x, $y] = $line->arrow ? self::back($line, self::headLength($weight) / 2) : [$line->x2, $line->y2];

        return sprintf('M%s %sL%s %s', round($line->x1, 2), round($line->y1, 2), round($x, 2), round($y, 2));
    }

    /** Its head, to be filled; nothing where it has none. */
    public static function head(Line $line, float $weight): string
    {
        if (! $line->arrow) {
            return '';
        }
        [$x, $y] = self::back($line, self::headLength($weight));
        [$dx, $dy] = [($line->x2 - $x) / 2, ($line->y2 - $y) / 2];

        return sprintf(
            'M%s %sL%s %sL%s %sZ',
            round($line->x2, 2),
            round($line->y2, 2),
            round($x - $dy, 2),
            round($y + $dx, 2),
            round($x + $dy, 2),
            round($y - $dx, 2),
        );
    }

    /** What parts a frame into so many columns and rows, from its top left. */
    public static function grid(Frame $frame, int $columns, int $rows): string
    {
        $down = array_map(
            fn (int $n): string => 'M'.($frame->width * $n) / $columns." 0V{$frame->height}",
            $columns > 1 ? range(1, $columns - 1) : [],
        );
        $across = array_map(
            fn (int $n): string => 'M0 '.($frame->height * $n) / $rows."H{$frame->width}",
            $rows > 1 ? range(1, $rows - 1) : [],
        );

        return implode(' ', [...$down, ...$across]);
    }

    /** In points, as long as it is wide. */
    public static function headLength(float $weight): float
    {
        return self::HEAD + 2.5 * $weight;
    }

    /** @return array{float, float} a point so far before its end */
    private static function back(Line $line, float $by): array
    {
        $length = max(0.001, hypot($line->x2 - $line->x1, $line->y2 - $line->y1));
        $share = max(0.0, 1 - $by / $length);

        return [$line->x1 + ($line->x2 - $line->x1) * $share, $line->y1 + ($line->y2 - $line->y1) * $share];
    }
}
