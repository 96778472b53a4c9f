<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** Words that are right as they stand. What is among them is no misspelling of another word. */
interface Lexicon
{
    /** @param  string  $word  in small letters */
    public function has(string $word): bool;
}
