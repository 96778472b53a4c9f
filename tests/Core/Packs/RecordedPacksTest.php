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

    /** Whatever is built alike, what is left of a pack when its answers are taken away is the answer to nothing. */
    #[DataProvider('packs')]
    public function test_without_its_keys_no_page_for_students_is_a_key(string $name): void
    {
        $truth = json_decode((string) file_get_contents(__DIR__.'/../../packs/truth.json'), true)[$name];
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
}
