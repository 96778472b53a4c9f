<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Marking\ItemFigures;
use OpenSlate\Marking\Points;

/** A question among the results of a handout. */
final readonly class ResultsColumn
{
    /**
     * @param  string  $misconception  the commonest wrong answer, and how many gave it; nothing where none is common
     */
    public function __construct(
        public string $short,
        public string $words,
        public Points $full,
        public ItemFigures $figures,
        public string $misconception,
        public string $address,
    ) {
    }

    public function facility(): string
    {
        return $this->figures->facility === null ? '' : round(100 * $this->figures->facility).' %';
    }

    public function discrimination(): string
    {
        return $this->figures->discrimination === null ? '' : sprintf('%.2f', $this->figures->discrimination);
    }
}
