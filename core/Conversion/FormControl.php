<?php

declare(strict_types=1);

namespace OpenSlate\Conversion;

/** A place of a word-processor file that is there to be filled in, as the file itself says. */
final readonly class FormControl
{
    /** What programs call a field that its author has given no name. */
    private const GIVEN = '/^((text|check|dropdown)\d+|_*fieldmark_*\d+_\d+|bookmark( copy \d+)?|unnamed)$/i';

    public string $name;

    /**
     * @param  string  $name  as its author called it; empty where a program did
     * @param  list<string>  $choices  of a list
     */
    public function __construct(
        public ControlKind $kind,
        string $name = '',
        public array $choices = [],
        public ?int $longest = null,
    ) {
        $this->name = preg_match(self::GIVEN, trim($name)) === 1 ? '' : trim($name);
    }
}
