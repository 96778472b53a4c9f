<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;

/** What the teacher says on a page: heard, or heard and seen. */
final readonly class Recording implements Element
{
    use Laid;

    public const LONGEST_TITLE = 120;

    public const LONGEST_WORDS = 4000;

    /** Seconds. */
    public const LONGEST = 120;

    /**
     * @param  string  $source  SHA-256 under which it is kept
     * @param  string  $title  shown beside the button that plays it
     * @param  string  $words  what is said, for those who do not hear it
     * @param  bool  $film  whether there is something to be seen
     * @param  float  $seconds  that it lasts
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public string $source,
        public string $title = '',
        public string $words = '',
        public bool $film = false,
        public float $seconds = 0.0,
        public ?string $group = null,
        public bool $locked = false,
    ) {
    }

    public function kind(): ElementKind
    {
        return ElementKind::Recording;
    }

    /** What it is called. */
    public function named(): string
    {
        return $this->title !== '' ? $this->title : ($this->film ? 'Film' : 'Spoken message');
    }
}
