<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;
use OpenSlate\Elements\Spot;
use OpenSlate\Page\ModelKey;
use OpenSlate\Parts\Scene;

/** Which part is in which spot, and how many. */
final class SpotsCheck implements AspectCheck
{
    public function of(Scene $scene, ModelKey $key, Model $right, Model $done): ModelVerdict
    {
        $verdict = ModelVerdict::nothing();
        foreach ($scene->spots as $spot) {
            $verdict = $verdict->and($this->spot($scene, $spot, $right, $done));
        }

        return $verdict;
    }

    private function spot(Scene $scene, Spot $spot, Model $right, Model $done): ModelVerdict
    {
        $found = $of = 0;
        $strangers = [];
        for ($cell = 0; $cell < $spot->cells(); $cell++) {
            $wanted = $this->names($scene, $spot, $cell, $right);
            $there = $this->names($scene, $spot, $cell, $done);
            foreach ($wanted as $name => $count) {
                $found += min($count, $there[$name] ?? 0);
                $of += $count;
            }
            foreach ($there as $name => $count) {
                $more = $count - ($wanted[$name] ?? 0);
                if ($more > 0) {
                    $strangers[$name] = ($strangers[$name] ?? 0) + $more;
                }
            }
        }
        $words = $found < $of ? ["{$found} of {$of} in {$spot->named()}"] : [];
        foreach ($strangers as $name => $count) {
            $words[] = ($count > 1 ? "{$count} × {$name} do" : "{$name} does")." not belong in {$spot->named()}";
        }

        return new ModelVerdict($found, $of, array_sum($strangers), $words);
    }

    /** @return array<string, int> how many of each name are in a place */
    private function names(Scene $scene, Spot $spot, int $cell, Model $model): array
    {
        return array_count_values(
            array_map(
                fn (Placed $one): string => $scene->part($one->id)->named(),
                $model->in($spot->id, $spot->cells() > 1 ? $cell : null),
            ),
        );
    }
}
