<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Teacher;
use App\Models\Worksheet;

/** Who else sees a worksheet. */
final readonly class SharedWith
{
    /**
     * @param  'nobody'|'chosen'|'school'  $with
     * @param  list<string>  $names  of those who were chosen
     */
    private function __construct(public string $with, private array $names)
    {
    }

    public static function of(Worksheet $worksheet): self
    {
        $names = array_values($worksheet->colleagues->map(fn (Teacher $teacher): string => $teacher->name)->all());

        return new self($worksheet->shared_with_school ? 'school' : ($names === [] ? 'nobody' : 'chosen'), $names);
    }

    public function words(): string
    {
        return match ($this->with) {
            'school' => 'All of the school sees it now.',
            'chosen' => 'Now seen by '.collect($this->names)->join(', ', ' and ').'.',
            'nobody' => 'Nobody else sees it now.',
        };
    }
}
