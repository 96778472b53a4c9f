<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;

/** A picture of the teacher's. */
final readonly class Picture implements Element
{
    use Laid;

    public const LONGEST_WORDS = 300;

    /**
     * @param  string  $source  SHA-256 under which it is kept
     * @param  string  $words  what is to be seen on it, for those who do not see it
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public string $source,
        public string $words = '',
        public ?string $group = null,
        public bool $locked = false,
    ) {
    }

    /** @param  string  $source  of another picture, in place of this */
    public function showing(string $source): self
    {
        return $this->with(source: $source);
    }

    public function kind(): ElementKind
    {
        return ElementKind::Picture;
    }
}
