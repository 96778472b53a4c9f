<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Packs\PackReading;
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
}
