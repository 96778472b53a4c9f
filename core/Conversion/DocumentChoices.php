<?php

declare(strict_types=1);

namespace OpenSlate\Conversion;

/** How a teacher wants a document to be put on pages. */
final readonly class DocumentChoices
{
    /**
     * @param  bool  $changes  whether tracked changes are shown; else the words are as if all had been accepted
     * @param  bool  $comments  whether comments are printed in the margin
     */
    public function __construct(public bool $changes = false, public bool $comments = false)
    {
    }

    /** @param  array<string, mixed>  $kept */
    public static function of(array $kept): self
    {
        return new self(($kept['changes'] ?? false) === true, ($kept['comments'] ?? false) === true);
    }

    /** @return array<string, mixed> what differs from what is usual */
    public function kept(): array
    {
        return ($this->changes ? ['changes' => true] : []) + ($this->comments ? ['comments' => true] : []);
    }
}
