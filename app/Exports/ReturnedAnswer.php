<?php

declare(strict_types=1);

namespace App\Exports;

/** An answer that came back in a file, beside what the copy has now. */
final readonly class ReturnedAnswer
{
    /**
     * @param  string  $place  its id in the edition
     * @param  string  $asked  what is asked there
     * @param  string  $was  what stands there now
     * @param  string  $is  what the file has
     * @param  string  $wasWords  in words
     * @param  string  $isWords  likewise
     */
    public function __construct(
        public string $place,
        public string $asked,
        public string $was,
        public string $is,
        public string $wasWords,
        public string $isWords,
    ) {
    }

    /** Whether something else stands there already, which nobody puts aside unasked. */
    public function isAgainst(): bool
    {
        return $this->was !== '';
    }
}
