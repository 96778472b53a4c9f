<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Page\ModelKey;
use OpenSlate\Parts\Scene;

/**
 * In which order parts stand along a row or a line, with partial credit by the longest run that stands in the right
 * order, others left out.
 */
final class OrderCheck implements AspectCheck
{
    public function of(Scene $scene, ModelKey $key, Model $right, Model $done): ModelVerdict
    {
        $verdict = ModelVerdict::nothing();
        foreach ($scene->spots as $spot) {
            $wanted = $this->sequence($scene, $spot, $right);
            if (count($wanted) < 2 || ($spot->settle !== Settle::Row && $spot->form !== SpotForm::Line)) {
                continue;
            }
            [$of, $found] = [count($wanted), self::longestCommon($wanted, $this->sequence($scene, $spot, $done))];
            $words = $found < $of ? ["{$found} of {$of} in order in {$spot->named()}"] : [];
            $verdict = $verdict->and(new ModelVerdict($found, $of, 0, $words));
        }

        return $verdict;
    }

    /** @return list<string> names from the left to the right */
    private function sequence(Scene $scene, Spot $spot, Model $model): array
    {
        $in = $model->in($spot->id);
        usort($in, fn (Placed $a, Placed $b): int => $a->x <=> $b->x);

        return array_map(fn (Placed $one): string => $scene->part($one->id)->named(), $in);
    }

    /**
     * Length of the longest common subsequence; of things that are all different it is the longest increasing one.
     *
     * @param  list<string>  $a
     * @param  list<string>  $b
     */
    public static function longestCommon(array $a, array $b): int
    {
        $last = array_fill(0, count($b) + 1, 0);
        foreach ($a as $one) {
            $row = [0];
            foreach ($b as $at => $other) {
                $row[] = $one === $other ? $last[$at] + 1 : max($last[$at + 1], $row[$at]);
            }
            $last = $row;
        }

        return $last[count($b)];
    }
}
