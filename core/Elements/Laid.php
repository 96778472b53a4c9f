<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;
use OpenSlate\Withers;

/** What all elements do alike. Their own properties are those of their constructors. */
trait Laid
{
    use Withers;

    public function id(): string
    {
        return $this->id;
    }

    public function frame(): Frame
    {
        return $this->frame;
    }

    public function group(): ?string
    {
        return $this->group;
    }

    public function isLocked(): bool
    {
        return $this->locked;
    }

    public function framed(Frame $frame): static
    {
        return $this->with(frame: $frame);
    }

    public function identified(string $id): static
    {
        return $this->with(id: $id);
    }

    public function grouped(?string $group): static
    {
        return $this->with(group: $group);
    }

    public function locked(bool $locked): static
    {
        return $this->with(locked: $locked);
    }
}
