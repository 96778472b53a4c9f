<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

/** A page of a pack as the teacher has it now: what it is for, and which section it belongs to. */
final readonly class PackPage
{
    /** @param  string  $title  what it is called in print: see Headline */
    public function __construct(
        public int $number,
        public Role $role,
        public ?string $section,
        public string $title = '',
    ) {
    }
}
