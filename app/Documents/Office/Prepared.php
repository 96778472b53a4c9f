<?php

declare(strict_types=1);

namespace App\Documents\Office;

use OpenSlate\Conversion\DocumentFacts;

/** A copy of a document that can be given to the office program, and what was read in it. */
final readonly class Prepared
{
    public function __construct(public string $path, public DocumentFacts $facts)
    {
    }
}
