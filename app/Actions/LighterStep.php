<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\StoredFile;
use OpenSlate\Weight\Lightening;
use OpenSlate\Weight\WeighedFile;

/** One picture of a page that could be lighter. */
final readonly class LighterStep
{
    /** @param  StoredFile  $made  what would stand in its place */
    public function __construct(public WeighedFile $file, public StoredFile $made)
    {
    }

    public function saves(): int
    {
        return $this->file->bytes - $this->made->bytes;
    }

    public function isWorth(): bool
    {
        return Lightening::isWorth($this->file->bytes, $this->made->bytes);
    }
}
