<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** How a teacher wants the photos of a file to be made into pages. */
final readonly class ScanChoices
{
    /** Pictures that one file can have. */
    public const MOST = 300;

    /**
     * @param  bool  $colour  whether colours stay; else it is grey
     * @param  bool  $even  whether shadows are evened out and the print is lifted from the paper
     * @param  ScanPaper|null  $paper  what it was printed on; null where that is to be told by its proportions
     * @param  array<int, ScanCut>  $cuts  by the picture's number, from 1; what is not there is proposed
     */
    public function __construct(
        public bool $colour = true,
        public bool $even = true,
        public ?ScanPaper $paper = null,
        public array $cuts = [],
    ) {
    }

    /**
     * @param  array<string, mixed>  $kept
     *
     * @throws InvalidJson
     */
    public static function of(array $kept): self
    {
        $fields = Fields::of($kept, '$');
        $cuts = [];
        foreach ($fields->isGiven('cuts') ? $fields->objects('cuts', self::MOST) : [] as $cut) {
            $cuts[$cut->integer('picture', 1, self::MOST)] = ScanCut::of($cut);
        }

        return new self(
            ! $fields->isGiven('colour') || $fields->flag('colour'),
            ! $fields->isGiven('even') || $fields->flag('even'),
            $fields->isGiven('paper') ? $fields->oneOf('paper', ScanPaper::class) : null,
            $cuts,
        );
    }

    /** @return array<string, mixed> what differs from what is usual */
    public function kept(): array
    {
        $cuts = array_map(
            fn (ScanCut $cut, int $picture): array => ['picture' => $picture] + $cut->kept(),
            $this->cuts,
            array_keys($this->cuts),
        );

        return ($this->colour ? [] : ['colour' => false]) +
            ($this->even ? [] : ['even' => false]) +
            ($this->paper === null ? [] : ['paper' => $this->paper->value]) +
            ($cuts === [] ? [] : ['cuts' => $cuts]);
    }
}
