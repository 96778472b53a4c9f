<?php

declare(strict_types=1);

namespace Tests\Reference;

use OpenSlate\Assembly\Model;
use OpenSlate\Elements\Head;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Matching\ModelCheck;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Parts\Scene;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * Whether a model is joined as the key is, against @dagrejs/graphlib (npm registry) trying every assignment of like
 * parts.
 */
final class ModelGraphsTest extends TestCase
{
    private const NAMES = ['lamp' => 3, 'switch' => 3, 'cell' => 2];

    private const WIRES = 9;

    /** @return iterable<string, array{Head, list<ModelAspect>}> */
    public static function joined(): iterable
    {
        yield 'by wires, from joint to joint' => [Head::None, [ModelAspect::Joints, ModelAspect::Ends]];
        yield 'by arrows, wherever they end' => [Head::End, [ModelAspect::Joints]];
    }

    /** @param  list<ModelAspect>  $counts */
    #[DataProvider('joined')]
    public function test_four_hundred_random_models_are_right_where_the_graphs_are_one(Head $head, array $counts): void
    {
        mt_srand(5);
        $scene = $this->scene($head);
        $asked = $ours = [];
        for ($n = 0; $n < 400; $n++) {
            $key = $this->wired(mt_rand(1, self::WIRES));
            // The same with parts and wires in other roles; and in half of them one wire elsewhere, or away.
            $done = $this->renamed($key, $head === Head::None);
            if ($n % 2 === 1) {
                $done[mt_rand(0, count($done) - 1)] = mt_rand(0, 3) === 0 ? null : $this->wire();
            }
            $done = array_values(array_filter($done));
            $asked[] =
                $head === Head::None
                    ? [...$this->graph($key), ...$this->graph($done)]
                    : [...$this->arrows($key), ...$this->arrows($done)];
            $ours[] = ModelCheck::of(
                $scene,
                new ModelKey($this->model($key), $counts),
                Model::parse($this->model($done)),
            )->isRight();
        }
        /** @var list<bool> $theirs */
        $theirs = json_decode(
            (new Process(['node', __DIR__.'/graphs.mjs']))
                ->setInput((string) json_encode($asked))
                ->mustRun()
                ->getOutput(),
            true,
            flags: JSON_THROW_ON_ERROR,
        );

        $this->assertSame($theirs, $ours);
        $this->assertGreaterThan(190, count(array_filter($theirs)));
        $this->assertGreaterThan(100, count($theirs) - count(array_filter($theirs)));
    }

    private function scene(Head $head): Scene
    {
        $parts = [];
        foreach (self::NAMES as $name => $stock) {
            $parts[] = new Part(
                $name,
                Frame::of(10, 10, 20, 20),
                text: $name,
                stock: $stock,
                joints: [new Joint('p', 0, 0.5), new Joint('m', 1, 0.5)],
            );
        }

        return new Scene(
            new Page(
                Size::of(600, 400),
                Colour::white(),
                elements: [
                    ...$parts,
                    new Part('wire', Frame::of(10, 60, 30, 4), PartForm::Connector, stock: self::WIRES, head: $head),
                ],
            ),
        );
    }

    /** @return array{string, string} the two joints it holds to, in their order */
    private function wire(): array
    {
        do {
            $ends = array_map(
                fn (): string => ($name = array_rand(self::NAMES)).
                    '.'.
                    mt_rand(1, self::NAMES[$name]).
                    '.'.
                    ['p', 'm'][mt_rand(0, 1)],
                [0, 1],
            );
        } while (
            strtok($ends[0], '.').explode('.', $ends[0])[1] ===
            strtok($ends[1], '.').explode('.', $ends[1])[1]
        );

        return $ends;
    }

    /** @return list<array{string, string}> */
    private function wired(int $count): array
    {
        return array_map(fn (): array => $this->wire(), range(1, $count));
    }

    /**
     * @param  list<array{string, string}>  $wires
     * @return list<array{string, string}|null>
     */
    private function renamed(array $wires, bool $turned): array
    {
        $to = [];
        foreach (self::NAMES as $name => $stock) {
            $numbers = range(1, $stock);
            shuffle($numbers);
            foreach ($numbers as $at => $number) {
                $to["{$name}.".($at + 1)] = "{$name}.{$number}";
            }
        }
        $carried = fn (string $end): string => $to[substr($end, 0, -2)].substr($end, -2);
        $all = array_map(
            fn (array $wire): array => $turned && mt_rand(0, 1) === 1
                ? [$carried($wire[1]), $carried($wire[0])]
                : [$carried($wire[0]), $carried($wire[1])],
            $wires,
        );
        shuffle($all);

        return $all;
    }

    /** @param  list<array{string, string}>  $wires */
    private function model(array $wires): string
    {
        $model = [];
        $x = 0;
        foreach (self::NAMES as $name => $stock) {
            for ($n = 1; $n <= $stock; $n++) {
                $model["{$name}.{$n}"] = [40 * ++$x, 300];
            }
        }
        foreach ($wires as $n => [$from, $to]) {
            $model['wire.'.($n + 1)] = [1, 1, ">{$from}", '', 2, 2, ">{$to}"];
        }

        return (string) json_encode($model);
    }

    /**
     * Joints are nodes of their own, so that it matters at which a wire ends; each is tied to its part.
     *
     * @param  list<array{string, string}>  $wires
     * @return array{list<array{string, string}>, list<array{string, string, string}>}
     */
    private function graph(array $wires): array
    {
        $nodes = $edges = [];
        foreach (self::NAMES as $name => $stock) {
            for ($n = 1; $n <= $stock; $n++) {
                $nodes[] = ["{$name}.{$n}", $name];
                foreach (['p', 'm'] as $joint) {
                    $nodes[] = ["{$name}.{$n}.{$joint}", "{$name} {$joint}"];
                    $edges[] = ["{$name}.{$n}", "{$name}.{$n}.{$joint}", 'joint'];
                }
            }
        }
        $times = [];
        foreach ($wires as $ends) {
            sort($ends);
            $again = $times[$ends[0].$ends[1]] = ($times[$ends[0].$ends[1]] ?? 0) + 1;
            $edges[] = [...$ends, "wire {$again}"];
        }

        return [$nodes, $edges];
    }

    /**
     * An arrow is two nodes, its tail and its head: the graphs are not directed.
     *
     * @param  list<array{string, string}>  $arrows
     * @return array{list<array{string, string}>, list<array{string, string, string}>}
     */
    private function arrows(array $arrows): array
    {
        $nodes = $edges = [];
        foreach (self::NAMES as $name => $stock) {
            for ($n = 1; $n <= $stock; $n++) {
                $nodes[] = ["{$name}.{$n}", $name];
            }
        }
        foreach ($arrows as $n => [$from, $to]) {
            array_push($nodes, ["tail {$n}", 'tail'], ["head {$n}", 'head']);
            array_push(
                $edges,
                [substr($from, 0, -2), "tail {$n}", 'joined'],
                ["tail {$n}", "head {$n}", 'joined'],
                ["head {$n}", substr($to, 0, -2), 'joined'],
            );
        }

        return [$nodes, $edges];
    }
}
