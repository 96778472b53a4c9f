<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;
use OpenSlate\Judging\Strictness;

/** Boxes to write in and what connects them, laid out from a shape and a number. */
final readonly class Organiser implements Answerable
{
    use Laid;

    public const FEWEST = 2;

    public const MOST = 12;

    /**
     * @param  int  $number  of boxes
     * @param  list<OrganiserBox>  $boxes  names and keys; more than there are boxes are kept for when there are more
     * @param  string  $prompt  what the organiser is about, for screen readers and lists
     * @param  float|null  $points  for each box
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public OrganiserShape $shape,
        public int $number,
        public array $boxes = [],
        public string $prompt = '',
        public float $size = TextSize::NORMAL,
        public bool $cover = false,
        public bool $outline = true,
        public Font $font = Font::Plain,
        public TextAlign $align = TextAlign::Left,
        public string $help = '',
        public bool $needed = false,
        public ?float $points = null,
        public ?string $group = null,
        public bool $locked = false,
        public Strictness $strictness = new Strictness,
    ) {
    }

    public function enlarged(float $factor): static
    {
        return $this->with(size: TextSize::times($this->size, $factor));
    }

    public function kind(): ElementKind
    {
        return ElementKind::Organiser;
    }

    public function count(): int
    {
        return $this->shape->count($this->number);
    }

    /** One of its boxes, from 0. */
    public function box(int $at): OrganiserBox
    {
        return $this->boxes[$at] ?? new OrganiserBox;
    }

    /** The same with another box there. */
    public function withBox(int $at, OrganiserBox $box): self
    {
        $boxes = array_replace(array_map($this->box(...), range(0, max($at, count($this->boxes) - 1))), [$at => $box]);

        return $this->with(boxes: array_values($boxes));
    }

    /** The name of a box's place on the page; boxes count from 0, their names from 1. */
    public function place(int $at): string
    {
        return $this->id.'.'.($at + 1);
    }

    public function places(): array
    {
        $places = [];
        for ($at = 0; $at < $this->count(); $at++) {
            $places[$this->place($at)] = $this->box($at)->form()->held($this->strictness);
        }

        return $places;
    }

    public function keys(): array
    {
        $keys = [];
        for ($at = 0; $at < $this->count(); $at++) {
            if ($this->box($at)->key !== []) {
                $keys[$this->place($at)] = $this->box($at)->key;
            }
        }

        return $keys;
    }

    public function withoutKeys(): static
    {
        return $this->with(boxes: array_map(
            fn (OrganiserBox $box): OrganiserBox => new OrganiserBox($box->name, [], $box->prompt, $box->level),
            $this->boxes,
        ));
    }

    public function isNeeded(): bool
    {
        return $this->needed;
    }

    public function points(): ?float
    {
        return $this->points;
    }
}
