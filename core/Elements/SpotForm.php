<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** What a place for parts looks like. */
enum SpotForm: string
{
    /** An area that takes several. */
    case Zone = 'zone';

    /** A place for one. */
    case Slot = 'slot';

    /** An ellipse, or the band between it and a hole in it. */
    case Ring = 'ring';

    /** A level line along which parts stand. */
    case Line = 'line';

    /** A table of places for one. */
    case Slots = 'slots';
}
