<?php

declare(strict_types=1);

namespace App\Models;

/** How the students of a class show at its door who they are, once they have chosen their name. */
enum Door: string
{
    case Digits = 'digits';

    /** A PIN as pictures, one for each digit: for those who cannot read numbers yet. */
    case Pictures = 'pictures';

    /** By nothing: whoever knows the code comes in as whom they choose. */
    case Open = 'open';
}
