<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Colour;

/** A shape, a line or an arrow. */
final readonly class Shape implements Element
{
    use Laid;

    public const THICKEST = 20.0;

    public Colour $colour;

    /**
     * @param  Lay  $lay  how a line runs through its frame
     * @param  Colour|null  $colour  of the line; null is the usual ink
     * @param  float  $weight  of the line, in points; 0 is none
     * @param  Colour|null  $fill  null is none
     * @param  float  $opacity  of all of it, 0 to 1
     * @param  bool  $dashed  whether the line is
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public ShapeForm $form = ShapeForm::Rectangle,
        public Lay $lay = Lay::Level,
        ?Colour $colour = null,
        public float $weight = 1.0,
        public ?Colour $fill = null,
        public float $opacity = 1.0,
        public bool $dashed = false,
        public ?string $group = null,
        public bool $locked = false,
    ) {
        $this->colour = $colour ?? Colour::of('#26343b');
    }

    public function kind(): ElementKind
    {
        return ElementKind::Shape;
    }
}
