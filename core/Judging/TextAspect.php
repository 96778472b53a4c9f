<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** What of a text may count when it is held against its key. */
enum TextAspect: string
{
    case Capitals = 'capitals';
    case Spacing = 'spacing';
    case Punctuation = 'punctuation';
    case Accents = 'accents';

    /** "A", "an" and "the" before it. */
    case Articles = 'articles';

    public function words(): string
    {
        return match ($this) {
            self::Capitals => 'capital letters',
            self::Spacing => 'spaces',
            self::Punctuation => 'punctuation',
            self::Accents => 'accents',
            self::Articles => 'a, an, the',
        };
    }
}
