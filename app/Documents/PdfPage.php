<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Paper\Size;

/** What a PDF says of one of its pages: its number from 1, its displayed size in points, the size of its unit. */
final readonly class PdfPage
{
    public function __construct(public int $number, public Size $size, public float $userUnit)
    {
    }
}
