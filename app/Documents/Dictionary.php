<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Judging\Lexicon;

/**
 * English words, British and American, from the word lists of the operating system (Debian's wbritish-large,
 * wamerican-large).
 */
final class Dictionary implements Lexicon
{
    private ?string $words = null;

    /** @param  list<string>  $files  of a word in each line; what is missing is as if it were empty */
    public function __construct(private readonly array $files)
    {
    }

    public function has(string $word): bool
    {
        // A search of three megabytes takes half of a millisecond; an array of the words would take a hundred
        // megabytes.
        return ! str_contains($word, "\n") && str_contains($this->words ??= $this->read(), "\n{$word}\n");
    }

    private function read(): string
    {
        $words = "\n";
        foreach ($this->files as $file) {
            $words .= is_readable($file) ? mb_strtolower((string) file_get_contents($file))."\n" : '';
        }

        return $words;
    }
}
