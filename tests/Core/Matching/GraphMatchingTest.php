<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use OpenSlate\Assembly\Model;
use OpenSlate\Elements\Head;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Matching\ModelCheck;
use OpenSlate\Matching\ModelVerdict;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Parts\Scene;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where nothing has a name of its own: every part could stand for every other, and the joins alone say which does. */
final class GraphMatchingTest extends TestCase
{
    /** @return iterable<string, array{int, int, Head}> */
    public static function sizes(): iterable
    {
        foreach ([8, 15, 30, 50] as $parts) {
            foreach ([0, 1, 2] as $mistakes) {
                yield "{$parts} like parts, {$mistakes} mistakes" => [
                    $parts,
                    $mistakes,
                    $parts % 2 === 0 ? Head::None : Head::End,
                ];
            }
        }
    }

    /** Whoever changes so many joins leaves all the others right. */
    #[DataProvider('sizes')]
    public function test_what_is_right_is_found_among_parts_that_are_all_alike(
        int $parts,
        int $mistakes,
        Head $head,
    ): void {
        for ($seed = 1; $seed <= 4; $seed++) {
            mt_srand($seed);
            $wires = array_map(fn (): array => self::wire($parts), range(1, $parts));
            $others = range(1, $parts);
            shuffle($others);
            $done = array_map(fn (array $wire): array => [$others[$wire[0] - 1], $others[$wire[1] - 1]], $wires);
            for ($n = 0; $n < $mistakes; $n++) {
                $done[mt_rand(0, $parts - 1)] = self::wire($parts);
            }
            shuffle($done);
            $verdict = self::check($parts, $head, $wires, $done);

            $this->assertGreaterThanOrEqual($parts - $mistakes, $verdict->right, "seed {$seed}");
            $this->assertSame($parts, $verdict->of);
            if ($mistakes === 0) {
                $this->assertTrue($verdict->isRight());
            }
        }
    }

    public function test_a_ring_of_like_parts_is_no_two_smaller_rings(): void
    {
        $ring = fn (int $from, int $to): array => array_map(
            fn (int $n): array => [$n, $n === $to ? $from : $n + 1],
            range($from, $to),
        );
        $verdict = self::check(12, Head::None, $ring(1, 12), [...$ring(1, 6), ...$ring(7, 12)]);

        $this->assertSame(
            [10, 12, 2],
            [$verdict->right, $verdict->of, $verdict->extra],
            'all but two joins are the same',
        );
        $this->assertTrue(self::check(12, Head::None, $ring(1, 12), array_reverse($ring(1, 12)))->isRight());
    }

    /** @return array{int, int} */
    private static function wire(int $parts): array
    {
        $from = mt_rand(1, $parts);

        return [$from, (($from + mt_rand(0, $parts - 2)) % $parts) + 1];
    }

    /**
     * @param  list<array{int, int}>  $key  from the one joint of a part to the other joint of a part
     * @param  list<array{int, int}>  $done
     */
    private static function check(int $parts, Head $head, array $key, array $done): ModelVerdict
    {
        $scene = new Scene(
            new Page(
                Size::of(2000, 800),
                Colour::white(),
                elements: [
                    new Part(
                        'link',
                        Frame::of(10, 10, 20, 20),
                        text: 'link',
                        stock: $parts,
                        joints: [new Joint('p', 0, 0.5), new Joint('m', 1, 0.5)],
                    ),
                    new Part('wire', Frame::of(10, 60, 30, 4), PartForm::Connector, stock: $parts, head: $head),
                ],
            ),
        );

        return ModelCheck::of(
            $scene,
            new ModelKey(self::model($parts, $key), [ModelAspect::Joints, ModelAspect::Ends]),
            Model::parse(self::model($parts, $done)),
        );
    }

    /** @param  list<array{int, int}>  $wires */
    private static function model(int $parts, array $wires): string
    {
        $model = [];
        for ($n = 1; $n <= $parts; $n++) {
            $model["link.{$n}"] = [30 * $n, 300];
        }
        foreach ($wires as $n => [$from, $to]) {
            $model['wire.'.($n + 1)] = [1, 1, ">link.{$from}.m", '', 2, 2, ">link.{$to}.p"];
        }

        return (string) json_encode($model);
    }
}
