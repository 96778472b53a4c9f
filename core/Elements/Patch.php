<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;

/** Covers something printed, in the paper's colour. */
final readonly class Patch implements Element
{
    use Laid;

    public function __construct(
        public string $id,
        public Frame $frame,
        public ?string $group = null,
        public bool $locked = false,
    ) {
    }

    public function kind(): ElementKind
    {
        return ElementKind::Patch;
    }
}
