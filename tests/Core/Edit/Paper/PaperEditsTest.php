<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Paper;

use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Elements\SwitchLinks;
use OpenSlate\Edit\Paper\Fit;
use OpenSlate\Edit\Paper\Repaper;
use OpenSlate\Edit\Paper\Turn;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** Edits of a whole page: a turn, other paper, links off and on. */
final class PaperEditsTest extends TestCase
{
    public function test_a_quarter_turn_takes_the_print_and_what_lies_on_it_along(): void
    {
        $turned = (new Turn(Rotation::Quarter))->apply(self::page());

        $this->assertEquals(Size::of(800, 600), $turned->size);
        // What was at the top left is at the top right: 800 wide now, 100 + 18 from the old top.
        $this->assertEquals(Frame::of(800 - 118, 50, 18, 200), $turned->element('a')?->frame());
        $this->assertSame(Rotation::Quarter, $turned->backdrop?->turn);
        $this->assertEquals(
            Rotation::Quarter,
            $turned->element('c') instanceof Clip ? $turned->element('c')->turn : null,
        );
    }

    public function test_four_quarters_and_a_turn_with_its_inverse_are_no_turn(): void
    {
        foreach ([Rotation::None, Rotation::Quarter, Rotation::Half, Rotation::ThreeQuarters] as $by) {
            $there = (new Turn($by))->apply(self::page());
            $this->assertEquals(self::page(), (new Turn($by->inverse()))->apply($there));
        }
        $page = self::page();
        for ($n = 0; $n < 4; $n++) {
            $page = (new Turn(Rotation::Quarter))->apply($page);
        }
        $this->assertEquals(self::page(), $page);
    }

    public function test_on_the_same_paper_nothing_changes(): void
    {
        foreach (Fit::cases() as $fit) {
            $this->assertEquals(self::page(), (new Repaper(Size::of(600, 800), $fit))->apply(self::page()));
        }
    }

    public function test_half_the_paper_halves_all_of_it_in_the_middle(): void
    {
        $page = (new Repaper(Size::of(300, 500), Fit::Scale))->apply(self::page());

        $this->assertEquals(Frame::of(25, 50 + 50, 100, 9), $page->element('a')?->frame());
        $this->assertEquals(Frame::of(0, 50, 300, 400), $page->backdrop?->frame);
        $this->assertSame(8.0, $page->element('l') instanceof Label ? $page->element('l')->size : null);
        $back = (new Repaper(Size::of(600, 1000), Fit::Scale))->apply($page);
        $this->assertEquals(Frame::of(50, 200, 200, 18), $back->element('a')?->frame());
    }

    public function test_whatever_the_paper_nothing_lies_off_it_and_what_happens_was_said(): void
    {
        foreach (PaperSize::cases() as $paper) {
            foreach (Fit::cases() as $fit) {
                foreach ([$paper->points(), array_reverse($paper->points())] as [$width, $height]) {
                    $edit = new Repaper(Size::of($width, $height), $fit);
                    $said = $edit->consequences(self::page());
                    $page = $edit->apply(self::page());
                    foreach ($page->elements() as $element) {
                        $this->assertTrue(
                            $page->frame()->contains($element->frame()),
                            "{$paper->value} {$fit->value} {$element->id()}",
                        );
                    }
                    if ($fit === Fit::Scale) {
                        $this->assertSame([0, 0, false], [$said['moved'], $said['shrunk'], $said['cut']]);
                    }
                }
            }
        }
        $this->assertSame(
            ['scale' => 1.0, 'moved' => 1, 'shrunk' => 2, 'cut' => true],
            (new Repaper(Size::of(190, 600), Fit::Keep))->consequences(self::page()),
        );
    }

    public function test_links_are_switched_one_by_one_or_all(): void
    {
        $on = fn (Page $page): array => array_map(fn (Link $link): bool => $link->on, $page->links());
        $page = self::page();
        $this->assertSame([true, true], $on($page));
        $this->assertSame([true, false], $on((new SwitchLinks(false, 'h'))->apply($page)));
        $this->assertSame([false, false], $on((new SwitchLinks(false))->apply($page)));
        $this->assertEquals($page, (new SwitchLinks(true))->apply((new SwitchLinks(false))->apply($page)));
        $this->expectException(EditRefused::class);
        (new SwitchLinks(false, 'a'))->apply($page);
    }

    private static function page(): Page
    {
        return new Page(Size::of(600, 800), Colour::white(), Backdrop::of(str_repeat('ab', 32), 2), [
            new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Name'),
            new Label('l', Frame::of(50, 20, 300, 30), 'Read this', 16),
            new Link('g', Frame::of(20, 300, 100, 14), LinkTarget::of('https://tides.example'), 'Tides'),
            new Link('h', Frame::of(20, 340, 100, 14), LinkTarget::page('k1'), 'More'),
            new Clip('c', Frame::of(100, 650, 60, 80), str_repeat('cd', 32), 1),
        ]);
    }
}
