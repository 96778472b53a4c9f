<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** A printed dot from which a line is to be drawn to another, and what it stands for. */
final readonly class JoinEnd
{
    public function __construct(public Frame $dot, public string $words, public bool $isLeft)
    {
    }

    public function at(Frame $dot): self
    {
        return new self($dot, $this->words, $this->isLeft);
    }
}
