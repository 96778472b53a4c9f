<?php

declare(strict_types=1);

namespace OpenSlate\Organise;

use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Geometry\Frame;

/** Lays the boxes of an organiser out in its frame: with equal gaps, none over another, as large as there is room. */
final class Layout
{
    /** Room for an arrow between boxes, in points. */
    private const ARROW = 24.0;

    private const GAP = 10.0;

    /** The width to height at which a box is easiest to write in. */
    private const EASY = 1.7;

    /** By how much round layouts shrink their boxes until none lies over another. */
    private const SHRINK = 0.97;

    private function __construct(
        private readonly int $count,
        private readonly float $width,
        private readonly float $height,
    ) {
    }

    public static function of(Organiser $organiser): Diagram
    {
        return self::shaped(
            $organiser->shape,
            $organiser->count(),
            $organiser->frame->width,
            $organiser->frame->height,
            Outline::of($organiser),
        );
    }

    /** @param  Outline|null  $outline  of a hierarchy; without one its boxes are shared out evenly */
    public static function shaped(
        OrganiserShape $shape,
        int $count,
        float $width,
        float $height,
        ?Outline $outline = null,
    ): Diagram {
        $layout = new self($shape->count($count), $width, $height);

        return match ($shape) {
            OrganiserShape::Steps => $layout->steps(),
            OrganiserShape::Cycle => $layout->cycle(),
            OrganiserShape::Timeline => $layout->timeline(),
            OrganiserShape::Hierarchy => $layout->hierarchy($outline ?? Outline::even($layout->count)),
            OrganiserShape::Web => $layout->web(),
            OrganiserShape::TwoSets => $layout->twoSets(),
            OrganiserShape::ThreeSets => $layout->threeSets(),
            OrganiserShape::Comparison => new Diagram($layout->row(0.0, $height, $layout->count)),
            OrganiserShape::CauseEffect => $layout->causeEffect(),
            OrganiserShape::StoryLine => $layout->storyLine(),
            OrganiserShape::Grid => new Diagram($layout->rows(self::GAP)),
        };
    }

    /** One after the other, to and fro, so that every arrow is short. */
    private function steps(): Diagram
    {
        $boxes = $this->rows(self::ARROW);
        $columns = count(array_filter($boxes, fn (Frame $box): bool => $box->y === $boxes[0]->y));
        $walked = [];
        foreach (array_chunk($boxes, max(1, $columns)) as $row => $all) {
            // A last row that is not full begins below the box before it.
            $walked = [...$walked, ...($row % 2 === 0 ? $all : $this->fromTheRight($all))];
        }

        return new Diagram($walked, $this->chain($walked, true));
    }

    /** Even places round an ellipse, from the top and clockwise. */
    private function cycle(): Diagram
    {
        $boxes = $this->around($this->count, null);

        return new Diagram($boxes, [
            ...$this->chain($boxes, true),
            ...($this->count > 2 ? [$this->between($boxes[$this->count - 1], $boxes[0], true)] : []),
        ]);
    }

    /** Along a level line, above and below by turns. */
    private function timeline(): Diagram
    {
        $n = $this->count;
        $stem = min(18.0, $this->height / 12);
        $wide = (2 * $this->width - self::GAP * ($n - 1)) / ($n + 1);
        $high = $this->height / 2 - $stem;
        $step = ($this->width - $wide) / ($n - 1);
        $boxes = $lines = [];
        for ($at = 0; $at < $n; $at++) {
            $boxes[] = $box = Frame::of($at * $step, $at % 2 === 0 ? 0.0 : $this->height - $high, $wide, $high);
            $x = $box->x + $wide / 2;
            $lines[] = new Line($x, $this->height / 2, $x, $at % 2 === 0 ? $box->bottom() : $box->y);
        }

        return new Diagram($boxes, [
            new Line(0, $this->height / 2, $this->width, $this->height / 2, true),
            ...$lines,
        ]);
    }

    /**
     * One above, its children in a row below it, and theirs below them; all of a row alike, and each above the middle
     * of its own.
     */
    private function hierarchy(Outline $outline): Diagram
    {
        $spans = $outline->spans();
        $ends = max(array_map(fn (array $span): int => $span[1], $spans)) + 1;
        $gap = $this->gap($this->width, $ends);
        $slot = ($this->width - ($ends - 1) * $gap) / $ends;
        $depth = $outline->depth();
        $between = min(2 * self::GAP, $this->height / $depth / 3);
        $high = ($this->height - ($depth - 1) * $between) / $depth;
        $wide = [];
        foreach ($outline->levels as $at => $level) {
            [$first, $last] = $spans[$at];
            $wide[$level] = min(
                $wide[$level] ?? max($slot, $this->width / 3),
                ($last - $first) * ($slot + $gap) + $slot,
            );
        }
        $boxes = $lines = [];
        foreach ($outline->parents() as $at => $parent) {
            $level = $outline->levels[$at];
            $middle = (array_sum($spans[$at]) / 2) * ($slot + $gap) + $slot / 2;
            $boxes[] = $box = Frame::of(
                $middle - $wide[$level] / 2,
                $level * ($high + $between),
                $wide[$level],
                $high,
            );
            if ($parent !== null) {
                $lines[] = $this->down($boxes[$parent], $box);
            }
        }

        return new Diagram($boxes, $lines);
    }

