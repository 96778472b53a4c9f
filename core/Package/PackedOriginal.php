<?php

declare(strict_types=1);

namespace OpenSlate\Package;

/** A file as a teacher brought it in, from which pages of a worksheet are. */
final readonly class PackedOriginal
{
    /**
     * @param  string  $sha256  of the file whose pages are laid on the worksheet
     * @param  string|null  $madeFrom  SHA-256 of the untouched file, where that first had to be made from it
     */
    public function __construct(public string $name, public string $sha256, public ?string $madeFrom = null)
    {
    }
}
