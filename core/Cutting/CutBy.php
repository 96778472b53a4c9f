<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

/** How many sets are cut at once. */
enum CutBy: string
{
    case Section = 'section';
    case Every = 'every';
    case Blank = 'blank';

    /** The pattern for the names of the sets, if the teacher has no other. */
    public function pattern(): string
    {
        return match ($this) {
            self::Section => '{title}',
            self::Every => '{master}, pages {first}–{last}',
            self::Blank => '{master}, part {n}',
        };
    }
}
