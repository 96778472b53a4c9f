<?php

declare(strict_types=1);

namespace App\Models;

/** Why it is not known which page of whose copy a sheet of paper is. */
enum SheetDoubt: string
{
    case NoCode = 'no_code';
    case SeveralCodes = 'several_codes';
    case OtherHandout = 'other_handout';
    case CopyGone = 'copy_gone';
    case PageGone = 'page_gone';

    public function words(): string
    {
        return match ($this) {
            self::NoCode => 'No code of this program could be read on it.',
            self::SeveralCodes => 'There is more than one sheet on it. Scan each by itself, or choose which it is.',
            self::OtherHandout => 'This is a sheet of another handout.',
            self::CopyGone => 'The copy that it was printed from is gone.',
            self::PageGone => 'The page that it was printed from is no longer in the worksheet.',
        };
    }
}
