<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

/** Answers to one place that are alike, and marked alike. */
final readonly class Slip
{
    /**
     * @param  string  $answer  as most of them have it
     * @param  non-empty-list<int>  $copies  whose they are
     */
    public function __construct(public string $likeness, public string $answer, public Mark $mark, public array $copies)
    {
    }
}
