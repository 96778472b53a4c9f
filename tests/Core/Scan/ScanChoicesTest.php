<?php

declare(strict_types=1);

namespace Tests\Core\Scan;

use OpenSlate\Json\InvalidJson;
use OpenSlate\Scan\Quadrilateral;
use OpenSlate\Scan\ScanChoices;
use OpenSlate\Scan\ScanCut;
use OpenSlate\Scan\ScanPaper;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How photos are to be made into pages, as it is kept. */
final class ScanChoicesTest extends TestCase
{
    /** @return array<string, array{ScanChoices}> */
    public static function choices(): array
    {
        $corners = Quadrilateral::of([[0.1, 0.05], [0.9, 0.1], [0.95, 0.9], [0.05, 0.95]]);

        return [
            'as usual' => [new ScanChoices()],
            'grey' => [new ScanChoices(colour: false)],
            'with its shadows' => [new ScanChoices(even: false)],
            'grey, with its shadows' => [new ScanChoices(false, false)],
            'on paper of a size' => [new ScanChoices(paper: ScanPaper::cases()[0])],
            'two pages of the second picture' => [new ScanChoices(cuts: [2 => new ScanCut($corners, true)])],
            'the whole of the first and a part of the third' => [
                new ScanChoices(cuts: [1 => new ScanCut(null), 3 => new ScanCut($corners)]),
            ],
        ];
    }

    #[DataProvider('choices')]
    public function test_what_was_chosen_is_read_back_as_it_was(ScanChoices $choices): void
    {
        $this->assertEquals($choices, ScanChoices::of($choices->kept()));
    }

    public function test_what_is_usual_is_not_written_down(): void
    {
        $this->assertSame([], (new ScanChoices())->kept());
        $this->assertEquals(new ScanChoices(), ScanChoices::of(['colour' => true, 'even' => true]));
        $this->assertEquals(new ScanChoices(false), ScanChoices::of(['colour' => false]));
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function wrong(): array
    {
        $cut = fn (array $corners): array => ['cuts' => [['picture' => 1, 'corners' => $corners]]];

        return [
            'three corners' => [$cut([0, 0, 1, 0, 1, 1])],
            'corners that cross' => [$cut([0, 0, 1, 1, 1, 0, 0, 1])],
            'a part as small as a dot' => [$cut([0.5, 0.5, 0.55, 0.5, 0.55, 0.55, 0.5, 0.55])],
            'far outside of the picture' => [$cut([-0.2, 0, 1, 0, 1, 1, 0, 1])],
            'no number of a picture' => [['cuts' => [['picture' => 0, 'corners' => null]]]],
            'another paper' => [['paper' => 'birch']],
        ];
    }

    /** @param  array<string, mixed>  $kept */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused(array $kept): void
    {
        $this->expectException(InvalidJson::class);

        ScanChoices::of($kept);
    }
}
