<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

enum Side: string
{
    case Width = 'width';
    case Height = 'height';
    case Both = 'both';
}
