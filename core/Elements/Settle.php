<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** How parts come to rest in a spot. */
enum Settle: string
{
    /** Where they were dropped. */
    case Free = 'free';

    /** One in the middle; more would lie on each other. */
    case Stack = 'stack';

    /** Beside each other, in the order in which they stand from the left. */
    case Row = 'row';

    /** In rows of even places, in the order in which they came. */
    case Grid = 'grid';

    /** In even places round a ring, in the order in which they stand, from the top. */
    case Round = 'round';
}
