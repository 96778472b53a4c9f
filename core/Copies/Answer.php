<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

/** What stands in one place, and which save put it there. */
final readonly class Answer
{
    /**
     * @param  int  $revision  the copy's revision in which it was saved
     * @param  string  $window  the browser window that wrote it
     * @param  int|null  $by  on a copy that several share, the id of the student who wrote it last
     */
    public function __construct(
        public string $text,
        public int $revision,
        public string $window,
        public ?int $by = null,
    ) {
    }
}
