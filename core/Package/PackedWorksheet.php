<?php

declare(strict_types=1);

namespace OpenSlate\Package;

/** A worksheet in a package. */
final readonly class PackedWorksheet
{
    /**
     * @param  int  $id  by which links in the package name it
     * @param  string|null  $unit  the name of its unit
     * @param  string|null  $original  SHA-256 of the file that it began with
     * @param  list<PackedPage>  $pages  in order
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $unit,
        public ?string $original,
        public array $pages,
    ) {
    }
}
