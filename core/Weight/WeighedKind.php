<?php

declare(strict_types=1);

namespace OpenSlate\Weight;

/** As what a file weighs on a page. */
enum WeighedKind: string
{
    case Print = 'print';
    case Picture = 'picture';
    case Part = 'part';
    case Clip = 'clip';

    /** It is loaded only when it is played. */
    case Recording = 'recording';
}