    /** One in the middle, the others round it. */
    private function web(): Diagram
    {
        $all = $this->around($this->count - 1, Frame::of(0, 0, 1, 1));
        $middle = array_pop($all) ?? Frame::of(0, 0, 1, 1);

        return new Diagram(
            [$middle, ...$all],
            array_map(fn (Frame $box): Line => $this->between($middle, $box, false), $all),
        );
    }

    /** One set alone, both, the other alone. */
    private function twoSets(): Diagram
    {
        $across = $this->width * 0.62;
        $high = $this->height * 0.5;
        $top = ($this->height - $high) / 2;
        $box = fn (float $left, float $wide): Frame => Frame::of(
            $this->width * $left,
            $top,
            $this->width * $wide,
            $high,
        );

        return new Diagram(
            [$box(0.06, 0.34), $box(0.43, 0.14), $box(0.6, 0.34)],
            [],
            [
                Frame::of(0, 0, $across, $this->height),
                Frame::of($this->width - $across, 0, $across, $this->height),
            ],
        );
    }

    /** Each alone, each two, all three; the boxes stand in the middles of the regions. */
    private function threeSets(): Diagram
    {
        [$w, $h] = [$this->width, $this->height];
        $box = fn (float $x, float $y, float $wide, float $high): Frame => Frame::of(
            $w * ($x - $wide / 2),
            $h * ($y - $high / 2),
            $w * $wide,
            $h * $high,
        );

        return new Diagram(
            [
                $box(0.5, 0.16, 0.26, 0.18),
                $box(0.16, 0.76, 0.22, 0.2),
                $box(0.84, 0.76, 0.22, 0.2),
                $box(0.325, 0.44, 0.15, 0.14),
                $box(0.675, 0.44, 0.15, 0.14),
                $box(0.5, 0.78, 0.17, 0.16),
                $box(0.5, 0.53, 0.17, 0.14),
            ],
            [],
            [
                Frame::of($w * 0.2, 0, $w * 0.6, $h * 0.66),
                Frame::of(0, $h * 0.34, $w * 0.6, $h * 0.66),
                Frame::of($w * 0.4, $h * 0.34, $w * 0.6, $h * 0.66),
            ],
        );
    }

    /** Causes at the left, what they lead to at the right. */
    private function causeEffect(): Diagram
    {
        $causes = $this->count - 1;
        $wide = ($this->width - 2 * self::ARROW) / 2;
        $gap = $this->gap($this->height, $causes);
        $high = ($this->height - ($causes - 1) * $gap) / $causes;
        $boxes = array_map(
            fn (int $n): Frame => Frame::of(0, $n * ($high + $gap), $wide, $high),
            range(0, $causes - 1),
        );
        $share = min(1.0, max(0.34, 1 / $causes));
        $effect = Frame::of(
            $this->width - $wide,
            ($this->height * (1 - $share)) / 2,
            $wide,
            $this->height * $share,
        );

        return new Diagram(
            [...$boxes, $effect],
            array_map(
                fn (Frame $box): Line => new Line(
                    $box->right(),
                    $box->middle(),
                    $effect->x,
                    max($effect->y + 4, min($effect->bottom() - 4, $box->middle())),
                    true,
                ),
                $boxes,
            ),
        );
    }

    /** From left to right, up to the turning point and down to the end. */
    private function storyLine(): Diagram
    {
        $high = $this->height * 0.45;
        $boxes = [];
        foreach ($this->row(0, $high, $this->count) as $at => $box) {
            $along = $at / ($this->count - 1);
            $up = $along <= 0.7 ? $along / 0.7 : 1 - (0.6 * ($along - 0.7)) / 0.3;
            $boxes[] = Frame::of($box->x, ($this->height - $high) * (1 - $up), $box->width, $high);
        }
        $lines = [];
        foreach (array_slice($boxes, 1) as $at => $box) {
            $lines[] = new Line($boxes[$at]->right(), $boxes[$at]->middle(), $box->x, $box->middle());
        }

        return new Diagram($boxes, $lines);
    }

