<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Parts\Held;
use OpenSlate\Parts\Scene;

/**
 * Checks a student's model against the key, and says what is missing, extra or reversed. Parts of one name are alike.
 */
final class ModelCheck
{
    private int $right = 0;

    private int $of = 0;

    private int $extra = 0;

    /** @var list<string> */
    private array $words = [];

    private function __construct(
        private readonly Scene $scene,
        private readonly Model $key,
        private readonly Model $done,
    ) {
    }

    public static function of(Scene $scene, ModelKey $key, Model $done): ModelVerdict
    {
        $check = new self($scene, Held::on($scene, Model::parse($key->model)), $done->only($scene->ids()));
        foreach ($key->counts as $aspect) {
            match ($aspect) {
                ModelAspect::Spots => $check->spots(),
                ModelAspect::Order => $check->order(),
                ModelAspect::Joints => $check->joints(in_array(ModelAspect::Ends, $key->counts, true)),
                ModelAspect::Ends => null,
            };
        }

        return new ModelVerdict($check->right, $check->of, $check->extra, $check->words);
    }

    private function spots(): void
    {
        foreach ($this->scene->spots as $spot) {
            $right = $of = 0;
            $strangers = [];
            for ($cell = 0; $cell < $spot->cells(); $cell++) {
                [$wanted, $there] = [$this->names($spot, $cell, $this->key), $this->names($spot, $cell, $this->done)];
                foreach ($wanted as $name => $count) {
                    $right += min($count, $there[$name] ?? 0);
                    $of += $count;
                }
                foreach ($there as $name => $count) {
                    $more = $count - ($wanted[$name] ?? 0);
                    if ($more > 0) {
                        $strangers[$name] = ($strangers[$name] ?? 0) + $more;
                    }
                }
            }
            $this->count($right, $of, array_sum($strangers));
            if ($right < $of) {
                $this->words[] = "{$right} of {$of} in {$spot->named()}";
            }
            foreach ($strangers as $name => $count) {
                $this->words[] =
                    ($count > 1 ? "{$count} × {$name} do" : "{$name} does")." not belong in {$spot->named()}";
            }
        }
    }

    /** Partial credit by the longest run that stands in the right order, others left out. */
    private function order(): void
    {
        foreach ($this->scene->spots as $spot) {
            if ($spot->settle !== Settle::Row && $spot->form !== SpotForm::Line) {
                continue;
            }
            [$wanted, $there] = [$this->sequence($spot, $this->key), $this->sequence($spot, $this->done)];
            if (count($wanted) < 2) {
                continue;
            }
            $right = self::longestCommon($wanted, $there);
            $this->count($right, count($wanted), 0);
            if ($right < count($wanted)) {
                $this->words[] = "{$right} of ".count($wanted)." in order in {$spot->named()}";
            }
        }
    }

    /** @param  bool  $ends  whether it matters at which joints */
    private function joints(bool $ends): void
    {
        $names = [];
        foreach ($this->scene->ids() as $key) {
            $names[$key] = $this->scene->part($key)->named();
        }
        $joined = fn (Model $model): array => array_map(
            fn (Edge $edge): Edge => $ends ? $edge : $edge->anywhere(),
            Joined::in($this->scene, $model),
        );
        [$wanted, $there] = [$joined($this->key), $joined($this->done)];
        $to = GraphMatching::best($wanted, $there, $names);
        $exact = array_count_values(array_map(fn (Edge $edge): string => $edge->name(), $there));
        $missing = [];
        foreach ($wanted as $edge) {
            $name = $edge->carried($to)?->name();
            if ($name !== null && ($exact[$name] ?? 0) > 0) {
                $exact[$name]--;
                $this->count(1, 1, 0);
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
            $found = array_search($turned, array_map(fn (Edge $other): string => $other->between(), $left), true);
            $this->count(0, 1, 0);
            if ($turned !== null && $found !== false) {
                array_splice($left, (int) $found, 1);
                $this->words[] = "{$names[$edge->a]} is joined to {$names[$edge->b]} the wrong way round";
            } else {
                $this->words[] =
                    "{$names[$edge->a]} is not joined to {$names[$edge->b]}".
                    ($edge->by === '' ? '' : " by {$edge->by}");
            }
        }
        foreach ($left as $edge) {
            $this->count(0, 0, 1);
            $this->words[] =
                "{$names[$edge->a]} should not be joined to {$names[$edge->b]}".
                ($edge->by === '' ? '' : " by {$edge->by}");
        }
    }

    private function count(int $right, int $of, int $extra): void
    {
        $this->right += $right;
        $this->of += $of;
        $this->extra += $extra;
    }

    /** @return array<string, int> how many of each name are in a place */
    private function names(Spot $spot, int $cell, Model $model): array
    {
        return array_count_values(
            array_map(
                fn (Placed $one): string => $this->scene->part($one->id)->named(),
                $model->in($spot->id, $spot->cells() > 1 ? $cell : null),
            ),
        );
    }

    /** @return list<string> names from the left to the right */
    private function sequence(Spot $spot, Model $model): array
    {
        $in = $model->in($spot->id);
        usort($in, fn (Placed $a, Placed $b): int => $a->x <=> $b->x);

        return array_map(fn (Placed $one): string => $this->scene->part($one->id)->named(), $in);
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
