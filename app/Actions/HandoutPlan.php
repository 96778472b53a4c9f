<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Worksheet;
use Carbon\CarbonImmutable;
use OpenSlate\Handout\Attempts;
use OpenSlate\Handout\Mode;
use OpenSlate\Handout\Times;
use OpenSlate\Handout\TimesRefused;

/** What a teacher wants handed out, to whom and until when. */
final readonly class HandoutPlan
{
    /**
     * @param  list<array{Worksheet, Mode}>  $items
     * @param  list<SchoolClass>  $classes  whole classes, with whoever joins them later
     * @param  list<array{SchoolClass, list<Student>}>  $chosen  students chosen from a class
     * @param  bool  $readsAloud  whether students may have what is asked read aloud
     * @param  CarbonImmutable|null  $out  from when students have it; null is at once
     * @param  bool  $prepared  whether it is only prepared, so that nobody has it before the teacher says so
     * @param  CarbonImmutable|null  $closes  after which nothing more is taken
     * @param  bool  $marksLate  whether what is handed in after its due time is said to be late
     * @param  array<int, list<int>>  $only  for whom alone a worksheet is: ids of students, by worksheet
     * @param  array<int, int>  $teams  the set whose teams get team copies, by class; else the newest
     * @param  array<int, int>  $itemPoints  of worksheets that have points of their own, by worksheet
     * @param  array<int, Times>  $ofClasses  times of classes that have their own, by class
     */
    public function __construct(
        public string $title,
        public string $directions,
        public ?CarbonImmutable $due,
        public ?int $points,
        public array $items,
        public array $classes,
        public array $chosen = [],
        public bool $readsAloud = false,
        public ?CarbonImmutable $out = null,
        public bool $prepared = false,
        public ?CarbonImmutable $closes = null,
        public bool $marksLate = true,
        public array $ofClasses = [],
        public array $only = [],
        public array $itemPoints = [],
        public array $teams = [],
        public Attempts $attempts = new Attempts,
    ) {
    }

    /** @throws TimesRefused when they contradict each other */
    public function times(): Times
    {
        return new Times($this->prepared ? null : $this->out ?? CarbonImmutable::now(), $this->due, $this->closes);
    }
}
