<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;

/** Anything laid over the backdrop of a page. Its id stays the same through every edit. */
interface Element
{
    public function id(): string;

    public function kind(): ElementKind;

    public function frame(): Frame;

    /** The group that it is in: what is in one group is selected and moved together. */
    public function group(): ?string;

    /** Locked, it stays where it is. */
    public function isLocked(): bool;

    public function framed(Frame $frame): static;

    public function identified(string $id): static;

    public function grouped(?string $group): static;

    public function locked(bool $locked): static;
}