    /**
     * In as many columns as make the boxes easiest to write in.
     *
     * @return non-empty-list<Frame> row by row
     */
    private function rows(float $gap): array
    {
        [$best, $columns] = [-INF, 1];
        for ($n = 1; $n <= $this->count; $n++) {
            $rows = (int) ceil($this->count / $n);
            $wide = ($this->width - ($n - 1) * $gap) / $n;
            $high = ($this->height - ($rows - 1) * $gap) / $rows;
            // A row that is nearly empty wastes its room.
            $worth = min($wide, $high * self::EASY) * (1 - (0.15 * ($rows * $n - $this->count)) / $n);
            if ($worth > $best) {
                [$best, $columns] = [$worth, $n];
            }
        }
        $rows = (int) ceil($this->count / $columns);
        $wide = ($this->width - ($columns - 1) * $gap) / $columns;
        $high = ($this->height - ($rows - 1) * $gap) / $rows;

        return array_map(
            fn (int $n): Frame => Frame::of(
                ($n % $columns) * ($wide + $gap),
                intdiv($n, $columns) * ($high + $gap),
                $wide,
                $high,
            ),
            range(0, $this->count - 1),
        );
    }

    /** Between so many boxes in a row; where they are crowded, the boxes need the room more. */
    private function gap(float $side, int $count): float
    {
        return min(self::GAP, $side / max(1, $count) / 6);
    }

    /** @return list<Frame> beside each other, over the whole width */
    private function row(float $y, float $high, int $count): array
    {
        $gap = $this->gap($this->width, $count);
        $wide = $count === 0 ? 0.0 : ($this->width - ($count - 1) * $gap) / $count;

        return $count === 0
            ? []
            : array_map(
                fn (int $n): Frame => Frame::of($n * ($wide + $gap), $y, $wide, $high),
                range(0, $count - 1),
            );
    }

    /**
     * Boxes with their middles on an ellipse, as large as they can be; one more in its middle, last, where that is
     * given.
     *
     * @return list<Frame>
     */
    private function around(int $count, ?Frame $middle): array
    {
        $gap = self::GAP;
        for (
            [$wide, $high] = [$this->width * 0.42, $this->height * 0.36];
            $wide > 1;
            [$wide, $high] = [$wide * self::SHRINK, $high * self::SHRINK]
        ) {
            $boxes = array_map(function (int $n) use ($count, $wide, $high): Frame {
                $turn = (2 * M_PI * $n) / $count;

                return Frame::of(
                    (($this->width - $wide) / 2) * (1 + sin($turn)),
                    (($this->height - $high) / 2) * (1 - cos($turn)),
                    $wide,
                    $high,
                );
            }, range(0, $count - 1));
            if ($middle !== null) {
                $boxes[] = Frame::of(($this->width - $wide) / 2, ($this->height - $high) / 2, $wide, $high);
            }
            if ($this->standApart($boxes, $gap)) {
                break;
            }
        }

        return $boxes ?? [];
    }

    /** @param  list<Frame>  $boxes */
    private function standApart(array $boxes, float $gap): bool
    {
        foreach ($boxes as $at => $box) {
            foreach (array_slice($boxes, $at + 1) as $other) {
                if (
                    $box->x < $other->right() + $gap &&
                    $other->x < $box->right() + $gap &&
                    $box->y < $other->bottom() + $gap &&
                    $other->y < $box->bottom() + $gap
                ) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  list<Frame>  $row
     * @return list<Frame> the last first, at the right edge
     */
    private function fromTheRight(array $row): array
    {
        $last = $row[count($row) - 1];

        return array_reverse(
            array_map(fn (Frame $box): Frame => $box->moved($this->width - $last->right(), 0.0), $row),
        );
    }

    /**
     * @param  list<Frame>  $boxes
     * @return list<Line> each to the next
     */
    private function chain(array $boxes, bool $arrow): array
    {
        $lines = [];
        foreach (array_slice($boxes, 1) as $at => $box) {
            $lines[] = $this->between($boxes[$at], $box, $arrow);
        }

        return $lines;
    }

    /** From the edge of one to the edge of the other, along the line through their middles. */
    private function between(Frame $from, Frame $to, bool $arrow): Line
    {
        [$x1, $y1, $x2, $y2] = [
            $from->x + $from->width / 2,
            $from->middle(),
            $to->x + $to->width / 2,
            $to->middle(),
        ];
        [$dx, $dy] = [$x2 - $x1, $y2 - $y1];
        $out = fn (Frame $box): float => min(
            $dx == 0.0 ? INF : $box->width / 2 / abs($dx),
            $dy == 0.0 ? INF : $box->height / 2 / abs($dy),
        );
        [$start, $end] = [min(0.5, $out($from)), max(0.5, 1 - $out($to))];

        return new Line(
            round($x1 + $dx * $start, 3),
            round($y1 + $dy * $start, 3),
            round($x1 + $dx * $end, 3),
            round($y1 + $dy * $end, 3),
            $arrow,
        );
    }

    private function down(Frame $from, Frame $to): Line
    {
        return new Line($from->x + $from->width / 2, $from->bottom(), $to->x + $to->width / 2, $to->y);
    }
}
