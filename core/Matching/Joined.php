<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

use OpenSlate\Assembly\Model;
use OpenSlate\Elements\Head;
use OpenSlate\Parts\Scene;

/** What is joined to what in a model: a graph whose nodes are parts. */
final class Joined
{
    /** Joints this near, in points, are in one place. */
    private const SAME = 0.5;

    /** @return list<Edge> */
    public static function in(Scene $scene, Model $model): array
    {
        $edges = $points = [];
        foreach ($scene->ids() as $key) {
            $placed = $scene->where($key, $model);
            if ($placed->end !== null) {
                $part = $scene->part($key);
                [$from, $to] =
                    $part->head === Head::Start
                        ? [$placed->end->held, $placed->held]
                        : [$placed->held, $placed->end->held];
                if ($from->part !== null && $to->part !== null) {
                    $edges[] = new Edge(
                        $part->named(),
                        $from->part,
                        $from->joint,
                        $to->part,
                        $to->joint,
                        $part->head->isOneWay(),
                    );
                }
            } elseif ($scene->isOnPage($placed)) {
                foreach ($scene->joints($placed) as $joint => $point) {
                    $points[] = [$key, $joint, $point];
                }
            }
        }
        // From the left to the right, each has to be held against its next neighbours only.
        usort($points, fn (array $a, array $b): int => $a[2]->x <=> $b[2]->x);
        foreach ($points as $n => [$key, $joint, $at]) {
            for ($next = $n + 1; isset($points[$next]) && $points[$next][2]->x - $at->x <= self::SAME; $next++) {
                [$other, $its, $there] = $points[$next];
                // What nobody has moved is not joined by anybody: the copies of a stock lie on each other.
                if (
                    $other !== $key &&
                    abs($there->y - $at->y) <= self::SAME &&
                    ($model->find($key) ?? $model->find($other)) !== null
                ) {
                    $edges[] = new Edge('', $key, (string) $joint, $other, (string) $its);
                }
            }
        }

        return $edges;
    }
}
