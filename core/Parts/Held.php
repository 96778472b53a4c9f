<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Assembly\End;
use OpenSlate\Assembly\Hold;
use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;
use OpenSlate\Geometry\Point;

/**
 * A model on a page whose spots and parts have been moved since: each of its parts is where what holds it now is. Of a
 * model that has settled on the page as it is, nothing changes.
 */
final class Held
{
    /** @var array<string, Placed> by key; those that are where they belong */
    private array $placed = [];

    private function __construct(private readonly Scene $scene, private readonly Model $model)
    {
    }

    public static function on(Scene $scene, Model $model): Model
    {
        $held = new self($scene, $model->only($scene->ids()));
        $held->inSpots();
        foreach ($held->model->placed as $key => $one) {
            $held->placed[$key] ??= $held->atJoint($one, [$key => true]);
        }

        return Model::of(
            array_map(
                fn (Placed $one): Placed => $one->end === null ? $held->placed[$one->id] : $held->connector($one),
                $held->model->placed,
            ),
        );
    }

    private function inSpots(): void
    {
        foreach ($this->scene->spots as $spot) {
            for ($cell = 0; $cell < $spot->cells(); $cell++) {
                $in = $this->model->in($spot->id, $spot->cells() > 1 ? $cell : null);
                $frames = array_map($this->scene->frame(...), $in);
                foreach (Seats::of($spot, $cell, $frames) as $index => $seat) {
                    $this->placed[$in[$index]->id] = $in[$index]->joined($frames[$index]->centre(), $seat);
                }
            }
        }
    }

    /**
     * @param  array<string, true>  $asking  parts that wait for this one: two that hold to each other stay where they
     *                                       are
     */
    private function atJoint(Placed $one, array $asking): Placed
    {
        if ($one->held->part === null) {
            return $one;
        }
        $to = $this->point($one->held->part, $one->held->joint, $asking);
        $at = $this->scene->joints($one)[$one->held->own] ?? null;

        return $to === null || $at === null
            ? $one->loose()
            : $one->joined($at, $to);
    }

    private function connector(Placed $one): Placed
    {
        $end = $one->end ?? new End(0.0, 0.0, Hold::nothing());
        [$first, $second] = array_map(
            fn (Hold $held): ?Point => $held->part === null ? null : $this->point($held->part, $held->joint, []),
            [$one->held, $end->held],
        );
        $one = $first === null ? $one->loose() : $one->put($first);

        return $second === null ? $one->ending($end->at(), Hold::nothing()) : $one->ending($second, $end->held);
    }

    /**
     * Where a joint of a part is; null where there is none.
     *
     * @param  array<string, true>  $asking
     */
    private function point(string $key, string $joint, array $asking): ?Point
    {
        if (! isset($this->scene->parts[explode('.', $key)[0]])) {
            return null;
        }
        $placed = $this->placed[$key] ?? null;
        $moved = $this->model->find($key);
        if ($placed === null && $moved !== null && ! isset($asking[$key])) {
            $placed = $this->placed[$key] = $this->atJoint($moved, $asking + [$key => true]);
        }

        return $this->scene->joints($placed ?? $this->scene->where($key, $this->model))[$joint] ?? null;
    }
}
