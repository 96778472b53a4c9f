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
}
