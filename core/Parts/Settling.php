<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Assembly\Hold;
use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Assembly\Placed;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Spot;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;

/**
 * Decides where parts come to rest: at the nearest joint, else in the nearest spot, else on a guide, else where they
 * were dropped. What a spot does not take goes back to where it came from; what is dropped in the tray is put back
 * there.
 */
final class Settling
{
    /** How near, in points, something has to be, whatever a window says. */
    private const NEAREST = 1.0;

    private const FARTHEST = 48.0;

    private const NEAR = 8.0;

    private Model $model;

    /** @var list<string> */
    private array $said = [];

    private function __construct(
        private readonly Scene $scene,
        private readonly Model $before,
        private readonly float $near,
    ) {
        $this->model = $before;
    }

    /**
     * What a window wants, settled. Only what it has moved, and what is elsewhere than before or has other words, is
     * looked at: others may have gone along since the window last heard of them.
     *
     * @throws ModelRefused when it moves what is not there
     */
    public static function settle(Scene $scene, Model $before, Model $wanted): Settled
    {
        $settling = new self(
            $scene,
            $before,
            max(self::NEAREST, min(self::FARTHEST, $wanted->near ?? self::NEAR)),
        );
        foreach (array_keys(array_diff_key($before->placed, $wanted->placed)) as $key) {
            $wanted->hasMoved((string) $key) && $settling->putBack((string) $key);
        }
        $changed = array_filter(
            $wanted->placed,
            fn (Placed $placed): bool => $wanted->hasMoved($placed->id) &&
                ! $placed->sameAs($before->find($placed->id)),
        );
        foreach (Carrying::carriersFirst($changed) as $placed) {
            $settling->put($placed);
        }

        return new Settled($settling->model, $settling->said);
    }

    private function put(Placed $wanted): void
    {
        $part = $this->scene->part($wanted->id);
        if ($part->locked) {
            throw ModelRefused::fixed();
        }
        if ($wanted->words !== '' && ! $part->own) {
            throw ModelRefused::noWords();
        }
        if (
            $wanted->words !== '' &&
            $part->takesPicture() &&
            preg_match('/^[0-9a-f]{64}$/D', $wanted->words) !== 1
        ) {
            throw ModelRefused::noPicture();
        }
        if (($wanted->end !== null) !== ($part->form === PartForm::Connector)) {
            throw ModelRefused::noModel();
        }
        $was = $this->model->find($wanted->id);
        $here = $was ?? $this->scene->home($wanted->id);
        if (
            $wanted->x === $here->x &&
            $wanted->y === $here->y &&
            $wanted->end?->x === $here->end?->x &&
            $wanted->end?->y === $here->end?->y
        ) {
            // Only its words are others, if anything is.
            if ($was !== null || $wanted->words !== '') {
                $this->model = $this->model->moving($here->saying($wanted->words));
            }

            return;
        }
        $wanted = $this->within($wanted->loose());
        if (! $this->scene->isOnPage($wanted)) {
            $this->putBack($wanted->id);
            if ($wanted->words !== '') {
                // What a student has written on it stays on it.
                $this->model = $this->model->with($this->scene->home($wanted->id)->saying($wanted->words));
            }

            return;
        }
        if ($wanted->end !== null) {
            $this->connect($wanted, $was);

            return;
        }
        $this->leave($was);
        $this->model = $this->model->without($wanted->id);
        $placed = $this->atJoint($wanted, $part);
        $spot = $placed === null ? $this->spot($wanted, $part) : null;
        if ($spot !== null) {
            $this->enter($spot, $wanted, $part, $was);
        } else {
            $this->model = $this->model->with($placed ?? $this->onGuide($wanted));
        }
        $this->model = Carrying::along($this->scene, $this->model, $here);
    }

    /** Back to where the teacher put it. */
    private function putBack(string $key): void
    {
        $was = $this->model->find($key);
        if ($was === null) {
            return;
        }
        $this->leave($was);
        $this->model = $this->model->without($key);
        $this->model = Carrying::along($this->scene, $this->model, $was);
    }

