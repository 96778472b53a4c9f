<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** What of one picture becomes a page, or two. */
final readonly class ScanCut
{
    /**
     * @param  Quadrilateral|null  $corners  as shares of the upright picture's sides; null is the whole picture
     * @param  bool  $isSpread  whether it shows two pages side by side
     */
    public function __construct(public ?Quadrilateral $corners, public bool $isSpread = false)
    {
    }

    /** @throws InvalidJson */
    public static function of(Fields $fields): self
    {
        $sides = $fields->isGiven('corners') ? $fields->numbers('corners', 8, -0.1, 1.1) : [];
        if ($sides !== [] && count($sides) !== 8) {
            throw $fields->wrong('corners', 'must be four corners');
        }
        $corners = $sides === [] ? null : Quadrilateral::of(array_map(
            fn (array $pair): array => [(float) $pair[0], (float) $pair[1]],
            array_chunk($sides, 2),
        ));
        if ($corners !== null && (! $corners->isConvex() || $corners->area() < 0.01)) {
            throw $fields->wrong('corners', 'must go round a part of the picture');
        }

        return new self($corners, $fields->isGiven('spread') && $fields->flag('spread'));
    }

    /** @return array<string, mixed> */
    public function kept(): array
    {
        $corners = [];
        foreach ($this->corners?->corners() ?? [] as $corner) {
            array_push($corners, round($corner->x, 5), round($corner->y, 5));
        }

        return ['corners' => $corners === [] ? null : $corners] + ($this->isSpread ? ['spread' => true] : []);
    }
}
