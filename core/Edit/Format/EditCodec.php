<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Format;

use Closure;
use OpenSlate\Assembly\Model;
use OpenSlate\Blanks\Printed;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
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
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Table;
use OpenSlate\Format\ElementCodec;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Axis;
use OpenSlate\Geometry\Frame;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Size;

/**
 * Reads an edit as a window sends it: {"kind": "move", "ids": ["k3"], "dx": 1, "dy": 0} and the like.
 *
 * New elements come without an id; the server names them.
 */
final class EditCodec
{
    /**
     * @param  Closure(): string  $newId  makes an id that no element has yet
     * @param  Printed  $printed  what is printed on the page
     *
     * @throws InvalidJson when it is no edit
     * @throws EditRefused when it is about nothing
     */
    public static function decode(mixed $value, Closure $newId, Printed $printed): Edit
    {
        $fields = Fields::of($value, '$.edit');
        $far = Size::LARGEST;
        $edit = match (($kind = $fields->text('kind', 20))) {
            'place' => new Place(self::newElements($fields, $newId)),
            'move' => new Move(
                self::selection($fields),
                $fields->number('dx', -$far, $far),
                $fields->number('dy', -$far, $far),
            ),
            'resize' => new Resize(self::frames($fields)),
            'change' => new Change(self::selection($fields), self::properties($fields)),
            'remove' => new Remove(self::selection($fields)),
            'repeat' => new Repeat(
                self::selection($fields),
                $fields->number('dx', -$far, $far),
                $fields->number('dy', -$far, $far),
                $fields->integer('times', 1, Repeat::MOST_TIMES),
                $newId,
            ),
            'align' => new Align(self::selection($fields), $fields->oneOf('to', AlignTo::class)),
            'space' => new SpaceOut(self::selection($fields), $fields->oneOf('axis', Axis::class)),
            'same' => new SameSize(self::selection($fields), $fields->oneOf('side', Side::class)),
            'stack' => new Stack(self::selection($fields)),
            'group' => new Group(self::selection($fields), $newId()),
            'ungroup' => new Group(self::selection($fields), null),
            'lock' => new Lock(self::selection($fields), $fields->flag('locked')),
            'order' => new Order(self::selection($fields), $fields->oneOf('to', OrderTo::class)),
            'style' => new CopyStyle($fields->text('from', 24), self::selection($fields)),
            'down' => new RepeatOver(self::selection($fields), $printed->blanks(), false, $newId),
            'fill' => new RepeatOver(self::selection($fields), $printed->blanks(), true, $newId),
            'choice' => new LayChoice($newId(), ElementCodec::frame($fields), $printed),
            'key' => new SetKey(
                $fields->text('place', 40),
                $fields->texts('answers', AnswerBox::MOST_KEYS, Model::LONGEST),
            ),
            'model-counts' => new SetModelAspects($fields->someOf('counts', ModelAspect::class)),
            'model-points' => new SetModelPoints(
                $fields->isNull('points') ? null : $fields->number('points', 0, AnswerBox::MOST_POINTS),
            ),
            'cells' => new ChangeCells(
                $fields->text('table', 24),
                $fields->integers('cells', Table::MOST_ROWS * Table::MOST_COLUMNS),
                CellChange::decode($fields->object('set')),
            ),
            'write' => new WriteLines(
                $fields->text('id', 24),
                $fields->isGiven('cell') ? $fields->integer('cell', 0, Table::MOST_ROWS * Table::MOST_COLUMNS) : null,
                $fields->texts('lines', WriteLines::MOST, WriteLines::LONGEST),
                $newId,
            ),
            'insert-line' => new InsertLine(
                $fields->text('table', 24),
                $fields->oneOf('axis', Axis::class),
                $fields->integer('at', 0, 1000),
            ),
            'remove-line' => new RemoveLine(
                $fields->text('table', 24),
                $fields->oneOf('axis', Axis::class),
                $fields->integer('at', 0, 1000),
            ),
            'move-line' => new MoveLine(
                $fields->text('table', 24),
                $fields->oneOf('axis', Axis::class),
                $fields->integer('after', 0, 1000),
                $fields->number('by', -$far, $far),
            ),
            'centre' => new CentreOnPage(self::selection($fields)),
            'loosen' => new LoosenOrganiser($fields->text('organiser', 24), $newId),
            'lay-out' => new LayOutStock($fields->text('part', 24), $newId),
            'parts-count' => new SetPartsCount($fields->flag('each')),
            'tray' => new SetTray($fields->isGiven('tray') ? PageCodec::tray($fields->object('tray')) : null),
            'even-lines' => new MoveLine($fields->text('table', 24), $fields->oneOf('axis', Axis::class), null),
            default => throw $fields->wrong('kind', "\"{$kind}\" is not known"),
        };
        $fields->nothingElse();

        return $edit;
    }

    private static function selection(Fields $fields): Selection
    {
        return Selection::of($fields->texts('ids', Page::MOST_ELEMENTS));
    }

    /**
     * @param  Closure(): string  $newId
     * @return list<Element>
     */
    private static function newElements(Fields $fields, Closure $newId): array
    {
        return array_map(
            fn (Fields $element): Element => ElementCodec::decode(
                Fields::of(['id' => $newId()] + $element->all(), '$.edit.elements'),
            ),
            array_map(self::withoutId(...), $fields->objects('elements', Page::MOST_ELEMENTS)),
        );
    }

    private static function withoutId(Fields $element): Fields
    {
        return $element->has('id') ? throw $element->wrong('id', 'is given by the server') : $element;
    }

    /** @return array<string, Frame> */
    private static function frames(Fields $fields): array
    {
        $byId = $fields->object('frames');
        $frames = [];
        foreach ($byId->names() as $id) {
            $frame = $byId->object((string) $id);
            $frames[(string) $id] = ElementCodec::frame($frame);
            $frame->nothingElse();
        }

        return $frames;
    }

    /** @return array<string, mixed> */
    private static function properties(Fields $fields): array
    {
        $properties = [];
        foreach ($fields->object('set')->all() as $name => $value) {
            $properties[(string) $name] = $value;
        }

        return $properties;
    }
}
