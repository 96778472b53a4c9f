<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

enum Side: string
{
    case Width = 'width';
    case Height = 'height';
    case Both = 'both';
}
