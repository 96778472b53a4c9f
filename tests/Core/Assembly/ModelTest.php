<?php

declare(strict_types=1);

namespace Tests\Core\Assembly;

use OpenSlate\Assembly\Hold;
use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Assembly\Placed;
use OpenSlate\Geometry\Point;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ModelTest extends TestCase
{
    public function test_what_is_written_is_read_again_whatever_holds_it_and_says_it(): void
    {
        $model = Model::of([
            'gull.1' => new Placed('gull.1', 12.5, 40.0, Hold::spot('rock', null)),
            'flag.2' => new Placed('flag.2', 0.0, -20.25, Hold::joint('foot', 'mast.1', 'top'), 'my flag'),
            'rope.1' => (new Placed('rope.1', 1.0, 2.0, Hold::nothing()))->ending(new Point(3.0, 4.0), Hold::nothing()),
        ]);
        $this->assertEquals($model->placed, Model::parse($model->text())->placed);
    }

    #[TestWith(['{"gull.1":[30000,-30000]}', true])]
    #[TestWith(['{"gull.1":[30000.5,0]}', false])]
    #[TestWith(['{"gull.1":[0,-30000.5]}', false])]
    #[TestWith(['{"gull.1":["12",0]}', false])]
    #[TestWith(['{"gull.1":[1]}', false])]
    #[TestWith(['{"gull.1":[1,2,"@rock"]}', true])]
    #[TestWith(['{"gull.1":[1,2,"on the rock"]}', false])]
    #[TestWith(['{"gull.1":[1,2,"",5]}', false])]
    #[TestWith(['{"gull":[1,2]}', false])]
    #[TestWith(['["gull.1"]', false])]
    #[TestWith(['{', false])]
    public function test_a_part_is_at_a_place_that_a_page_could_have(string $text, bool $isOne): void
    {
        try {
            Model::parse($text);
            $this->assertTrue($isOne, $text);
        } catch (ModelRefused) {
            $this->assertFalse($isOne, $text);
        }
    }

    public function test_what_is_moved_comes_to_lie_on_top_and_what_is_put_back_is_gone(): void
    {
        $one = new Placed('a.1', 1.0, 1.0, Hold::nothing());
        $two = new Placed('b.1', 2.0, 2.0, Hold::nothing());
        $model = Model::of(['a.1' => $one, 'b.1' => $two]);
        $this->assertSame(['b.1', 'a.1'], array_keys($model->with($one->at(5.0, 5.0))->placed));
        $this->assertSame(['a.1', 'b.1'], array_keys($model->moving($one->at(5.0, 5.0))->placed));
        $this->assertSame(['b.1'], array_keys($model->without('a.1')->placed));
    }
}
