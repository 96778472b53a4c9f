<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;

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
                if ($one->end === null && ($one->joint()[1] ?? null) === $carrier && ! isset($found[$other]) && $other !== $key) {
                    $found[$other] = true;
                    $asked[] = (string) $other;
                }
            }
        }

        return $found;
    }

    /**
     * Parts in the order in which they can be put where they are to be: what a window says of being held is not believed,
     * but where several are elsewhere at once, as after undoing, those that are to carry others come first.
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
            foreach ([$one->joint(), $one->endJoint()] as $joint) {
                if ($joint !== null && isset($changed[$joint[1]])) {
                    $visit($changed[$joint[1]]);
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
            } elseif (($one->joint()[1] ?? null) === $was->id && ! isset($gone[$key])) {
                $moved = $this->part($one, $joints);
                $this->model = $this->model->moving($moved);
                $moved->held !== '' && $this->follow($one, $gone);
            }
        }
    }

    /**
     * A part that holds to one of these joints; off the page it would be in the tray, and lets go before.
     *
     * @param  array<string, array{float, float}>  $joints  of the part that it holds to
     */
    private function part(Placed $one, array $joints): Placed
    {
        [$own, , $its] = $one->joint() ?? ['', '', ''];
        $at = $this->scene->joints($one)[$own] ?? null;
        $moved = $at === null || ! isset($joints[$its]) ? null : $one->at($one->x + $joints[$its][0] - $at[0], $one->y + $joints[$its][1] - $at[1]);

        return $moved === null || ! $this->scene->isOnPage($moved) ? $one->held('') : $moved;
    }

    /**
     * @param  array{float, float, string}  $end  its second
     * @param  array<string, array{float, float}>  $joints  of the part
     */
    private function connector(Placed $one, array $end, string $part, array $joints): Placed
    {
        $next = $one;
        [, $first, $its] = $one->joint() ?? ['', '', ''];
        if ($first === $part) {
            $next = isset($joints[$its]) ? $next->at(...$joints[$its]) : $next->held('');
        }
        [, $second, $its] = $one->endJoint() ?? ['', '', ''];
        if ($second === $part) {
            $next = isset($joints[$its]) ? $next->ending(...[...$joints[$its], $end[2]]) : $next->ending($end[0], $end[1], '');
        }

        return $next;
    }
}
