<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use OpenSlate\Assembly\Model;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Keys\SetKey;
use OpenSlate\Edit\Keys\SetModelAspects;
use OpenSlate\Edit\Keys\SetModelPoints;
use OpenSlate\Elements\Head;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Matching\ModelCheck;
use OpenSlate\Matching\ModelVerdict;
use OpenSlate\Matching\OrderCheck;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Parts\Scene;
use PHPUnit\Framework\TestCase;

final class ModelCheckTest extends TestCase
{
    private static function page(): Page
    {
        $ring = fn (string $id, string $name, float $radius): Spot => new Spot(
            $id,
            Frame::of(300 - $radius, 200 - $radius, 2 * $radius, 2 * $radius),
            SpotForm::Ring,
            $name,
            settle: Settle::Round,
        );

        return new Page(
            Size::of(600, 400),
            Colour::white(),
            elements: [
                $ring('outer', 'the outer ring', 180),
                $ring('inner', 'the inner ring', 80),
                new Spot('row', Frame::of(20, 370, 400, 28), name: 'the row', settle: Settle::Row),
                new Part('boat', Frame::of(10, 10, 20, 10), text: 'boat', stock: 6),
                new Part('buoy', Frame::of(40, 10, 20, 10), text: 'buoy', stock: 3),
                ...array_map(fn (string $word): Part => new Part($word, Frame::of(500, 10, 20, 10), text: $word), [
                    'a',
                    'b',
                    'c',
                    'd',
                    'e',
                ]),
                new Part(
                    'lamp',
                    Frame::of(60, 30, 20, 20),
                    text: 'lamp',
                    stock: 2,
                    joints: [new Joint('p', 0, 0.5), new Joint('m', 1, 0.5)],
                ),
                new Part(
                    'switch',
                    Frame::of(90, 30, 20, 20),
                    text: 'switch',
                    joints: [new Joint('p', 0, 0.5), new Joint('m', 1, 0.5)],
                ),
                new Part('wire', Frame::of(10, 60, 30, 4), PartForm::Connector, name: 'wire', stock: 4),
            ],
        );
    }

    /**
     * @param  array<string, list<mixed>>  $key
     * @param  array<string, list<mixed>>  $done
     */
    private static function check(ModelAspect $aspect, array $key, array $done): ModelVerdict
    {
        $text = fn (array $model): string => $model === [] ? '' : (string) json_encode($model);

        return ModelCheck::of(
            new Scene(self::page()),
            new ModelKey($text($key), [$aspect, ModelAspect::Ends]),
            Model::parse($text($done)),
        );
    }

    public function test_parts_of_one_name_are_alike_and_rings_are_counted(): void
    {
        $key = [
            'boat.1' => [1, 1, '@inner'],
            'boat.2' => [2, 2, '@inner'],
            'boat.3' => [3, 3, '@inner'],
            'buoy.1' => [4, 4, '@outer'],
        ];
        $this->assertTrue(
            self::check(ModelAspect::Spots, $key, [
                'boat.6' => [9, 9, '@inner'],
                'boat.2' => [2, 2, '@inner'],
                'boat.5' => [3, 3, '@inner'],
                'buoy.3' => [4, 4, '@outer'],
            ])->isRight(),
        );

        $verdict = self::check(ModelAspect::Spots, $key, [
            'boat.1' => [1, 1, '@inner'],
            'boat.2' => [2, 2, '@inner'],
            'boat.3' => [3, 3, '@outer'],
        ]);
        $this->assertSame(
            ['0 of 1 in the outer ring', 'boat does not belong in the outer ring', '2 of 3 in the inner ring'],
            $verdict->words,
        );
        $this->assertSame([2, 4, 1], [$verdict->right, $verdict->of, $verdict->extra]);
        $this->assertEqualsWithDelta(0.4, $verdict->share(), 0.001);
    }