    /** What is dropped over the edge lies at the edge. */
    private function within(Placed $placed): Placed
    {
        [$dx, $dy] = $this->scene->frame($placed)->moveWithin(0.0, 0.0, $this->scene->page->whole());
        $moved = $placed->at($placed->x + $dx, $placed->y + $dy);

        return $placed->end === null
            ? $moved
            : $moved->ending(new Point($placed->end->x + $dx, $placed->end->y + $dy), Hold::nothing());
    }

    /** Held by the joint of another part that is nearest to one of its own; of two as near, by the newer. */
    private function atJoint(Placed $wanted, Part $part): ?Placed
    {
        [$best, $found] = [$this->near, null];
        $joints = $this->scene->joints($wanted);
        $others = $joints === [] ? [] : $this->othersJoints($wanted->id);
        foreach ($joints as $own => $at) {
            foreach ($others as [$other, $its, $to]) {
                if ($at->distance($to) <= $best) {
                    $best = $at->distance($to);
                    $found = $wanted->joined($at, $to)->held(Hold::joint((string) $own, $other, $its));
                }
            }
        }

        return $found;
    }

    /**
     * The joints of all other parts on the page but those that go along with it, the newest part last.
     *
     * @return list<array{string, string, Point}> the part, the joint, and where it is
     */
    private function othersJoints(string $key): array
    {
        $joints = [];
        $along = Carrying::carried($this->model, $key);
        foreach (
            [
                ...array_diff($this->scene->ids(), array_keys($this->model->placed)),
                ...array_keys($this->model->placed),
            ] as $other
        ) {
            $placed = $this->scene->where($other, $this->model);
            if ($other !== $key && ! isset($along[$other]) && $this->scene->isOnPage($placed)) {
                foreach ($this->scene->joints($placed) as $id => $point) {
                    $joints[] = [(string) $other, (string) $id, $point];
                }
            }
        }

        return $joints;
    }

    /**
     * The spot in which its middle lies, else the nearest within reach; of several the smallest, then the newest. Of
     * rings with places on their lines, only that whose line is nearest.
     */
    private function spot(Placed $wanted, Part $part): ?Spot
    {
        $frame = $this->scene->frame($wanted);
        [$x, $y] = [$frame->x + $frame->width / 2, $frame->middle()];
        $near = array_filter(
            $this->scene->spots,
            fn (Spot $spot): bool => $spot->distance($x, $y) <= $this->near,
        );
        $lines = array_map(
            fn (Spot $ring): float => $ring->fromLine($x, $y),
            array_filter($near, fn (Spot $spot): bool => $spot->isOpenRing()),
        );
        [$found, $rank] = [null, [INF, INF]];
        foreach ($near as $id => $spot) {
            $its = [$spot->distance($x, $y), $spot->frame->width * $spot->frame->height];
            if ($its <= $rank && ($lines[$id] ?? 0.0) <= min([INF, ...array_values($lines)])) {
                [$found, $rank] = [$spot, $its];
            }
        }

        return $found;
    }

    private function enter(Spot $spot, Placed $wanted, Part $part, ?Placed $was): void
    {
        $frame = $this->scene->frame($wanted);
        $cell = $this->cell($spot, $frame);
        $problem = match (true) {
            ! $spot->takes($part) => "{$part->named()} does not go there.",
            count($this->model->in($spot->id, $spot->cells() > 1 ? $cell : null)) < $spot->room() => '',
            $spot->room() === 1 => 'That place is taken.',
            default => "Only {$spot->room()} go there.",
        };
        if ($problem !== '') {
            $this->said[] = $problem;
            if ($was !== null) {
                $this->model = $this->model->with($was);
                $this->seatAll($was);
            }

            return;
        }
        $this->model = $this->model->with(
            $wanted->held(Hold::spot($spot->id, $spot->cells() > 1 ? $cell : null)),
        );
        $this->seat($spot, $cell);
    }

    private function cell(Spot $spot, Frame $frame): int
    {
        $best = 0;
        $least = INF;
        for ($cell = 0; $cell < $spot->cells(); $cell++) {
            $within = $spot->cell($cell);
            $distance = hypot(
                $within->x + $within->width / 2 - $frame->x - $frame->width / 2,
                $within->middle() - $frame->middle(),
            );
            if ($distance < $least) {
                [$best, $least] = [$cell, $distance];
            }
        }

        return $best;
    }

