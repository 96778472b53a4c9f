<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Assembly\End;
use OpenSlate\Assembly\Hold;
use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;
use OpenSlate\Geometry\Point;

/**
 * What goes along with a part: connectors with the end that holds to it, others that hold to one of its joints as they
 * are, with all that they carry.
 */
final class Carrying
{
    private function __construct(private readonly Scene $scene, private Model $model)
    {
    }

    /**
     * A model in which a part has been moved, or put back, with all that goes along. Of what has gone into the tray all
     * lets go.
     *
     * @param  Placed  $was  the part as it was before
     */
    public static function along(Scene $scene, Model $model, Placed $was): Model
    {
        $carrying = new self($scene, $model);
        $carrying->follow($was, []);

        return $carrying->model;
    }

    /** @return array<string, true> the parts that go along with one, connectors left out */
    public static function carried(Model $model, string $key): array
    {
        $found = [];
        $asked = [$key];
        while ($asked !== []) {
            $carrier = array_pop($asked);
            foreach ($model->placed as $other => $one) {
                if ($one->end === null && $one->held->part === $carrier && ! isset($found[$other]) && $other !== $key) {
                    $found[$other] = true;
                    $asked[] = (string) $other;
                }
            }
        }

        return $found;
    }

    /**
     * Parts in the order in which they can be put where they are to be: what a window says of being held is not
     * believed, but where several are elsewhere at once, as after undoing, those that are to carry others come first.
     *
     * @param  array<string, Placed>  $changed  by key
     * @return list<Placed>
     */
    public static function carriersFirst(array $changed): array
    {
        $ordered = $visited = [];
        $visit = function (Placed $one) use (&$visit, &$ordered, &$visited, $changed): void {
            if (isset($visited[$one->id])) {
                return;
            }
            $visited[$one->id] = true;
            foreach ([$one->held->part, $one->end?->held->part] as $part) {
                if ($part !== null && isset($changed[$part])) {
                    $visit($changed[$part]);
                }
            }
            $ordered[] = $one;
        };
        foreach ($changed as $one) {
            $visit($one);
        }

        return $ordered;
    }

    /** @param  array<string, true>  $gone  parts that have gone already */
    private function follow(Placed $was, array $gone): void
    {
        $gone[$was->id] = true;
        $now = $this->scene->where($was->id, $this->model);
        $joints = $this->scene->isOnPage($now) ? $this->scene->joints($now) : [];
        foreach (array_keys($this->model->placed) as $key) {
            $one = $this->scene->where($key, $this->model); // What goes along may have moved it by now.
            if ($one->end !== null) {
                $this->model = $this->model->moving($this->connector($one, $one->end, $was->id, $joints));
            } elseif ($one->held->part === $was->id && ! isset($gone[$key])) {
                $moved = $this->part($one, $joints);
                $this->model = $this->model->moving($moved);
                $moved->held->isNothing() || $this->follow($one, $gone);
            }
        }
    }

    /**
     * A part that holds to one of these joints; off the page it would be in the tray, and lets go before.
     *
     * @param  array<string, Point>  $joints  of the part that it holds to
     */
    private function part(Placed $one, array $joints): Placed
    {
        [$own, $its] = [$one->held->own, $one->held->joint];
        $at = $this->scene->joints($one)[$own] ?? null;
        $moved =
            $at === null || ! isset($joints[$its])
                ? null
                : $one->joined($at, $joints[$its]);

        return $moved === null || ! $this->scene->isOnPage($moved) ? $one->loose() : $moved;
    }

    /**
     * @param  End  $end  its second
     * @param  array<string, Point>  $joints  of the part
     */
    private function connector(Placed $one, End $end, string $part, array $joints): Placed
    {
        $next = $one;
        if ($one->held->part === $part) {
            $its = $joints[$one->held->joint] ?? null;
            $next = $its === null ? $next->loose() : $next->put($its);
        }
        if ($end->held->part === $part) {
            $its = $joints[$end->held->joint] ?? null;
            $next =
                $its === null
                    ? $next->ending($end->at(), Hold::nothing())
                    : $next->ending($its, $end->held);
        }

        return $next;
    }
}
