<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Assembly\Placed;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;

/** One part where a student has put it, or where it waits, as it is drawn and as a gesture needs to know it. */
final readonly class LaidPart
{
    /**
     * @param  int  $level  among what lies on the page, from 1
     * @param  string  $said  what it is and where it is, for those who do not see it
     * @param  int  $left  how many of its stock still wait
     * @param  bool  $under  whether another of its stock lies over it
     */
    public function __construct(
        public Placed $placed,
        public Part $part,
        public Frame $frame,
        public int $z,
        public int $level,
        public string $said,
        public int $left,
        public bool $under,
    ) {
    }

    public function isConnector(): bool
    {
        return $this->part->form === PartForm::Connector;
    }

    /** What stands on it: the student's words, unless they are a picture; else its own. */
    public function words(): string
    {
        return $this->placed->words === '' || $this->part->takesPicture() ? $this->part->text : $this->placed->words;
    }

    /** @return array{float, float, float, float} both ends of a connector, in points from its frame */
    public function ends(): array
    {
        $end = $this->placed->end;

        return $end === null
            ? [0.0, 0.0, 0.0, 0.0]
            : [
                $this->placed->x - $this->frame->x,
                $this->placed->y - $this->frame->y,
                $end->x - $this->frame->x,
                $end->y - $this->frame->y,
            ];
    }

    /** @return list<float> where it waits when nobody has moved it: its corner, or both ends of a connector */
    public function home(): array
    {
        return $this->isConnector()
            ? array_merge(...array_map(fn (Point $end): array => [$end->x, $end->y], $this->part->ends()))
            : [$this->part->frame->x, $this->part->frame->y];
    }

    /** @return list<array{string, float, float}> id and place of each joint */
    public function joints(): array
    {
        return array_map(fn (Joint $joint): array => [$joint->id, $joint->x, $joint->y], $this->part->joints);
    }

    /**
     * What the ends of a connector are taken hold of by.
     *
     * @return list<array{style: string, tip: bool, said: string}>
     */
    public function grips(): array
    {
        [$x1, $y1, $x2, $y2] = $this->ends();
        $head = $this->part->head;
        $grip = fn (float $x, float $y, bool $tip, string $end): array => [
            'style' => "--ex:{$x};--ey:{$y}",
            'tip' => $tip,
            'said' => ($head->isOneWay() ? ($tip ? 'Tip of ' : 'Tail of ') : $end).$this->part->named(),
        ];

        return [
            $grip($x1, $y1, $head->isAtStart(), 'First end of '),
            $grip($x2, $y2, $head->isAtEnd(), 'Second end of '),
        ];
    }
}
