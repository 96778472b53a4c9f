<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Role;
use OpenSlate\Packs\Verdict;
use OpenSlate\Text\PageText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\RecordedPack;

/** Whole packs, as their words were read from PDFs: see Reference\PacksTest. All of it is invented. */
final class RecordedPacksTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function packs(): array
    {
        $names = RecordedPack::names();

        return array_combine($names, array_map(fn (string $name): array => [$name], $names));
    }

    #[DataProvider('packs')]
    public function test_its_pages_have_their_roles_for_their_reasons_and_its_sections_are_found(string $name): void
    {
        $pack = RecordedPack::named($name);
        $this->assertSame($pack->reading, RecordedPack::said(PackReading::of($pack->pages)));
    }

    /** Printed and scanned again less is told of them, but what is told is no worse. */
    #[DataProvider('packs')]
    public function test_scanned_its_keys_are_not_for_students_and_its_sheets_no_keys(string $name): void
    {
        $pack = RecordedPack::named($name, isScanned: true);
        $reading = PackReading::of($pack->pages);
        $this->assertSame($pack->reading, RecordedPack::said($reading));

        foreach (self::truth($name) as $at => ['role' => $truth]) {
            $verdict = $reading->verdicts[$at + 1];
            $isForStudents = $verdict->role === Role::Student || $verdict->role === Role::Cover;
            $this->assertFalse(
                $truth === Role::Key->value && $isForStudents,
                "page {$pack->pages[$at]->number}: {$verdict->reason}",
            );
            $this->assertFalse(
                $truth === Role::Student->value && ! in_array($verdict->role, [Role::Student, Role::Unknown], true),
                "page {$pack->pages[$at]->number}: {$verdict->reason}",
            );
        }
    }

    public function test_of_all_that_is_scanned_most_pages_have_their_roles(): void
    {
        $right = $all = 0;
        foreach (RecordedPack::names() as $name) {
            $verdicts = PackReading::of(RecordedPack::named($name, isScanned: true)->pages)->verdicts;
            foreach (self::truth($name) as $at => ['role' => $truth]) {
                $right += (int) ($verdicts[$at + 1]->role->value === $truth);
                $all++;
            }
        }
        $this->assertGreaterThan(300, $all);
        $this->assertGreaterThan(0.8 * $all, $right, "{$right} of {$all}");
    }

    /** Whatever is built alike, what is left of a pack when its answers are taken away is the answer to nothing. */
    #[DataProvider('packs')]
    public function test_without_its_keys_no_page_for_students_is_a_key(string $name): void
    {
        $truth = self::truth($name);
        $pages = $roles = [];
        foreach (RecordedPack::named($name)->pages as $page) {
            $role = $truth[$page->number - 1]['role'];
            if ($role !== Role::Key->value) {
                $roles[] = $role;
                $pages[] = new PageText(count($roles), $page->size, $page->lines, $page->ink, 0, $page->blanks);
            }
        }
        $keys = array_filter(
            PackReading::of($pages)->verdicts,
            fn (Verdict $verdict, int $number): bool => $verdict->role === Role::Key &&
                $roles[$number - 1] === Role::Student->value,
            ARRAY_FILTER_USE_BOTH,
        );
        $this->assertSame([], array_map(fn (Verdict $verdict): string => $verdict->reason, $keys));
    }

    /** @return list<array{role: string}> what each page is for */
    private static function truth(string $name): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../../packs/truth.json'), true)[$name];
    }
}
