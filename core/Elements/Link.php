<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;

/** A place to press that leads to the web, or to another page of the same copy. */
final readonly class Link implements Written
{
    use Laid;

    public const LONGEST = 300;

    /**
     * @param  string  $text  its words; what a screen reader says where they are printed on the page
     * @param  float  $size  of the words, in points
     * @param  bool  $printed  the words are on the page already, so that only the place is live
     * @param  bool  $outline  shows an edge
     * @param  bool  $on  switched off it is not in the copies, but can be switched on again
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public LinkTarget $target,
        public string $text = '',
        public float $size = TextSize::NORMAL,
        public bool $printed = false,
        public bool $outline = false,
        public bool $on = true,
        public ?string $group = null,
        public bool $locked = false,
    ) {
    }

    public function leading(LinkTarget $target): self
    {
        return $this->with(target: $target);
    }

    public function switched(bool $on): self
    {
        return $this->with(on: $on);
    }

    public function enlarged(float $factor): static
    {
        return $this->with(size: TextSize::times($this->size, $factor));
    }

    public function kind(): ElementKind
    {
        return ElementKind::Link;
    }
}
