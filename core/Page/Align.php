<?php

declare(strict_types=1);

namespace OpenSlate\Page;

/** Where in its frame text stands. */
enum Align: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';
}
