<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;

/** A region of a printed page, shown on this one. */
final readonly class Clip implements Element
{
    use Laid;

    /** As a share of the printed page's side. */
    public const SMALLEST = 0.001;

    /**
     * @param  string  $source  SHA-256 of the file the page is printed from
     * @param  int  $page  page number in that file, from 1
     * @param  Rotation  $turn  of the region, once it is cut out
     * @param  float  $left  left edge of the region, as a share of the printed page's width; likewise the others
     * @param  bool  $kept  back from students, as an answer, until the teacher shows answers
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public string $source,
        public int $page,
        public Rotation $turn = Rotation::None,
        public float $left = 0.0,
        public float $top = 0.0,
        public float $across = 1.0,
        public float $down = 1.0,
        public bool $kept = false,
        public ?string $group = null,
        public bool $locked = false,
    ) {
    }

    public function kind(): ElementKind
    {
        return ElementKind::Clip;
    }

    public function turned(Rotation $by): self
    {
        return $this->with(turn: $this->turn->plus($by));
    }
}
