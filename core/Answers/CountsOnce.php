<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** Of a form of answer that is one place, whatever is in it. */
trait CountsOnce
{
    public function counts(): int
    {
        return 1;
    }

    public function countsTogether(): bool
    {
        return false;
    }

    public function filled(string $answer): int
    {
        return $this->isFilled($answer) ? 1 : 0;
    }
}
