<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

/** What a student's model is worth against the key. */
final readonly class ModelVerdict
{
    /**
     * @param  int  $right  how much of what the key asks for is there
     * @param  int  $of  how much it asks for
     * @param  int  $extra  how much more is there that it does not ask for
     * @param  list<string>  $words  what is missing, extra, reversed
     */
    public function __construct(public int $right, public int $of, public int $extra, public array $words)
    {
    }

    public static function nothing(): self
    {
        return new self(0, 0, 0, []);
    }

    public function and(self $other): self
    {
        return new self(
            $this->right + $other->right,
            $this->of + $other->of,
            $this->extra + $other->extra,
            [...$this->words, ...$other->words],
        );
    }

    public function isRight(): bool
    {
        return $this->right === $this->of && $this->extra === 0;
    }

    /** From 0 to 1. */
    public function share(): float
    {
        return $this->of + $this->extra === 0 ? 1.0 : $this->right / ($this->of + $this->extra);
    }
}
