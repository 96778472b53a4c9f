<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

enum CopyState: string
{
    case NotOpened = 'not_opened';
    case Working = 'working';
    case HandedIn = 'handed_in';
}
