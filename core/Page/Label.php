<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Geometry\Frame;

/** Words of the teacher's on the page: a title, directions. */
final readonly class Label implements Element
{
    public const LONGEST = 2000;

    /** @param  float  $size  of the text, in points */
    public function __construct(
        public string $id,
        public Frame $frame,
        public string $text = '',
        public float $size = TextSize::NORMAL,
        public bool $bold = false,
        public bool $highlight = false,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function kind(): ElementKind
    {
        return ElementKind::Label;
    }

    public function frame(): Frame
    {
        return $this->frame;
    }

    public function framed(Frame $frame): static
    {
        return new self($this->id, $frame, $this->text, $this->size, $this->bold, $this->highlight);
    }

    public function identified(string $id): static
    {
        return new self($id, $this->frame, $this->text, $this->size, $this->bold, $this->highlight);
    }
}
