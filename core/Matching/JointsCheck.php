<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

use OpenSlate\Assembly\Model;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Parts\Scene;

/** What is joined to what; at which joints that is only matters where the key says so. */
final class JointsCheck implements AspectCheck
{
    public function of(Scene $scene, ModelKey $key, Model $right, Model $done): ModelVerdict
    {
        $names = [];
        foreach ($scene->ids() as $id) {
            $names[$id] = $scene->part($id)->named();
        }
        $joined = fn (Model $model): array => array_map(
            fn (Edge $edge): Edge => $key->counts(ModelAspect::Ends) ? $edge : $edge->anywhere(),
            Joined::in($scene, $model),
        );
        [$wanted, $there] = [$joined($right), $joined($done)];
        $to = GraphMatching::best($wanted, $there, $names);
        $exact = array_count_values(array_map(fn (Edge $edge): string => $edge->name(), $there));
        $found = 0;
        $words = $missing = [];
        foreach ($wanted as $edge) {
            $name = $edge->carried($to)?->name();
            if ($name !== null && ($exact[$name] ?? 0) > 0) {
                $exact[$name]--;
                $found++;
            } else {
                $missing[] = $edge;
            }
        }
        $left = array_values(
            array_filter($there, function (Edge $edge) use (&$exact): bool {
                return $exact[$edge->name()]-- > 0;
            }),
        );
        foreach ($missing as $edge) {
            $turned = $edge->carried($to)?->between();
            $at = array_search($turned, array_map(fn (Edge $other): string => $other->between(), $left), true);
            if ($turned !== null && $at !== false) {
                array_splice($left, (int) $at, 1);
                $words[] = "{$names[$edge->a]} is joined to {$names[$edge->b]} the wrong way round";
            } else {
                $words[] = "{$names[$edge->a]} is not joined to {$this->other($edge, $names)}";
            }
        }
        foreach ($left as $edge) {
            $words[] = "{$names[$edge->a]} should not be joined to {$this->other($edge, $names)}";
        }

        return new ModelVerdict($found, count($wanted), count($left), $words);
    }

    /** @param  array<string, string>  $names  of the parts */
    private function other(Edge $edge, array $names): string
    {
        return $names[$edge->b].($edge->by === '' ? '' : " by {$edge->by}");
    }
}
