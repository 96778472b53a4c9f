<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Elements\Course;
use OpenSlate\Elements\Drawing;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Geometry\Point;
use OpenSlate\Paper\Colour;

/** The outline of a part as SVG, in points from the top left of its frame. */
final class PartDrawing
{
    /** Share of a speech box's height that is its tip. */
    private const TIP = 0.22;

    /** What stands in the path's d; nothing for a picture and a connector, which are no outlines. */
    public static function path(Part $part): string
    {
        // Half of the line lies outside of what it is drawn along.
        $in = min($part->weight / 2, $part->frame->width / 2, $part->frame->height / 2);
        [$left, $top, $right, $bottom] = [$in, $in, $part->frame->width - $in, $part->frame->height - $in];
        [$middle, $half] = [($left + $right) / 2, ($top + $bottom) / 2];

        return match ($part->form) {
            PartForm::Ellipse => self::ellipse($left, $top, $right, $bottom),
            PartForm::Rectangle => self::polygon([[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]]),
            PartForm::Rounded => self::rounded($left, $top, $right, $bottom, ''),
            PartForm::Triangle => self::polygon([[$middle, $top], [$right, $bottom], [$left, $bottom]]),
            PartForm::Polygon => self::polygon(
                array_map(
                    fn (int $n): array => [
                        $middle +
                        (($right - $left) / 2) *
                            sin((2 * M_PI * ($n + 0.5 * ($part->sides % 2 === 0 ? 1 : 0))) / $part->sides),
                        $half -
                        (($bottom - $top) / 2) *
                            cos((2 * M_PI * ($n + 0.5 * ($part->sides % 2 === 0 ? 1 : 0))) / $part->sides),
                    ],
                    range(0, $part->sides - 1),
                ),
            ),
            PartForm::Callout => self::callout($left, $top, $right, $bottom),
            PartForm::Arrow => self::arrow($left, $top, $right, $bottom),
            PartForm::Symbol => Drawing::parse($part->drawing)->at($left, $top, $right - $left, $bottom - $top),
            PartForm::Connector, PartForm::Picture => '',
        };
    }

    /**
     * A connector's line between its ends. resources/js/lib/connector-line.js draws the same while an end is moved.
     *
     * @param  array{float, float, float, float}  $ends
     */
    public static function line(Course $course, array $ends): string
    {
        [$x1, $y1, $x2, $y2] = $ends;
        [$first, $second] = Course::corners(new Point($x1, $y1), new Point($x2, $y2));
        $to = fn (float $x, float $y): string => self::number($x).' '.self::number($y);
        $way = [$to($first->x, $first->y), $to($second->x, $second->y), $to($x2, $y2)];

        return "M{$to($x1, $y1)}".match ($course) {
            Course::Straight => "L{$way[2]}",
            Course::Bent => 'L'.implode('L', $way),
            Course::Curved => 'C'.implode(' ', $way),
        };
    }

    /** @return array{float, float, float, float} both ends of a connector, in points from its frame; else nothing */
    public static function ends(Part $part): array
    {
        if ($part->form !== PartForm::Connector) {
            return [0.0, 0.0, 0.0, 0.0];
        }
        [$from, $to] = $part->ends();
        [$left, $top] = [$part->frame->x, $part->frame->y];

        return [$from->x - $left, $from->y - $top, $to->x - $left, $to->y - $top];
    }

    /** How well its words are seen, to a tenth; null where it has none. */
    public static function seen(Part $part, Colour $paper): ?float
    {
        return $part->text === '' ? null : round(self::contrast($part, $paper), 1);
    }

    /**
     * Contrast of a part's words with what is behind them (WCAG 2.2), 1 to 21; what is see-through lets the paper
     * through.
     */
    public static function contrast(Part $part, Colour $paper): float
    {
        $behind = $part->fill === null ? $paper : $part->fill->over($paper, $part->opacity);

        return $part->ink->contrastWith($behind);
    }

    /** @param  list<array{float, float}>  $points */
    private static function polygon(array $points): string
    {
        return 'M'.
            implode(
                'L',
                array_map(fn (array $point): string => self::number($point[0]).' '.self::number($point[1]), $points),
            ).
            'Z';
    }

    private static function ellipse(float $left, float $top, float $right, float $bottom): string
    {
        [$rx, $ry, $middle] = array_map(self::number(...), [
            ($right - $left) / 2,
            ($bottom - $top) / 2,
            ($top + $bottom) / 2,
        ]);
        [$left, $right] = [self::number($left), self::number($right)];

        return "M{$left} {$middle}A{$rx} {$ry} 0 0 1 {$right} {$middle}A{$rx} {$ry} 0 0 1 {$left} {$middle}Z";
    }

    /** @param  string  $foot  what the lower edge has, drawn from the right to the left */
    private static function rounded(float $left, float $top, float $right, float $bottom, string $foot): string
    {
        $r = min($right - $left, $bottom - $top) / 5;
        $corner = fn (float $x, float $y): string => sprintf(
            'A%1$s %1$s 0 0 1 %2$s %3$s',
            ...array_map(self::number(...), [$r, $x, $y]),
        );
        $across = fn (float $x): string => 'H'.self::number($x);
        $down = fn (float $y): string => 'V'.self::number($y);

        return 'M'.self::number($left + $r).' '.self::number($top)
            .$across($right - $r).$corner($right, $top + $r)
            .$down($bottom - $r).$corner($right - $r, $bottom)
            .$foot.$across($left + $r).$corner($left, $bottom - $r)
            .$down($top + $r).$corner($left + $r, $top).'Z';
    }

    private static function callout(float $left, float $top, float $right, float $bottom): string
    {
        [$width, $foot] = [$right - $left, $bottom - ($bottom - $top) * self::TIP];
        $n = self::number(...);

        $tip = "H{$n($left + $width * 0.42)}L{$n($left + $width * 0.2)} {$n($bottom)}";

        return self::rounded($left, $top, $right, $foot, $tip."L{$n($left + $width * 0.26)} {$n($foot)}");
    }

    private static function arrow(float $left, float $top, float $right, float $bottom): string
    {
        $head = min(($right - $left) * 0.5, ($bottom - $top) * 0.8);
        $thin = ($bottom - $top) * 0.26;
        [$neck, $half] = [$right - $head, ($top + $bottom) / 2];

        return self::polygon([
            [$left, $top + $thin],
            [$neck, $top + $thin],
            [$neck, $top],
            [$right, $half],
            [$neck, $bottom],
            [$neck, $bottom - $thin],
            [$left, $bottom - $thin],
        ]);
    }

    private static function number(float $value): string
    {
        return (string) round($value, 2);
    }
}
