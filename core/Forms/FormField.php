<?php

declare(strict_types=1);

namespace OpenSlate\Forms;

use OpenSlate\Geometry\Frame;

/** A form field of a page, for programs that know nothing of worksheets. */
final readonly class FormField
{
    /**
     * @param  string  $name  unique in the file; without full stops, which part names in a PDF
     * @param  string  $said  what is asked there, for those who hear it
     * @param  Frame  $frame  on the page as displayed, in points
     * @param  float  $size  of what is typed, in points
     * @param  int|null  $longest  in letters
     * @param  list<array{string, Frame}>  $options  the words of each, and where it is marked
     * @param  string  $value  what stands in it at first
     */
    public function __construct(
        public string $name,
        public string $said,
        public FieldKind $kind,
        public Frame $frame,
        public float $size,
        public bool $isNeeded = false,
        public ?int $longest = null,
        public array $options = [],
        public string $value = '',
    ) {
    }
}
