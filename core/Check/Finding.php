<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** Something that may be wrong with a worksheet or with how it is to be handed out, in one sentence. */
final readonly class Finding
{
    /**
     * @param  string  $code  of what it is, the same in every language
     * @param  int|null  $page  its number, from 1; null where it is about the whole
     * @param  string|null  $element  the id of what it is about on that page
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public string $words,
        public ?int $page = null,
        public ?string $element = null,
    ) {
    }
}
