<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\PackReader;
use App\Documents\Pdf\PageTexts;
use App\Documents\Pdf\PdfReader;
use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Role;
use OpenSlate\Packs\Section;
use Tests\TestCase;

/**
 * Roles and sections of labelled packs in many layouts and wordings: tests/packs, made by make.mjs there, labelled as
 * they were made. All of it is invented; that eight cards are eight sets and days count up is common practice, no
 * source.
 */
final class PacksTest extends TestCase
{
    public function test_roles_and_sections_are_found_and_no_key_is_taken_for_a_student_page_nor_one_for_a_key(): void
    {
        $hit = $extra = $missed = 0;
        $right = $all = ['plain' => 0, 'keyed' => 0];
        $wrong = [];
        foreach ($this->packs() as $name => $truth) {
            $reading = $this->read($name);
            $kind = str_starts_with($name, 'keyed-') ? 'keyed' : 'plain';
            foreach ($truth as $index => ['role' => $role]) {
                $verdict = $reading->verdicts[$index + 1];
                $all[$kind]++;
                if ($verdict->role->value === $role) {
                    $right[$kind]++;
                } else {
                    $wrong[] =
                        "{$name}, page ".
                        ($index + 1).
                        ": {$verdict->role->value} ({$verdict->reason}) instead of {$role}";
                }
                $this->assertFalse($role === 'key' && $verdict->role === Role::Student, implode("\n", $wrong));
                $this->assertFalse($role === 'student' && $verdict->role === Role::Key, implode("\n", $wrong));
                $this->assertNotSame('', $verdict->reason);
            }
            if (! array_key_exists('section', $truth[0])) {
                continue;
            }
            $starts = $this->starts($truth);
            $found = array_map(fn (Section $section): int => $section->from, $reading->sections);
            $hit += count(array_intersect($starts, $found));
            $extra += count(array_diff($found, $starts));
            $missed += count(array_diff($starts, $found));
        }

        $this->assertGreaterThan(500, array_sum($all));
        $this->assertGreaterThanOrEqual(0.98, $right['plain'] / $all['plain'], implode("\n", $wrong));
        // Made so that keys look like sheets: what nobody can tell by its words is left open.
        $this->assertGreaterThanOrEqual(0.88, $right['keyed'] / $all['keyed'], implode("\n", $wrong));
        $this->assertGreaterThanOrEqual(0.99, (2 * $hit) / (2 * $hit + $extra + $missed));
    }

    public function test_labels_are_read_whatever_their_numerals(): void
    {
        $labels = fn (string $name): array => array_map(
            fn (Section $section): string => $section->label,
            $this->read($name)->sections,
        );

        $this->assertSame(['Day 1', 'Day 2', 'Day 3', 'Day 4', 'Day 5'], $labels('us-days'));
        $this->assertSame(['Lesson I', 'Lesson II', 'Lesson III'], $labels('uk-lessons'));
        $this->assertSame(['Cards 1–4', 'Cards 5–8', 'Cards 9–12', 'Cards 13–16'], $labels('cards-four'));
        $this->assertCount(8, $labels('cards-single'));
        $this->assertSame(['Salt that climbs', 'The shy pepper', 'A fizzing boat'], $labels('titles'));
        $this->assertSame([], $labels('scan'));
    }

    public function test_a_section_goes_over_its_continuation_pages_and_stops_before_the_key(): void
    {
        $last = $this->read('weeks')->sections[3];
        $this->assertSame(['Week 4', 12, 14], [$last->label, $last->from, $last->to]);
    }

    /** @return array<string, list<array{role: string, section?: string|null}>> */
    private function packs(): array
    {
        return json_decode(
            (string) file_get_contents(base_path('tests/packs/truth.json')),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    private function read(string $name): PackReading
    {
        $path = base_path("tests/packs/{$name}.pdf");

        $pages = app(PdfReader::class)->pages($path);

        return app(PackReader::class)->read($path, $pages, app(PageTexts::class)->read($path, $pages));
    }

    /**
     * @param  list<array{role: string, section?: string|null}>  $truth
     * @return list<int>
     */
    private function starts(array $truth): array
    {
        $starts = [];
        $last = null;
        foreach (array_column($truth, 'section') as $index => $section) {
            if ($section !== null && $section !== $last) {
                $starts[] = $index + 1;
            }
            $last = $section ?? $last;
        }

        return $starts;
    }
}
