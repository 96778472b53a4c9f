<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** What happens when more is typed than a box has room for. */
enum TextFit: string
{
    /** It can be scrolled. */
    case Scroll = 'scroll';

    /** The text gets smaller. */
    case Shrink = 'shrink';

    /** The box gets higher, over what is below it. */
    case Grow = 'grow';
}
