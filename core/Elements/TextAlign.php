<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** Where in its frame text stands. */
enum TextAlign: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';
}
