<?php

declare(strict_types=1);

namespace OpenSlate\Assembly;

use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;
use OpenSlate\Withers;

/** Where a student has put one part, and what holds it there. */
final readonly class Placed
{
    use Withers;

    /**
     * @param  string  $id  the part's id, a dot, and its number in the stock, from 1: "lamp.2"
     * @param  float  $x  of its left edge, in points; of a connector, of its first end
     * @param  float  $y  of its upper edge; of a connector, of its first end
     * @param  string  $words  the student's own, where the part takes any
     * @param  End|null  $end  the second end of a connector
     */
    public function __construct(
        public string $id,
        public float $x,
        public float $y,
        public Hold $held,
        public string $words = '',
        public ?End $end = null,
    ) {
    }

    public function at(float $x, float $y): self
    {
        return $this->with(x: round($x, 2), y: round($y, 2));
    }

    public function put(Point $corner): self
    {
        return $this->at($corner->x, $corner->y);
    }

    /** Moved so that a place of it comes to lie on another. */
    public function joined(Point $place, Point $to): self
    {
        return $this->at($this->x + $to->x - $place->x, $this->y + $to->y - $place->y);
    }

    public function held(Hold $held): self
    {
        return $this->with(held: $held);
    }

    /** Let go of. */
    public function loose(): self
    {
        return $this->held(Hold::nothing());
    }

    public function saying(string $words): self
    {
        return $this->with(words: $words);
    }

    public function ending(Point $at, Hold $held): self
    {
        return $this->with(end: new End(round($at->x, 2), round($at->y, 2), $held));
    }

    public function partId(): string
    {
        return explode('.', $this->id)[0];
    }

    public function frame(float $width, float $height): Frame
    {
        return Frame::of($this->x, $this->y, $width, $height);
    }

    /** Whether it is at the same place, with the same words, as a window or the server knows it. */
    public function sameAs(?self $other): bool
    {
        return $other !== null &&
            $this->x === $other->x &&
            $this->y === $other->y &&
            $this->held == $other->held &&
            $this->words === $other->words &&
            $this->end == $other->end;
    }

    /** @return list<float|string> as short as it can be said */
    public function toList(): array
    {
        $list = [$this->x, $this->y, $this->held->text(), $this->words];
        if ($this->end !== null) {
            return [...$list, $this->end->x, $this->end->y, $this->end->held->text()];
        }
        while (end($list) === '') {
            array_pop($list);
        }

        return $list;
    }
}
