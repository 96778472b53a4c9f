<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use OpenSlate\Matching\Edge;
use OpenSlate\Matching\Growth;
use PHPUnit\Framework\TestCase;

final class GrowthTest extends TestCase
{
    public function test_of_two_that_are_alike_the_one_that_is_joined_in_the_same_way_is_meant(): void
    {
        $key = [new Edge('', 'mast', 'left', 'sail.1', 'edge'), new Edge('', 'mast', 'right', 'sail.2', 'edge')];
        $done = [new Edge('', 'm', 'right', 'b', 'edge'), new Edge('', 'm', 'left', 'a', 'edge')];
        $either = ['b' => 1, 'a' => 1];

        $this->assertEquals(
            ['mast' => 'm', 'sail.1' => 'a', 'sail.2' => 'b'],
            (new Growth($key, $done, ['mast' => ['m' => 1], 'sail.1' => $either, 'sail.2' => $either]))->from(
                'mast',
                'm',
            ),
        );
    }

    public function test_what_is_joined_by_the_same_at_another_joint_is_meant_rather_than_what_is_not(): void
    {
        $key = [new Edge('rope', 'mast', 'top', 'bow', 'ring')];
        $done = [new Edge('rope', 'm', 'foot', 'a', 'ring'), new Edge('chain', 'm', 'top', 'b', 'ring')];

        $this->assertEquals(
            ['mast' => 'm', 'bow' => 'a'],
            (new Growth($key, $done, ['mast' => ['m' => 1], 'bow' => ['b' => 5, 'a' => 1]]))->from('mast', 'm'),
        );
    }

    public function test_what_is_joined_to_nothing_that_is_known_goes_to_the_most_alike(): void
    {
        $key = [new Edge('', 'mast', 'left', 'sail', 'edge'), new Edge('', 'buoy', 'eye', 'chain', 'end')];
        $done = array_map(
            fn (string $part): Edge => new Edge('', $part, 'eye', "end.{$part}", 'end'),
            ['m', 'a', 'b', 'c'],
        );
        $alike = ['mast' => ['m' => 2], 'buoy' => ['m' => 9, 'a' => 1, 'b' => 3, 'c' => 3]];

        $this->assertEquals(['mast' => 'm', 'buoy' => 'b'], (new Growth($key, $done, $alike))->from('mast', 'm'));
    }
}