    public function test_order_gets_partial_credit_by_the_longest_run_in_order(): void
    {
        $row = fn (string $letters): array => array_combine(
            array_map(fn (string $one): string => "{$one}.1", str_split($letters)),
            array_map(fn (int $n): array => [10 * $n, 370, '@row'], array_keys(str_split($letters))),
        );
        $this->assertTrue(self::check(ModelAspect::Order, $row('abcde'), $row('abcde'))->isRight());
        $verdict = self::check(ModelAspect::Order, $row('abcde'), $row('bacde'));
        $this->assertSame([4, ['4 of 5 in order in the row']], [$verdict->right, $verdict->words]);
        $this->assertSame(1, self::check(ModelAspect::Order, $row('abcde'), $row('edcba'))->right);
        // Schensted (1961), "Longest increasing and decreasing subsequences": 3 1 4 2 5 has one of three.
        $this->assertSame(3, OrderCheck::longestCommon(['1', '2', '3', '4', '5'], ['3', '1', '4', '2', '5']));
    }

    public function test_what_is_joined_to_what_whichever_of_the_alike_it_is(): void
    {
        $key = [
            'lamp.1' => [100, 100],
            'lamp.2' => [200, 100],
            'switch.1' => [300, 100],
            'wire.1' => [1, 1, '>lamp.1.m', '', 2, 2, '>lamp.2.p'],
            'wire.2' => [1, 1, '>lamp.2.m', '', 2, 2, '>switch.1.p'],
        ];
        $other = [
            'lamp.2' => [100, 200],
            'lamp.1' => [10, 300],
            'switch.1' => [300, 300],
            'wire.4' => [1, 1, '>lamp.1.p', '', 2, 2, '>lamp.2.m'],
            'wire.3' => [1, 1, '>switch.1.p', '', 2, 2, '>lamp.1.m'],
        ];
        $this->assertTrue(self::check(ModelAspect::Joints, $key, $other)->isRight());

        $missing = self::check(ModelAspect::Joints, $key, array_diff_key($other, ['wire.3' => 1]));
        $this->assertSame([1, ['lamp is not joined to switch by wire']], [$missing->right, $missing->words]);

        $reversed = self::check(
            ModelAspect::Joints,
            $key,
            ['wire.3' => [1, 1, '>switch.1.m', '', 2, 2, '>lamp.1.m']] + $other,
        );
        $this->assertSame(
            [1, 0, ['lamp is joined to switch the wrong way round']],
            [$reversed->right, $reversed->extra, $reversed->words],
        );

        $extra = self::check(
            ModelAspect::Joints,
            $key,
            $other + ['wire.1' => [1, 1, '>switch.1.m', '', 2, 2, '>lamp.2.p']],
        );
        $this->assertSame(
            [2, 1, ['switch should not be joined to lamp by wire']],
            [$extra->right, $extra->extra, $extra->words],
        );
        $this->assertFalse($extra->isRight());
    }

