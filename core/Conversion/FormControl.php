<?php

declare(strict_types=1);

namespace OpenSlate\Conversion;

/** A place of a word-processor file that is there to be filled in, as the file itself says. */
final readonly class FormControl
{
    /**
     * @param  string  $name  as its author called it; may be empty
     * @param  list<string>  $choices  of a list
     */
    public function __construct(
        public ControlKind $kind,
        public string $name = '',
        public array $choices = [],
        public ?int $longest = null,
    ) {
    }
}
