<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use OpenSlate\Paper\Size;

/** One page of a PDF that is made: its size, and what lies beneath what is laid out on it. */
final readonly class Sheet
{
    public function __construct(public Size $size, public ?Underprint $under = null)
    {
    }
}
