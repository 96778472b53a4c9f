<?php

declare(strict_types=1);

namespace App\Models;

/** What is to be done next with a file that was brought in. */
enum FileStage: string
{
    /** Its pages, of a file that has none itself. */
    case Convert = 'convert';

    /** What it is, and how large its pages are. */
    case Read = 'read';

    case Draw = 'draw';

    /** What its pages are for; then the worksheet is ready. */
    case Sort = 'sort';

    /** The prints of a worksheet that came in a package. */
    case Prints = 'prints';

    /** What there is to be filled in on them, while the worksheet is in use already. */
    case Blanks = 'blanks';

    /** What can be read on pages that are only pictures, while the worksheet is in use already. */
    case Words = 'words';
}
