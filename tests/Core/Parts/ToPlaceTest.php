<?php

declare(strict_types=1);

namespace Tests\Core\Parts;

use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Spot;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Parts\ToPlace;
use PHPUnit\Framework\TestCase;

final class ToPlaceTest extends TestCase
{
    public function test_every_card_that_a_spot_takes_is_to_be_placed(): void
    {
        $zone = new Spot('z', Frame::of(0, 0, 200, 200), takes: ['crab', 'kelp']);
        $this->assertSame(2, $this->toPlace($zone, $this->card('crab'), $this->card('kelp'), $this->card('boat')));
    }

    public function test_of_a_stock_one_and_of_what_cannot_be_moved_and_of_connectors_none(): void
    {
        $this->assertSame(
            2,
            $this->toPlace(
                new Spot('z', Frame::of(0, 0, 200, 200)),
                $this->card('crab'),
                new Part('row', Frame::of(300, 300, 40, 20), stock: 8),
                new Part('light', Frame::of(300, 300, 40, 20), locked: true),
                new Part('rope', Frame::of(300, 300, 40, 20), PartForm::Connector),
            ),
        );
    }

    public function test_where_there_are_no_spots_anything_that_is_moved_will_do(): void
    {
        $this->assertSame(1, $this->toPlace($this->card('crab'), $this->card('kelp')));
    }

    private function card(string $name): Part
    {
        return new Part($name, Frame::of(300, 300, 40, 20), text: $name);
    }

    private function toPlace(Element ...$elements): int
    {
        return ToPlace::on(new Page(Size::of(600, 800), Colour::white(), null, array_values($elements)));
    }
}
