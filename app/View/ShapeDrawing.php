<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Elements\Lay;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\ShapeForm;
use OpenSlate\Organise\Line;

/** A shape as SVG, in points from the top left of its frame. */
final readonly class ShapeDrawing
{
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
        return LineDrawing::line($this->laid(), $this->shape->weight);
    }

    public function head(): string
    {
        return LineDrawing::head($this->laid(), $this->shape->weight);
    }

    private function laid(): Line
    {
        [$w, $h] = [$this->shape->frame->width, $this->shape->frame->height];
        $arrow = $this->shape->form === ShapeForm::Arrow;

        return match ($this->shape->lay) {
            Lay::Level => new Line(0.0, $h / 2, $w, $h / 2, $arrow),
            Lay::Upright => new Line($w / 2, 0.0, $w / 2, $h, $arrow),
            Lay::Falling => new Line(0.0, 0.0, $w, $h, $arrow),
            Lay::Rising => new Line(0.0, $h, $w, 0.0, $arrow),
        };
    }
}
