<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Colour;

/** Words of the teacher's on the page: a title, directions, the student's name. */
final readonly class Label implements Written
{
    use Laid;

    public const LONGEST = 2000;

    /**
     * @param  float  $size  of the text, in points
     * @param  Colour|null  $colour  null is the usual ink
     * @param  LabelText  $fills  what stands behind its words by itself
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public string $text = '',
        public float $size = TextSize::NORMAL,
        public bool $bold = false,
        public bool $highlight = false,
        public Font $font = Font::Plain,
        public TextAlign $align = TextAlign::Left,
        public ?Colour $colour = null,
        public LabelText $fills = LabelText::Own,
        public ?string $group = null,
        public bool $locked = false,
    ) {
    }

    public function enlarged(float $factor): static
    {
        return $this->with(size: TextSize::times($this->size, $factor));
    }

    public function kind(): ElementKind
    {
        return ElementKind::Label;
    }
}
