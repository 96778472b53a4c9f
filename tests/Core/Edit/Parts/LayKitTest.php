<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Parts;

use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Parts\LayKit;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** A kit's page laid on another: what lies on it in the middle, what waits in its tray in the tray. */
final class LayKitTest extends TestCase
{
    public function test_on_a_larger_page_it_lies_in_the_middle_at_its_own_size(): void
    {
        $laid = $this->laid(
            $this->page(300, 200, null, new Label('a', Frame::of(10, 20, 100, 30), 'Tides')),
            $this->page(600, 400, null),
        );
        $this->assertEquals([Frame::of(160, 120, 100, 30)], $this->frames($laid));
    }

    public function test_on_a_smaller_page_all_of_it_is_made_smaller_alike(): void
    {
        $laid = $this->laid(
            $this->page(600, 400, null, new Label('a', Frame::of(0, 0, 600, 100), 'Tides')),
            $this->page(300, 800, null),
        );
        $this->assertEquals([Frame::of(0, 300, 300, 50)], $this->frames($laid));
    }

    public function test_it_lies_beside_what_is_there_and_not_over_it_but_on_the_ground_of_the_page(): void
    {
        $kit = $this->page(300, 200, null, new Label('a', Frame::of(100, 85, 100, 30), 'Tides', size: 20));
        $page = $this->page(
            600,
            400,
            null,
            new Label('ground', Frame::of(0, 0, 600, 400)),
            new Label('there', Frame::of(240, 150, 200, 60)),
        );
        $this->assertEquals(Frame::of(250, 216, 100, 30), $this->frames($this->laid($kit, $page))[2]);

        $full = $page->withElements([
            ...$page->elements(),
            new Label('left', Frame::of(0, 0, 238, 400)),
            new Label('right', Frame::of(326, 0, 274, 400)),
        ]);
        $laid = $this->laid($kit, $full);
        $this->assertSame([60.0, 18.0], [$this->frames($laid)[4]->width, $this->frames($laid)[4]->height]);
        $label = $laid->elements()[4];
        $this->assertInstanceOf(Label::class, $label);
        $this->assertSame(12.0, $label->size, 'its words get smaller with it');

        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('There is no room on this page for the kit');
        $between = new Label('between', Frame::of(238, 0, 80, 400));
        $this->laid($kit, $full->withElements([...$full->elements(), $between]));
    }

    public function test_beside_what_waits_in_the_tray_already(): void
    {
        $kit = $this->page(300, 200, new Tray(TraySide::Right, 100), new Part('p', Frame::of(320, 40, 60, 30)));
        $page = $this->page(600, 400, new Tray(TraySide::Right, 100), new Part('q', Frame::of(620, 40, 60, 30)));
        $this->assertEquals(Frame::of(620, 76, 60, 30), $this->frames($this->laid($kit, $page))[1]);
    }

    public function test_what_waits_in_its_tray_waits_in_the_pages_tray_as_far_from_the_page(): void
    {
        $kit = $this->page(300, 200, new Tray(TraySide::Right, 120), new Part('p', Frame::of(320, 40, 60, 30)));
        $laid = $this->laid($kit, $this->page(600, 400, new Tray(TraySide::Right, 80)));
        $this->assertEquals(new Tray(TraySide::Right, 120), $laid->tray);
        $this->assertEquals([Frame::of(620, 40, 60, 30)], $this->frames($laid));
    }

    public function test_a_page_without_a_tray_gets_the_kits_and_one_that_needs_none_gets_none(): void
    {
        $waiting = $this->page(300, 200, new Tray(TraySide::Bottom, 90), new Part('p', Frame::of(20, 210, 60, 30)));
        $this->assertEquals(new Tray(TraySide::Bottom, 90), $this->laid($waiting, $this->page(600, 400, null))->tray);
        $lying = $this->page(300, 200, new Tray(TraySide::Bottom, 90), new Part('p', Frame::of(20, 20, 60, 30)));
        $this->assertNull($this->laid($lying, $this->page(600, 400, null))->tray);
    }

    public function test_into_a_tray_of_another_side_it_goes_turned_and_stays_within_it(): void
    {
        $kit = $this->page(300, 200, new Tray(TraySide::Right, 120), new Part('p', Frame::of(330, 150, 60, 30)));
        $laid = $this->laid($kit, $this->page(600, 400, new Tray(TraySide::Bottom, 80)));
        // 30 from the page's edge and 150 along it, in the kit and here.
        $this->assertEquals([Frame::of(150, 430, 60, 30)], $this->frames($laid));
    }

    public function test_what_is_larger_than_the_tray_is_as_large_as_that(): void
    {
        $kit = $this->page(300, 600, new Tray(TraySide::Right, 100), new Part('p', Frame::of(310, 10, 80, 550)));
        $laid = $this->laid($kit, $this->page(600, 400, new Tray(TraySide::Right, 100)));
        $this->assertEquals([Frame::of(610, 0, 80, 400)], $this->frames($laid));
    }

    public function test_what_was_one_group_is_one_of_its_own_however_often_it_is_laid(): void
    {
        $kit = $this->page(
            300,
            200,
            null,
            new Label('a', Frame::of(0, 0, 50, 20), group: 'g'),
            new Label('b', Frame::of(0, 30, 50, 20), group: 'g'),
            new Label('c', Frame::of(0, 60, 50, 20)),
        );
        $laid = $this->laid($kit, $this->laid($kit, $this->page(300, 200, null)));
        $groups = array_map(fn (Element $element): ?string => $element->group(), $laid->elements());
        $this->assertSame([$groups[0], $groups[3]], [$groups[1], $groups[4]]);
        $this->assertNotSame($groups[0], $groups[3]);
        $this->assertSame([null, null], [$groups[2], $groups[5]]);
        $this->assertCount(6, array_unique($laid->ids()));
    }

    private function page(float $width, float $height, ?Tray $tray, Element ...$elements): Page
    {
        return new Page(Size::of($width, $height), Colour::white(), null, array_values($elements), tray: $tray);
    }

    private function laid(Page $kit, Page $page): Page
    {
        static $n = 0;

        return (new LayKit($kit, function () use (&$n): string {
            return 'n'.++$n;
        }))->apply($page);
    }

    /** @return list<Frame> */
    private function frames(Page $page): array
    {
        return array_map(fn (Element $element): Frame => $element->frame(), $page->elements());
    }
}
