<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Worksheet;
use Carbon\CarbonImmutable;
use OpenSlate\Handout\Mode;

/** What a teacher wants handed out, to whom and until when. */
final readonly class HandoutPlan
{
    /**
     * @param  non-empty-list<array{Worksheet, Mode}>  $items
     * @param  list<SchoolClass>  $classes  whole classes, with whoever joins them later
     * @param  list<array{SchoolClass, list<Student>}>  $chosen  students chosen from a class
     * @param  bool  $readsAloud  whether students may have what is asked read aloud
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
    ) {
    }
}