    public function test_an_arrow_runs_one_way_and_at_which_side_it_ends_counts_only_where_it_is_said(): void
    {
        $sides = [new Joint('a', 0.5, 0), new Joint('b', 1, 0.5), new Joint('c', 0.5, 1), new Joint('d', 0, 0.5)];
        $cards = array_map(
            fn (string $word): Part => new Part($word, Frame::of(10, 10, 60, 20), text: $word, joints: $sides),
            ['limpet', 'crab', 'gull'],
        );
        $key = [
            'limpet.1' => [100, 100],
            'crab.1' => [200, 100],
            'arrow.1' => [1, 1, '>limpet.1.b', '', 2, 2, '>crab.1.d'],
        ];
        $check = fn (array $done, Head $head, ModelAspect ...$more): ModelVerdict => ModelCheck::of(
            new Scene(
                new Page(
                    Size::of(600, 400),
                    Colour::white(),
                    elements: [
                        ...$cards,
                        new Part(
                            'arrow',
                            Frame::of(10, 60, 60, 4),
                            PartForm::Connector,
                            name: 'arrow',
                            stock: 4,
                            head: $head,
                        ),
                    ],
                ),
            ),
            new ModelKey((string) json_encode($key), [ModelAspect::Joints, ...array_values($more)]),
            Model::parse((string) json_encode($done + $key)),
        );
        $above = ['arrow.1' => [1, 1, '>limpet.1.a', '', 2, 2, '>crab.1.c']];
        $back = ['arrow.1' => [1, 1, '>crab.1.d', '', 2, 2, '>limpet.1.b']];

        $this->assertTrue($check($above, Head::End)->isRight(), 'any side of a card is as good');
        $this->assertSame(['limpet is joined to crab the wrong way round'], $check($back, Head::End)->words);
        $this->assertSame(
            ['crab is joined to limpet the wrong way round'],
            $check($back, Head::Start)->words,
            'its head is at the other end',
        );
        $this->assertTrue($check($back, Head::None)->isRight(), 'a line has no way');
        $this->assertTrue($check($back, Head::Both)->isRight(), 'nor has an arrow with two heads');
        $this->assertSame(
            ['limpet is not joined to crab by arrow', 'crab should not be joined to gull by arrow'],
            $check(['gull.1' => [300, 100], 'arrow.1' => [1, 1, '>crab.1.b', '', 2, 2, '>gull.1.d']], Head::End)->words,
        );
        $this->assertFalse(
            $check($above, Head::End, ModelAspect::Ends)->isRight(),
            'where it is said, the side counts',
        );
    }

    public function test_joints_in_one_place_hold_together_without_a_connector(): void
    {
        $key = ['lamp.1' => [100, 100], 'switch.1' => [120, 100, 'p>lamp.1.m']];
        $this->assertTrue(
            self::check(ModelAspect::Joints, $key, [
                'lamp.2' => [300, 200],
                'switch.1' => [320, 200, 'p>lamp.2.m'],
            ])->isRight(),
        );
        $this->assertSame(
            ['lamp is not joined to switch'],
            self::check(ModelAspect::Joints, $key, ['lamp.2' => [300, 200], 'switch.1' => [330, 200]])->words,
        );
    }

    public function test_the_key_settles_and_says_what_there_is_to_count(): void
    {
        $page = (new SetKey('_parts', ['{"boat.1":[290,115],"near":8}']))->apply(self::page());
        $this->assertSame('{"boat.1":[290,115,"@inner"]}', $page->key?->model);
        $this->assertSame(
            [ModelAspect::Spots, ModelAspect::Order, ModelAspect::Joints, ModelAspect::Ends],
            $page->key->counts,
        );

        $changed = (new SetModelPoints(3.0))->apply((new SetModelAspects([ModelAspect::Spots]))->apply($page));
        $this->assertEquals(new ModelKey('{"boat.1":[290,115,"@inner"]}', [ModelAspect::Spots], 3.0), $changed->key);
        $this->assertNull((new SetKey('_parts', ['']))->apply($changed)->key);
        $this->expectException(EditRefused::class);
        (new SetModelPoints(3.0))->apply(self::page());
    }

    public function test_what_the_page_no_longer_has_does_not_count(): void
    {
        $page = self::page();
        $without = $page->withElements(
            array_values(array_filter($page->elements(), fn ($element): bool => $element->id() !== 'boat')),
        );
        $verdict = ModelCheck::of(
            new Scene($without),
            new ModelKey('{"boat.1":[1,1,"@inner"],"buoy.1":[4,4,"@outer"]}', [
                ModelAspect::Spots,
                ModelAspect::Joints,
            ]),
            Model::parse('{"buoy.2":[4,4,"@outer"]}'),
        );

        $this->assertTrue($verdict->isRight());
        $this->assertSame(1, $verdict->of);
    }
}
