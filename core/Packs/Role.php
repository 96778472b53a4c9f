<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

/** What a page of a pack is for. */
enum Role: string
{
    case Cover = 'cover';
    case Contents = 'contents';
    case Terms = 'terms';
    case Guide = 'guide';
    case Student = 'student';
    case Key = 'key';
    case Blank = 'blank';
    case Credits = 'credits';
    case Unknown = 'unknown';

    /** Whether its pages are for students; what is not known may be. */
    public function isGiven(): bool
    {
        return $this === self::Student || $this === self::Cover || $this === self::Unknown;
    }
}
