<?php

declare(strict_types=1);

namespace OpenSlate\ClassLists;

/** A student as a class list names them. */
final readonly class ListedStudent
{
    /**
     * @param  string  $class  the name of their class; nothing where the list does not say
     * @param  string|null  $trouble  a sentence about what is wrong with the row
     */
    public function __construct(
        public string $first,
        public string $last,
        public string $class = '',
        public ?string $trouble = null,
    ) {
    }

    public function name(): string
    {
        return trim("{$this->first} {$this->last}");
    }

    public function withTrouble(string $trouble): self
    {
        return new self($this->first, $this->last, $this->class, $trouble);
    }
}
