<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Format;

use OpenSlate\Blanks\Printed;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Elements\Change;
use OpenSlate\Edit\Elements\CopyStyle;
use OpenSlate\Edit\Elements\Group;
use OpenSlate\Edit\Elements\LayChoice;
use OpenSlate\Edit\Elements\Lock;
use OpenSlate\Edit\Elements\Move;
use OpenSlate\Edit\Elements\Order;
use OpenSlate\Edit\Elements\OrderTo;
use OpenSlate\Edit\Elements\Remove;
use OpenSlate\Edit\Elements\Repeat;
use OpenSlate\Edit\Elements\RepeatOver;
use OpenSlate\Edit\Elements\Resize;
use OpenSlate\Edit\Elements\WriteLines;
use OpenSlate\Edit\Format\EditCodec;
use OpenSlate\Edit\History\Revision;
use OpenSlate\Edit\Keys\SetKey;
use OpenSlate\Edit\Keys\SetModelAspects;
use OpenSlate\Edit\Keys\SetModelPoints;
use OpenSlate\Edit\Layout\Align;
use OpenSlate\Edit\Layout\AlignTo;
use OpenSlate\Edit\Layout\CentreOnPage;
use OpenSlate\Edit\Layout\SameSize;
use OpenSlate\Edit\Layout\Side;
use OpenSlate\Edit\Layout\SpaceOut;
use OpenSlate\Edit\Layout\Stack;
use OpenSlate\Edit\Parts\LayOutStock;
use OpenSlate\Edit\Parts\LoosenOrganiser;
use OpenSlate\Edit\Parts\SetPartsCount;
use OpenSlate\Edit\Parts\SetTray;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Edit\Tables\CellChange;
use OpenSlate\Edit\Tables\ChangeCells;
use OpenSlate\Edit\Tables\InsertLine;
use OpenSlate\Edit\Tables\MoveLine;
use OpenSlate\Edit\Tables\RemoveLine;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Axis;
use OpenSlate\Geometry\Frame;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EditCodecTest extends TestCase
{
    private const BOX = [
        'kind' => 'box',
        'x' => 1,
        'y' => 2,
        'width' => 100,
        'height' => 20,
        'answer' => 'short',
        'prompt' => '',
        'size' => 12,
        'cover' => false,
        'outline' => true,
    ];

    public function test_each_kind_of_edit_is_read(): void
    {
        $this->assertInstanceOf(Move::class, $this->read(['kind' => 'move', 'ids' => ['a'], 'dx' => 1, 'dy' => -0.5]));
        $this->assertInstanceOf(
            Change::class,
            $this->read(['kind' => 'change', 'ids' => ['a'], 'set' => ['size' => 12]]),
        );
        $this->assertInstanceOf(Remove::class, $this->read(['kind' => 'remove', 'ids' => ['a', 'b', 'a']]));
        $this->assertInstanceOf(
            Repeat::class,
            $this->read(['kind' => 'repeat', 'ids' => ['a'], 'dx' => 0, 'dy' => 20, 'times' => 3]),
        );
        $this->assertEquals(
            new Align(Selection::of(['a']), AlignTo::Middle),
            $this->read(['kind' => 'align', 'ids' => ['a'], 'to' => 'middle']),
        );
        $this->assertEquals(
            new SpaceOut(Selection::of(['a']), Axis::Down),
            $this->read(['kind' => 'space', 'ids' => ['a'], 'axis' => 'down']),
        );
        $this->assertEquals(
            new SameSize(Selection::of(['a']), Side::Both),
            $this->read(['kind' => 'same', 'ids' => ['a'], 'side' => 'both']),
        );
        $this->assertEquals(new Stack(Selection::of(['a'])), $this->read(['kind' => 'stack', 'ids' => ['a']]));
        $this->assertEquals(new Group(Selection::of(['a']), 'new1'), $this->read(['kind' => 'group', 'ids' => ['a']]));
        $this->assertEquals(new Group(Selection::of(['a']), null), $this->read(['kind' => 'ungroup', 'ids' => ['a']]));
        $this->assertEquals(
            new Lock(Selection::of(['a']), true),
            $this->read(['kind' => 'lock', 'ids' => ['a'], 'locked' => true]),
        );
        $this->assertEquals(
            new Order(Selection::of(['a']), OrderTo::Front),
            $this->read(['kind' => 'order', 'ids' => ['a'], 'to' => 'front']),
        );
        $this->assertEquals(
            new CopyStyle('b', Selection::of(['a'])),
            $this->read(['kind' => 'style', 'from' => 'b', 'ids' => ['a']]),
        );
        foreach (['down' => false, 'fill' => true] as $kind => $cells) {
            $repeat = $this->read(['kind' => $kind, 'ids' => ['a']]);
            $this->assertInstanceOf(RepeatOver::class, $repeat);
            $this->assertSame($cells, $repeat->cells);
        }
        $this->assertEquals(
            new ChangeCells('t', range(0, 1199), new CellChange(fill: true)),
            $this->read(['kind' => 'cells', 'table' => 't', 'cells' => range(0, 1199), 'set' => ['fill' => true]]),
        );
        $resize = $this->read([
            'kind' => 'resize',
            'frames' => ['123' => ['x' => 1, 'y' => 2, 'width' => 3, 'height' => 4]],
        ]);
        $this->assertInstanceOf(Resize::class, $resize);
        $this->assertSame(3.0, $resize->frames['123']->width);
    }

    public function test_edits_of_keys_tables_and_parts_are_read_with_all_they_say(): void
    {
        $model = ['kind' => 'model-points', 'points' => null];
        $line = ['table' => 't', 'axis' => 'down'];
        $expected = [
            [new SetKey('b.2-1', ['ebb', '']), ['kind' => 'key', 'place' => 'b.2-1', 'answers' => ['ebb', '']]],
            [
                new SetModelAspects([ModelAspect::Spots, ModelAspect::Ends]),
                ['kind' => 'model-counts', 'counts' => ['spots', 'ends']],
            ],
            [new SetModelPoints(2.5), ['points' => 2.5] + $model],
            [new SetModelPoints(null), $model],
            [new InsertLine('t', Axis::Down, 3), ['kind' => 'insert-line', 'at' => 3] + $line],
            [new RemoveLine('t', Axis::Across, 0), ['kind' => 'remove-line', 'axis' => 'across', 'at' => 0] + $line],
            [new MoveLine('t', Axis::Down, 1, -4.5), ['kind' => 'move-line', 'after' => 1, 'by' => -4.5] + $line],
            [new MoveLine('t', Axis::Down, null), ['kind' => 'even-lines'] + $line],
            [new CentreOnPage(Selection::of(['a'])), ['kind' => 'centre', 'ids' => ['a']]],
            [new SetPartsCount(true), ['kind' => 'parts-count', 'each' => true]],
            [new SetTray(null), ['kind' => 'tray', 'tray' => null]],
            [
                new SetTray(new Tray(TraySide::Bottom, 80.0, false)),
                ['kind' => 'tray', 'tray' => ['side' => 'bottom', 'depth' => 80, 'open' => false]],
            ],
            [
                new LayChoice('new1', Frame::of(1, 2, 3, 4), Printed::nothing()),
                ['kind' => 'choice', 'x' => 1, 'y' => 2, 'width' => 3, 'height' => 4],
            ],
        ];
        foreach ($expected as [$edit, $said]) {
            $this->assertEquals($edit, $this->read($said));
        }
    }

    public function test_what_makes_elements_is_given_names_for_them(): void
    {
        $lines = $this->read(['kind' => 'write', 'id' => 't', 'cell' => 4, 'lines' => ['ebb', '']]);
        $this->assertInstanceOf(WriteLines::class, $lines);
        $this->assertSame(['t', 4, ['ebb', '']], [$lines->id, $lines->cell, $lines->lines]);
        $this->assertSame(['new1', 'new2'], [($lines->newId)(), ($lines->newId)()]);
        $box = $this->read(['kind' => 'write', 'id' => 'b', 'lines' => ['ebb']]);
        $this->assertInstanceOf(WriteLines::class, $box);
        $this->assertNull($box->cell);
        $loosened = $this->read(['kind' => 'loosen', 'organiser' => 'o']);
        $this->assertInstanceOf(LoosenOrganiser::class, $loosened);
        $this->assertSame(['o', 'new1'], [$loosened->id, ($loosened->newId)()]);
        $stock = $this->read(['kind' => 'lay-out', 'part' => 'p']);
        $this->assertInstanceOf(LayOutStock::class, $stock);
        $this->assertSame(['p', 'new1'], [$stock->id, ($stock->newId)()]);
    }

    public function test_new_elements_are_named_by_the_server(): void
    {
        $place = $this->read(['kind' => 'place', 'elements' => [self::BOX, self::BOX]]);

        $this->assertInstanceOf(Place::class, $place);
        $this->assertSame(['new1', 'new2'], array_map(fn ($element): string => $element->id(), $place->elements));
    }

    /** @return array<string, array{mixed, string}> */
    public static function faults(): array
    {
        return [
            'nothing' => [null, 'must be an object'],
            'an unknown kind' => [['kind' => 'explode'], '"explode" is not known'],
            'an id of its own choosing' => [
                ['kind' => 'place', 'elements' => [['id' => 'a'] + self::BOX]],
                'given by the server',
            ],
            'far too many times' => [
                ['kind' => 'repeat', 'ids' => ['a'], 'dx' => 0, 'dy' => 1, 'times' => 5000],
                '$.edit.times',
            ],
            'more cells than the largest table has' => [
                ['kind' => 'cells', 'table' => 't', 'cells' => range(0, 1200), 'set' => []],
                '$.edit.cells',
            ],
            'too far' => [['kind' => 'move', 'ids' => ['a'], 'dx' => 1e9, 'dy' => 0], '$.edit.dx'],
            'a step too many' => [
                ['kind' => 'move', 'ids' => ['a'], 'dx' => 1, 'dy' => 0, 'dz' => 1],
                '$.edit.dz: is not known',
            ],
            'a seventh way to line up' => [
                ['kind' => 'align', 'ids' => ['a'], 'to' => 'askew'],
                '$.edit.to: must be one of',
            ],
            'more answers than a key has' => [
                ['kind' => 'key', 'place' => 'a', 'answers' => array_fill(0, AnswerBox::MOST_KEYS + 1, 'x')],
                '$.edit.answers',
            ],
            'points below nothing' => [['kind' => 'model-points', 'points' => -1], '$.edit.points'],
            'a tray at no side' => [
                ['kind' => 'tray', 'tray' => ['side' => 'above', 'depth' => 80, 'open' => true]],
                '$.edit.tray.side',
            ],
            'a line before the first' => [
                ['kind' => 'insert-line', 'table' => 't', 'axis' => 'down', 'at' => -1],
                '$.edit.at',
            ],
            'more lines than are written at once' => [
                ['kind' => 'write', 'id' => 't', 'lines' => array_fill(0, WriteLines::MOST + 1, '')],
                '$.edit.lines',
            ],
            'ids that are none' => [['kind' => 'remove', 'ids' => [['a']]], '$.edit.ids[0]'],
            'half a frame' => [
                ['kind' => 'resize', 'frames' => ['a' => ['x' => 1, 'y' => 1, 'width' => 5]]],
                '$.edit.frames.a.height: is missing',
            ],
        ];
    }

    #[DataProvider('faults')]
    public function test_what_is_no_edit_is_refused_with_its_path(mixed $edit, string $said): void
    {
        $this->expectException(InvalidJson::class);
        $this->expectExceptionMessage($said);
        $this->read($edit);
    }

    public function test_undo_and_redo_walk_through_any_history(): void
    {
        // A model: the content of each revision, and two plain stacks beside it.
        mt_srand(3);
        $revisions = [1 => Revision::first()];
        $content = [1 => 'c1'];
        $now = 1;
        [$undo, $redo] = [[], []];
        for ($step = 0; $step < 400; $step++) {
            $revision = $revisions[$now];
            $choice = mt_rand(0, 2);
            if ($choice === 0) {
                $undo[] = $content[$now];
                $redo = [];
                $next = $revision->edited();
                $content[$next->number] = "c{$next->number}";
            } elseif ($choice === 1) {
                $this->assertSame($undo === [], $revision->undoTo === null);
                if ($revision->undoTo === null) {
                    continue;
                }
                $redo[] = $content[$now];
                $next = $revision->undone($revisions[$revision->undoTo]);
                $content[$next->number] = $content[$revision->undoTo];
                $this->assertSame(array_pop($undo), $content[$next->number]);
            } else {
                $this->assertSame($redo === [], $revision->redoTo === null);
                if ($revision->redoTo === null) {
                    continue;
                }
                $undo[] = $content[$now];
                $next = $revision->redone($revisions[$revision->redoTo]);
                $content[$next->number] = $content[$revision->redoTo];
                $this->assertSame(array_pop($redo), $content[$next->number]);
            }
            $this->assertSame($now + 1, $next->number);
            $revisions[$next->number] = $next;
            $now = $next->number;
        }
    }

    private function read(mixed $edit): Edit
    {
        $n = 0;

        return EditCodec::decode(
            $edit,
            function () use (&$n): string {
                return 'new'.++$n;
            },
            Printed::nothing(),
        );
    }
}
