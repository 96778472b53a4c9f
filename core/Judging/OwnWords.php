<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/**
 * The words of a worksheet's own keys, on top of those of a dictionary: where one place asks for "neap" and another for
 * "spring", the one is no misspelling of the other, whatever the language.
 */
final readonly class OwnWords implements Lexicon
{
    /** @param  array<string, true>  $own */
    private function __construct(private array $own, private ?Lexicon $dictionary)
    {
    }

    /** @param  iterable<string>  $keys  the right answers of all places */
    public static function of(iterable $keys, ?Lexicon $dictionary = null): self
    {
        $own = [];
        foreach ($keys as $key) {
            foreach (TextReading::words(mb_strtolower($key)) as $word) {
                $own[$word] = true;
            }
        }

        return new self($own, $dictionary);
    }

    public function has(string $word): bool
    {
        return isset($this->own[$word]) || ($this->dictionary?->has($word) ?? false);
    }
}
