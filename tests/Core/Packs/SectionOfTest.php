<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Role;
use PHPUnit\Framework\TestCase;
use Tests\Support\RecordedPack;

final class SectionOfTest extends TestCase
{
    public function test_a_section_has_the_pages_for_students_from_its_first_to_its_last(): void
    {
        foreach (RecordedPack::names() as $name) {
            $reading = PackReading::of(RecordedPack::named($name)->pages);
            foreach ($reading->verdicts as $number => $verdict) {
                $in = null;
                foreach ($reading->sections as $section) {
                    if ($number >= $section->from && $number <= $section->to) {
                        $in = $verdict->role === Role::Student ? $section->label : null;
                    }
                }
                $this->assertSame($in, $reading->sectionOf($number)?->label, "{$name}, page {$number}");
            }
        }
    }
}
