<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Geometry\Frame;

/** Covers something printed, in the paper's colour. */
final readonly class Patch implements Element
{
    public function __construct(public string $id, public Frame $frame)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function kind(): ElementKind
    {
        return ElementKind::Patch;
    }

    public function frame(): Frame
    {
        return $this->frame;
    }

    public function framed(Frame $frame): static
    {
        return new self($this->id, $frame);
    }

    public function identified(string $id): static
    {
        return new self($id, $this->frame);
    }
}
