<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\BlankFinder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RecordedPage;

/** Whole pages, as they were read from PDFs whose blanks were measured: see Reference\BlanksTest. All is invented. */
final class RecordedPagesTest extends TestCase
{
    /** @return array<string, array{RecordedPage}> */
    public static function pages(): array
    {
        return array_map(fn (RecordedPage $page): array => [$page], RecordedPage::all());
    }

    #[DataProvider('pages')]
    public function test_every_blank_is_found_in_its_place_with_its_prompt_and_nothing_else(RecordedPage $page): void
    {
        $this->assertSame($page->blanks, array_map(RecordedPage::said(...), BlankFinder::find($page->marks)));
    }

    #[TestWith(['boxes'])]
    #[TestWith(['decoys'])]
    #[TestWith(['lines'])]
    #[TestWith(['tables'])]
    public function test_on_a_scan_too_and_how_far_it_lies_askew(string $name): void
    {
        $recorded = RecordedPage::recorded($name);
        $this->assertEqualsWithDelta($recorded['askew'], $recorded['tilt'], 0.1);
        unset($recorded['askew']);
        $this->assertSame($recorded, RecordedPage::seen(RecordedPage::scan($name)));
    }

    #[DataProvider('scanned')]
    public function test_in_grey_too_with_dust_and_darker_at_one_side(string $name): void
    {
        $this->assertSame(RecordedPage::recorded($name), RecordedPage::seen(RecordedPage::scanned($name)));
    }

    /** @return list<array{string}> */
    public static function scanned(): array
    {
        return array_map(fn (string $name): array => [$name], array_keys(RecordedPage::SCANNED));
    }
}
