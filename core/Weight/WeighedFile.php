<?php

declare(strict_types=1);

namespace OpenSlate\Weight;

/** A file that a device loads for a page. */
final readonly class WeighedFile
{
    /**
     * @param  string  $sha256  under which it is kept
     * @param  int  $bytes  of it that are loaded
     * @param  string|null  $element  that shows it; null for the print
     */
    public function __construct(
        public WeighedKind $kind,
        public string $sha256,
        public int $bytes,
        public ?string $element = null,
    ) {
    }
}
