<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Geometry\Frame;

/** Anything laid over the backdrop of a page. Its id stays the same through every edit. */
interface Element
{
    public function id(): string;

    public function kind(): ElementKind;

    public function frame(): Frame;

    public function framed(Frame $frame): static;

    public function identified(string $id): static;
}
