<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;

/** The strip beside a page where parts wait. It is not of the page's size. */
final readonly class Tray
{
    public const NARROWEST = 40.0;

    public const WIDEST = 800.0;

    /**
     * @param  float  $depth  how far it reaches from the edge of the page, in points
     * @param  bool  $open  whether students find it open
     */
    public function __construct(public TraySide $side, public float $depth = 150.0, public bool $open = true)
    {
    }

    /** Whether it stands beside the page, and not above or below it. */
    public function isUpright(): bool
    {
        return $this->side === TraySide::Left || $this->side === TraySide::Right;
    }

    /** Where it lies, seen from the top left of the page. */
    public function frame(Size $page): Frame
    {
        return match ($this->side) {
            TraySide::Left => Frame::of(-$this->depth, 0, $this->depth, $page->height),
            TraySide::Right => Frame::of($page->width, 0, $this->depth, $page->height),
            TraySide::Top => Frame::of(0, -$this->depth, $page->width, $this->depth),
            TraySide::Bottom => Frame::of(0, $page->height, $page->width, $this->depth),
        };
    }
}
