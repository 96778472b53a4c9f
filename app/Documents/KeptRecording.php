<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\StoredFile;

/** A recording as it is kept. */
final readonly class KeptRecording
{
    /** @param  float  $seconds  that it lasts */
    public function __construct(public StoredFile $file, public float $seconds, public bool $isFilm)
    {
    }
}
