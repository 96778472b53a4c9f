<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Parts;

use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Keys\SetKey;
use OpenSlate\Edit\Layout\CentreOnPage;
use OpenSlate\Edit\Parts\LayOutStock;
use OpenSlate\Edit\Parts\LoosenOrganiser;
use OpenSlate\Edit\Parts\MakePart;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Head;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserBox;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Format\ElementCodec;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Organise\Layout;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

final class PartsTest extends TestCase
{
    public function test_rings_put_in_the_middle_of_the_page_are_concentric(): void
    {
        $ring = fn (string $id, float $side): Spot => new Spot($id, Frame::of(10, 20, $side, $side), SpotForm::Ring);
        $page = (new CentreOnPage(Selection::of(['a', 'b'])))->apply(
            new Page(Size::of(600, 400), Colour::white(), elements: [$ring('a', 100), $ring('b', 300)]),
        );

        $this->assertEquals(
            [Frame::of(250, 150, 100, 100), Frame::of(150, 50, 300, 300)],
            [$page->element('a')?->frame(), $page->element('b')?->frame()],
        );
    }

    private static function laidOut(Part $part): Page
    {
        $n = 0;
        $newId = function () use (&$n): string {
            return 'n'.++$n;
        };

        return (new LayOutStock($part->id, $newId))->apply(
            new Page(
                Size::of(600, 400),
                Colour::white(),
                elements: [$part, new Part('other', Frame::of(0, 0, 10, 10))],
                tray: new Tray(TraySide::Right, 120),
            ),
        );
    }

    public function test_a_stock_is_laid_out_in_rows_that_fit(): void
    {
        $parts = self::laidOut(new Part('coin', Frame::of(440, 100, 40, 40), text: '10', stock: 7))->parts();

        $this->assertSame(
            ['coin', 'n1', 'n2', 'n3', 'n4', 'n5', 'n6', 'other'],
            array_map(fn (Part $part): string => $part->id, $parts),
        );
        $this->assertSame(
            [
                [440.0, 100.0],
                [486.0, 100.0],
                [532.0, 100.0],
                [440.0, 146.0],
                [486.0, 146.0],
                [532.0, 146.0],
                [440.0, 192.0],
            ],
            array_map(fn (Part $part): array => [$part->frame->x, $part->frame->y], array_slice($parts, 0, 7)),
        );
        $this->assertSame(
            array_fill(0, 7, ['10', 1]),
            array_map(fn (Part $part): array => [$part->named(), $part->stock], array_slice($parts, 0, 7)),
        );
    }

    public function test_in_the_tray_it_is_laid_out_in_the_tray(): void
    {
        $parts = self::laidOut(new Part('coin', Frame::of(610, 10, 40, 40), stock: 4))->parts();

        $this->assertSame(
            [[610.0, 10.0], [656.0, 10.0], [610.0, 56.0], [656.0, 56.0]],
            array_map(fn (Part $part): array => [$part->frame->x, $part->frame->y], array_slice($parts, 0, 4)),
        );
    }

    public function test_one_alone_or_too_many_are_not_laid_out(): void
    {
        try {
            self::laidOut(new Part('coin', Frame::of(440, 100, 40, 40)));
            $this->fail('one alone');
        } catch (EditRefused $refusal) {
            $this->assertStringContainsString('only one', $refusal->getMessage());
        }
        $this->expectExceptionObject(EditRefused::noRoomToLayOut());
        self::laidOut(new Part('coin', Frame::of(540, 300, 40, 40), stock: 20));
    }

    public function test_an_organiser_becomes_loose_cards_and_lines_that_keep_their_words(): void
    {
        $n = 0;
        $organiser = new Organiser('o', Frame::of(50, 60, 400, 300), OrganiserShape::Cycle, 4, [
            new OrganiserBox('egg'),
            new OrganiserBox('larva'),
        ]);
        $page = (new LoosenOrganiser('o', function () use (&$n): string {
            return 'n'.++$n;
        }))->apply(new Page(Size::of(600, 400), Colour::white(), elements: [$organiser]));
        $forms = array_count_values(array_map(fn (Part $part): string => $part->form->value, $page->parts()));

        $this->assertSame(['connector' => 4, 'rounded' => 4], $forms);
        // Clockwise from the top: down to the right, down to the left, up to the left, up to the right.
        $this->assertSame(
            [Head::End, Head::Start, Head::Start, Head::End],
            array_map(fn (Part $part): Head => $part->head, array_slice($page->parts(), 0, 4)),
        );
        $this->assertSame(
            ['egg', 'larva', '', ''],
            array_map(fn (Part $part): string => $part->text, array_slice($page->parts(), 4)),
        );
        $this->assertEquals(
            array_map(fn (Frame $box): Frame => $box->moved(50, 60), Layout::of($organiser)->boxes),
            array_map(fn (Part $part): Frame => $part->frame, array_slice($page->parts(), 4)),
        );
        $this->assertEquals($page, PageCodec::decode(PageCodec::encode($page)));
    }

    public function test_the_key_of_an_organiser_is_set_box_by_box_and_words_outlive_a_smaller_number(): void
    {
        $page = new Page(
            Size::of(600, 400),
            Colour::white(),
            elements: [
                new Organiser('o', Frame::of(50, 60, 400, 300), OrganiserShape::Steps, 3, [
                    new OrganiserBox('first'),
                    new OrganiserBox('then'),
                    new OrganiserBox('last'),
                ]),
            ],
        );
        $keyed = (new SetKey('o.3', [' a crab ']))->apply($page);
        $organiser = $keyed->element('o');
        $this->assertInstanceOf(Organiser::class, $organiser);
        $this->assertSame(['o.3' => ['a crab']], $organiser->keys());

        $fewer = ElementCodec::changed($organiser, ['number' => 2]);
        $this->assertInstanceOf(Organiser::class, $fewer);
        $this->assertSame([['o.1', 'o.2'], []], [array_keys($fewer->places()), $fewer->keys()]);
        $this->assertEquals($organiser, ElementCodec::changed($fewer, ['number' => 3]));

        $this->expectExceptionObject(EditRefused::missing());
        (new SetKey('o.4', ['x']))->apply($page);
    }

    public function test_a_picture_becomes_a_part_where_it_lies_and_nothing_else_does(): void
    {
        $page = new Page(
            Size::of(600, 400),
            Colour::white(),
            elements: [
                new Picture('p', Frame::of(50, 60, 80, 40), str_repeat('9c', 32), 'a gull'),
                new Part('other', Frame::of(0, 0, 10, 10)),
            ],
        );
        $part = (new MakePart('p', str_repeat('9c', 32)))->apply($page)->element('p');
        $this->assertEquals(
            new Part(
                'p',
                Frame::of(50, 60, 80, 40),
                PartForm::Picture,
                name: 'a gull',
                weight: 0.0,
                source: str_repeat('9c', 32),
            ),
            $part,
        );

        $this->expectExceptionObject(EditRefused::noPicture());
        (new MakePart('other', str_repeat('9c', 32)))->apply($page);
    }
}
