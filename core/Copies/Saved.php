<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Withers;

/** What came of saving a draft. */
final readonly class Saved
{
    use Withers;

    /**
     * @param  array<string, string>  $conflicts  what stands on the server, by place, where another window was first
     * @param  array<string, string>  $newer  what other windows wrote meanwhile in places that the draft leaves alone
     * @param  list<string>  $said  what the student is to be told of it
     * @param  array<string, string>  $refused  why an answer was not kept, by place
     * @param  array<string, string>  $merged  what came of an answer together with others', by place
     */
    public function __construct(
        public Work $work,
        public array $conflicts,
        public array $newer,
        public array $said = [],
        public array $refused = [],
        public array $merged = [],
    ) {
    }

    /** @param  list<string>  $said */
    public function saying(array $said): self
    {
        return $this->with(said: $said);
    }
}
