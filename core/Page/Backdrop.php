<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use InvalidArgumentException;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Paper\Size;

/** The printed page under the elements: one page of a stored file, named by the file's SHA-256, and how it lies. */
final readonly class Backdrop
{
    /**
     * @param  Frame|null  $frame  where the print lies on the paper, once turned; null for the whole of it
     * @param  bool  $light  whether a lighter picture of it is shown
     */
    private function __construct(
        public string $source,
        public int $page,
        public Rotation $turn,
        public ?Frame $frame,
        public bool $light,
    ) {
    }

    /** @throws InvalidArgumentException */
    public static function of(
        string $source,
        int $page,
        Rotation $turn = Rotation::None,
        ?Frame $frame = null,
        bool $light = false,
    ): self {
        if (preg_match('/^[0-9a-f]{64}$/D', $source) !== 1 || $page < 1) {
            throw new InvalidArgumentException('A backdrop is named by a SHA-256 and a page number from 1.');
        }

        return new self($source, $page, $turn, $frame, $light);
    }

    /**
     * Where on a page something printed shows.
     *
     * @param  Frame  $frame  on the printed page, upright
     * @param  Size  $printed  size of the printed page
     * @param  Frame  $page  the page's own frame
     */
    public function shown(Frame $frame, Size $printed, Frame $page): Frame
    {
        $laid = $this->frame ?? $page;
        $factor = $laid->width / $printed->turned($this->turn)->width;

        return $frame
            ->turned($this->turn, $printed->width, $printed->height)
            ->scaled($factor)
            ->moved($laid->x, $laid->y);
    }

    /** Which part of the printed page shows in a frame of the page: the inverse of shown. */
    public function printed(Frame $frame, Size $printed, Frame $page): Frame
    {
        $laid = $this->frame ?? $page;
        $turned = $printed->turned($this->turn);

        return $frame
            ->moved(-$laid->x, -$laid->y)
            ->scaled($turned->width / $laid->width)
            ->turned($this->turn->inverse(), $turned->width, $turned->height);
    }

    public function turned(Rotation $by, ?Frame $frame): self
    {
        return new self($this->source, $this->page, $this->turn->plus($by), $frame, $this->light);
    }

    public function laid(Frame $frame): self
    {
        return new self($this->source, $this->page, $this->turn, $frame, $this->light);
    }

    public function lighter(): self
    {
        return new self($this->source, $this->page, $this->turn, $this->frame, true);
    }
}
