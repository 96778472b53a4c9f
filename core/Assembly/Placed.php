<?php

declare(strict_types=1);

namespace OpenSlate\Assembly;

use OpenSlate\Geometry\Frame;

/** Where a student has put one part, and what holds it there. */
final readonly class Placed
{
    /**
     * @param  string  $id  the part's id, a dot, and its number in the stock, from 1: "lamp.2"
     * @param  float  $x  of its left edge, in points; of a connector, of its first end
     * @param  float  $y  of its upper edge; of a connector, of its first end
     * @param  string  $held  what holds it: "@spot", "@spot.3" for one place of a table, "own>lamp.2.a" for a joint of
     *                        its own on a joint of another part, of a connector's first end ">lamp.2.a"; nothing is ""
     * @param  string  $words  the student's own, where the part takes any
     * @param  array{float, float, string}|null  $end  the second end of a connector, and what holds it
     */
    public function __construct(
        public string $id,
        public float $x,
        public float $y,
        public string $held = '',
        public string $words = '',
        public ?array $end = null,
    ) {
    }

    public function at(float $x, float $y): self
    {
        return new self($this->id, round($x, 2), round($y, 2), $this->held, $this->words, $this->end);
    }

    public function held(string $held): self
    {
        return new self($this->id, $this->x, $this->y, $held, $this->words, $this->end);
    }

    public function ending(float $x, float $y, string $held): self
    {
        return new self($this->id, $this->x, $this->y, $this->held, $this->words, [round($x, 2), round($y, 2), $held]);
    }

    public function partId(): string
    {
        return explode('.', $this->id)[0];
    }

    /** The spot that holds it. */
    public function spotId(): ?string
    {
        return str_starts_with($this->held, '@') ? explode('.', substr($this->held, 1))[0] : null;
    }

    /** @return array{string, string, string}|null its own joint, the part and the joint that hold it: ["foot", "hull.1", "deck"] */
    public function joint(): ?array
    {
        return self::joints($this->held);
    }

    /** @return array{string, string, string}|null the same of a connector's second end; connectors have no joints of their own */
    public function endJoint(): ?array
    {
        return self::joints($this->end[2] ?? '');
    }

    /** @return array{string, string, string}|null */
    private static function joints(string $held): ?array
    {
        return preg_match('/^([a-z0-9]*)>([a-z0-9]+\.\d+)\.([a-z0-9]+)$/D', $held, $names) === 1 ? [$names[1], $names[2], $names[3]] : null;
    }

    /** Which place of a table of slots holds it, from 0. */
    public function cell(): int
    {
        return (int) (explode('.', $this->held)[1] ?? 0);
    }

    public function frame(float $width, float $height): Frame
    {
        return Frame::of($this->x, $this->y, $width, $height);
    }

    /** Whether it is at the same place, with the same words, as a window or the server knows it. */
    public function sameAs(?self $other): bool
    {
        return $other !== null && $this->x === $other->x && $this->y === $other->y && $this->held === $other->held && $this->words === $other->words && $this->end === $other->end;
    }

    /** @return list<float|string> as short as it can be said */
    public function toList(): array
    {
        $list = [$this->x, $this->y, $this->held, $this->words, ...($this->end ?? [])];
        while ($this->end === null && end($list) === '') {
            array_pop($list);
        }

        return $list;
    }
}
