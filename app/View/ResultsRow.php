<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Marking\Points;

/** What one student earned in a handout. */
final readonly class ResultsRow
{
    /**
     * @param  array<string, Points|null>  $points  by question; null where there is nothing to count, or not yet
     * @param  array<string, true>  $waiting  questions that somebody has to look at still
     * @param  Points|null  $total  null where it does not count, or not yet
     * @param  string  $note  how it stands, where that is to be said: "missing", "late", "2 to look at"
     * @param  list<int>  $copies
     */
    public function __construct(
        public int $studentId,
        public string $student,
        public string $class,
        public array $points,
        public array $waiting,
        public ?Points $total,
        public string $note,
        public array $copies,
        public bool $excused,
    ) {
    }
}
