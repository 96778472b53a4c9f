<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use InvalidArgumentException;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Paper\Size;

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

    /**
     * A region of a page as it is shown: of its print, the way that lies there.
     *
     * @param  Page  $page  with a print
     * @param  Size  $printed  size of the printed page, upright
     * @param  Frame  $region  on the page
     * @param  Frame  $frame  where the clip lies
     *
     * @throws InvalidArgumentException when none of the print is in the region
     */
    public static function of(Page $page, Size $printed, Frame $region, string $id, Frame $frame): self
    {
        $backdrop = $page->backdrop ?? throw new InvalidArgumentException('That page has no print to clip.');
        $cut = $backdrop->printed($region, $printed, $page->frame());
        $share = fn (float $part, float $whole): float => round(max(0.0, min(1.0, $part / $whole)), 5);
        [$left, $top] = [$share($cut->x, $printed->width), $share($cut->y, $printed->height)];
        [$across, $down] = [$share($cut->right(), $printed->width) - $left, $share($cut->bottom(), $printed->height) - $top];
        if ($across < self::SMALLEST || $down < self::SMALLEST) {
            throw new InvalidArgumentException('There is no print in that frame.');
        }

        return new self($id, $frame, $backdrop->source, $backdrop->page, $backdrop->turn, $left, $top, round($across, 5), round($down, 5));
    }

    public function kind(): ElementKind
    {
        return ElementKind::Clip;
    }

    public function turned(Rotation $by): self
    {
        return $this->with('turn', $this->turn->plus($by));
    }
}
