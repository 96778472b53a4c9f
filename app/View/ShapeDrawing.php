<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Page\Lay;
use OpenSlate\Page\Shape;
use OpenSlate\Page\ShapeForm;

/** A shape as SVG, in points from the top left of its frame. */
final readonly class ShapeDrawing
{
    private const HEAD = 4.0;

    private function __construct(private Shape $shape)
    {
    }

    public static function of(Shape $shape): self
    {
        return new self($shape);
    }

    /** Half a side, less the half of the line that would lie outside. */
    public function inset(float $side): float
    {
        return max(0.0, ($side - $this->shape->weight) / 2);
    }

    public function line(): string
    {
        [$from, $to] = $this->ends();
        // The line stops within the arrow's head, so that it does not blunt the point.
        [$x, $y] = $this->shape->form === ShapeForm::Arrow ? $this->back($this->headLength() / 2) : $to;

        return sprintf('M%s %s L%s %s', $from[0], $from[1], round($x, 3), round($y, 3));
    }

    public function head(): string
    {
        if ($this->shape->form !== ShapeForm::Arrow) {
            return '';
        }
        [$from, $to] = $this->ends();
        $length = max(0.001, hypot($to[0] - $from[0], $to[1] - $from[1]));
        [$ux, $uy] = [($to[0] - $from[0]) / $length, ($to[1] - $from[1]) / $length];
        [$bx, $by] = $this->back($this->headLength());
        $half = $this->headLength() / 2;

        return sprintf('M%s %s L%s %s L%s %sZ', $to[0], $to[1], round($bx - $uy * $half, 3), round($by + $ux * $half, 3), round($bx + $uy * $half, 3), round($by - $ux * $half, 3));
    }

    private function headLength(): float
    {
        return self::HEAD + 2 * $this->shape->weight;
    }

    /** @return array{float, float} */
    private function back(float $by): array
    {
        [$from, $to] = $this->ends();
        $length = max(0.001, hypot($to[0] - $from[0], $to[1] - $from[1]));
        $share = max(0.0, 1 - $by / $length);

        return [$from[0] + ($to[0] - $from[0]) * $share, $from[1] + ($to[1] - $from[1]) * $share];
    }

    /** @return array{array{float, float}, array{float, float}} */
    private function ends(): array
    {
        [$w, $h] = [$this->shape->frame->width, $this->shape->frame->height];

        return match ($this->shape->lay) {
            Lay::Level => [[0.0, $h / 2], [$w, $h / 2]],
            Lay::Upright => [[$w / 2, 0.0], [$w / 2, $h]],
            Lay::Falling => [[0.0, 0.0], [$w, $h]],
            Lay::Rising => [[0.0, $h], [$w, 0.0]],
        };
    }
}
