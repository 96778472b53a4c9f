<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/** What kind of place to fill in a blank is. */
enum BlankKind: string
{
    /** A rule to write on. */
    case Line = 'line';

    /** Rules of equal pitch and extent, one below the other. */
    case Lines = 'lines';

    /** A run of underscores or a dotted leader, inside text or after it. */
    case Gap = 'gap';

    /** An empty frame. */
    case Box = 'box';

    /** An empty cell of a table. */
    case Cell = 'cell';

    /** A small square or circle with a choice beside it. */
    case Tick = 'tick';

    /** Printed choices of which one is to be ringed. */
    case Choice = 'choice';

    /** Dots across from each other that are to be joined by lines. */
    case Join = 'join';

    /** A form field of the PDF. */
    case Field = 'field';
}
