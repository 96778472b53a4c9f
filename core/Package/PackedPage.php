<?php

declare(strict_types=1);

namespace OpenSlate\Package;

use OpenSlate\Packs\Role;
use OpenSlate\Questions\Question;

/** A page of a worksheet in a package: where it is written, and what it is there for. */
final readonly class PackedPage
{
    /**
     * @param  string  $path  of the page in the page format, without its key
     * @param  string|null  $key  of the same with its key; null where there is none in the package
     * @param  string  $anchor  by which links name it
     * @param  list<int>  $answers  the numbers of the pages that this one, a key, answers
     * @param  list<int>  $refused  which of the blanks that are found on its print are none
     * @param  list<Question>|null  $questions  those of its print, where its teacher has mended them
     */
    public function __construct(
        public string $path,
        public ?string $key,
        public string $anchor,
        public Role $role = Role::Unknown,
        public string $reason = '',
        public ?string $section = null,
        public array $answers = [],
        public array $refused = [],
        public ?array $questions = null,
    ) {
    }
}
