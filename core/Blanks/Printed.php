<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use Closure;
use OpenSlate\Text\Word;

/** What is printed on a page, where the page shows it; read only when an edit asks for it. */
final readonly class Printed
{
    /**
     * @param  Closure(): list<Blank>  $blanks
     * @param  Closure(): list<Word>  $words  in the order in which they are read
     */
    public function __construct(private Closure $blanks, private Closure $words)
    {
    }

    public static function nothing(): self
    {
        return new self(fn (): array => [], fn (): array => []);
    }

    /** @return list<Blank> */
    public function blanks(): array
    {
        return ($this->blanks)();
    }

    /** @return list<Word> */
    public function words(): array
    {
        return ($this->words)();
    }
}
