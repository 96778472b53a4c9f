<?php

declare(strict_types=1);

namespace App\Models;

enum WorksheetState: string
{
    case Preparing = 'preparing';
    case Ready = 'ready';
    case Failed = 'failed';
}
