<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

/** How students get one item of a handout. */
enum Mode: string
{
    case ReadOnly = 'read_only';
    case OwnCopy = 'own_copy';
}
