<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Parts;

use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Elements\Move;
use OpenSlate\Edit\Elements\Resize;
use OpenSlate\Edit\Paper\Fit;
use OpenSlate\Edit\Paper\Repaper;
use OpenSlate\Edit\Paper\Turn;
use OpenSlate\Edit\Parts\SetTray;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TrayTest extends TestCase
{
    private static function page(): Page
    {
        return new Page(
            Size::of(600, 400),
            Colour::white(),
            elements: [
                new Part('waits', Frame::of(620, 30, 50, 40)),
                new Part('lies', Frame::of(100, 30, 50, 40)),
                new AnswerBox('box', Frame::of(500, 300, 80, 20)),
            ],
            tray: new Tray(TraySide::Right, 120),
        );
    }

    private static function frame(Page $page, string $id): ?Frame
    {
        return $page->element($id)?->frame();
    }

    public function test_the_page_keeps_its_size_with_a_tray_beside_it(): void
    {
        $this->assertEquals(Size::of(600, 400), self::page()->size);
        $this->assertEquals(Frame::of(0, 0, 720, 400), self::page()->whole());
        $this->assertTrue(self::page()->isBeside(Frame::of(620, 30, 50, 40)));
        $this->assertFalse(self::page()->isBeside(Frame::of(560, 30, 50, 40)), 'more of it lies on the page');
    }

    public function test_parts_may_lie_in_the_tray_and_nothing_else(): void
    {
        $moved = (new Move(Selection::of(['lies']), 560, 0))->apply(self::page());
        $this->assertEquals(Frame::of(660, 30, 50, 40), self::frame($moved, 'lies'));
        $boxes = (new Move(Selection::of(['box']), 560, 0))->apply(self::page());
        $this->assertEquals(Frame::of(520, 300, 80, 20), self::frame($boxes, 'box'));
        $both = (new Move(Selection::of(['box', 'waits']), 560, 0))->apply(self::page());
        $this->assertEquals(
            [Frame::of(520, 300, 80, 20), Frame::of(640, 30, 50, 40)],
            [self::frame($both, 'box'), self::frame($both, 'waits')],
            'together they go as far as both can',
        );
        $this->assertEquals(
            Frame::of(610, 0, 110, 400),
            self::frame((new Resize(['waits' => Frame::of(610, 0, 110, 400)]))->apply(self::page()), 'waits'),
        );

        $this->expectExceptionObject(EditRefused::offThePage());
        (new Place([new AnswerBox('b2', Frame::of(620, 30, 50, 40))]))->apply(self::page());
    }

    /** @return iterable<string, array{Tray, Frame}> */
    public static function sides(): iterable
    {
        yield 'left' => [new Tray(TraySide::Left, 120), Frame::of(-100, 30, 50, 40)];
        yield 'top' => [new Tray(TraySide::Top, 120), Frame::of(30, -100, 50, 40)];
        yield 'bottom' => [new Tray(TraySide::Bottom, 120), Frame::of(30, 420, 50, 40)];
        yield 'deeper' => [new Tray(TraySide::Right, 200), Frame::of(620, 30, 50, 40)];
        yield 'too narrow for where it was' => [new Tray(TraySide::Right, 60), Frame::of(610, 30, 50, 40)];
    }

    #[DataProvider('sides')]
    public function test_what_waits_goes_with_the_tray_to_another_side(Tray $tray, Frame $there): void
    {
        $page = (new SetTray($tray))->apply(self::page());

        $this->assertEquals($there, self::frame($page, 'waits'));
        $this->assertEquals(self::frame(self::page(), 'lies'), self::frame($page, 'lies'));
    }

    public function test_a_tray_with_parts_in_it_is_not_taken_away(): void
    {
        $empty = (new Move(Selection::of(['waits']), -300, 0))->apply(self::page());
        $this->assertNull((new SetTray(null))->apply($empty)->tray);

        $this->expectExceptionObject(EditRefused::partsInTheTray());
        (new SetTray(null))->apply(self::page());
    }

    public function test_on_other_paper_parts_wait_at_the_new_edge(): void
    {
        $page = (new Repaper(Size::of(300, 500), Fit::Scale))->apply(self::page());

        $this->assertEquals(Frame::of(320, 30, 50, 40), self::frame($page, 'waits'));
        $this->assertSame(TraySide::Right, $page->tray?->side);
    }

    public function test_four_quarter_turns_bring_the_tray_and_the_right_model_back(): void
    {
        $page = self::page()->withKey(new ModelKey('{"lies.1":[200,60]}', [ModelAspect::Spots]));
        $once = (new Turn(Rotation::Quarter))->apply($page);
        $this->assertSame(TraySide::Bottom, $once->tray?->side);
        $this->assertTrue(
            $once->whole()->contains(self::frame($once, 'waits') ?? Frame::of(0, 0, 0, 0)),
            'what waits, waits in the turned tray',
        );
        $this->assertSame('{"lies.1":[300,200]}', $once->key?->model, '400 less 60 and 40, and 200');
        $back = $page;
        for ($n = 0; $n < 4; $n++) {
            $back = (new Turn(Rotation::Quarter))->apply($back);
        }
        $this->assertEquals($page, $back);
    }

    public function test_on_other_paper_the_right_model_goes_with_its_parts(): void
    {
        $page = self::page()->withKey(new ModelKey('{"lies.1":[100,30,"","",200,60,""]}', [ModelAspect::Joints], 1.0));
        // Half as large, and in the middle of 300 by 500: 150 points further down.
        $laid = (new Repaper(Size::of(300, 500), Fit::Scale))->apply($page);

        $this->assertEquals(
            new ModelKey('{"lies.1":[50,165,"","",100,180,""]}', [ModelAspect::Joints], 1.0),
            $laid->key,
        );
        $this->assertSame([50.0, 165.0], [$laid->element('lies')?->frame()->x, $laid->element('lies')?->frame()->y]);
    }
}