    /** The others in a spot close up when one leaves it. */
    private function leave(?Placed $was): void
    {
        if ($was?->held->spot !== null) {
            $this->model = $this->model->without($was->id);
            $this->seatAll($was);
        }
    }

    private function seatAll(Placed $one): void
    {
        $spot = $this->scene->spots[(string) $one->held->spot] ?? null;
        if ($spot !== null) {
            $this->seat($spot, $one->held->cell ?? 0);
        }
    }

    private function seat(Spot $spot, int $cell): void
    {
        $in = $this->model->in($spot->id, $spot->cells() > 1 ? $cell : null);
        $frames = array_map($this->scene->frame(...), $in);
        foreach (Seats::of($spot, $cell, $frames) as $index => $seat) {
            $was = $in[$index];
            $this->model = $this->model->moving($was->joined($frames[$index]->centre(), $seat));
            $this->model = Carrying::along($this->scene, $this->model, $was);
        }
    }

    /** The nearest line or gap, along and down, that the page and the parts beside, above and below it give. */
    private function onGuide(Placed $wanted): Placed
    {
        $frame = $this->scene->frame($wanted);
        $lined = $this->scene->lined($this->model);
        $lined = array_diff_key($lined, [$wanted->id => true], Carrying::carried($this->model, $wanted->id));
        $guides = Guides::among(
            $this->scene->page->size,
            array_filter($lined, fn (Frame $other): bool => self::isBeside($other, $frame)),
        );
        $step = fn (string $axis, string $side, float $start, float $size): float => self::step(
            [$start, $start + $size / 2, $start + $size],
            array_map(fn (array $line): float => $line[0], $side === 'x' ? $guides['x'] : $guides['y']),
            array_map(
                fn (array $gap): float => $gap['at'] - ($gap['edge'] === 'start' ? $start : $start + $size),
                array_values(array_filter($guides['gaps'], fn (array $gap): bool => $gap['axis'] === $axis)),
            ),
            $this->near / 2,
        );

        return $this->within(
            $wanted->at(
                $wanted->x + $step('across', 'x', $frame->x, $frame->width),
                $wanted->y + $step('down', 'y', $frame->y, $frame->height),
            ),
        );
    }

    /** Whether one is in the row or in the column of the other. */
    private static function isBeside(Frame $one, Frame $other): bool
    {
        return ($one->x < $other->right() && $other->x < $one->right()) ||
            ($one->y < $other->bottom() && $other->y < $one->bottom());
    }

    /**
     * @param  list<float>  $edges
     * @param  list<float>  $lines
     * @param  list<float>  $gaps  how far to each
     */
    private static function step(array $edges, array $lines, array $gaps, float $near): float
    {
        $steps = $gaps;
        foreach ($edges as $edge) {
            foreach ($lines as $line) {
                $steps[] = $line - $edge;
            }
        }
        $held = array_filter($steps, fn (float $step): bool => abs($step) <= $near);
        usort($held, fn (float $a, float $b): int => abs($a) <=> abs($b));

        return $held[0] ?? 0.0;
    }

    /** A connector's ends hold to joints each by itself. */
    private function connect(Placed $wanted, ?Placed $was): void
    {
        $ends = [new Point($wanted->x, $wanted->y), $wanted->end?->at() ?? new Point(0.0, 0.0)];
        [[$first, $firstHeld], [$second, $secondHeld]] = array_map(
            fn (Point $end): array => $this->end($wanted->id, $end),
            $ends,
        );
        $this->model = $this->model->with($wanted->put($first)->held($firstHeld)->ending($second, $secondHeld));
    }

    /** @return array{Point, Hold} where an end comes to rest, and what holds it */
    private function end(string $key, Point $end): array
    {
        [$best, $found] = [$this->near, [$end, Hold::nothing()]];
        foreach ($this->othersJoints($key) as [$other, $its, $to]) {
            if ($end->distance($to) <= $best) {
                [$best, $found] = [$end->distance($to), [$to, Hold::joint('', $other, $its)]];
            }
        }

        return $found;
    }
}
