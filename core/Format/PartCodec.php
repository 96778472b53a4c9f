<?php

declare(strict_types=1);

namespace OpenSlate\Format;

use InvalidArgumentException;
use OpenSlate\Elements\Course;
use OpenSlate\Elements\Drawing;
use OpenSlate\Elements\Head;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Lay;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** What students move and where it goes, to and from JSON: parts and spots. */
final class PartCodec
{
    /** @return array<string, mixed> */
    public static function properties(Part|Spot $element): array
    {
        return match (true) {
            $element instanceof Part => [
                'form' => $element->form->value,
                'text' => $element->text,
                'name' => $element->name,
                'size' => $element->size,
                'bold' => $element->bold,
                'font' => $element->font->value,
                'colour' => $element->colour->hex,
                'weight' => $element->weight,
                'fill' => $element->fill?->hex,
                'opacity' => $element->opacity,
                'dashed' => $element->dashed,
                'ink' => $element->ink->hex,
                'sides' => $element->sides,
                'lay' => $element->lay->value,
                'source' => $element->source,
                'stock' => $element->stock,
                'own' => $element->own,
                'joints' => array_map(
                    fn (Joint $joint): array => ['id' => $joint->id, 'x' => $joint->x, 'y' => $joint->y],
                    $element->joints,
                ),
                'head' => $element->head->value,
                'course' => $element->course->value,
                'drawing' => $element->drawing,
                'set' => array_map(fn (string $source): array => ['source' => $source], $element->set),
            ],
            $element instanceof Spot => [
                'form' => $element->form->value,
                'name' => $element->name,
                'takes' => $element->takes,
                'most' => $element->most,
                'settle' => $element->settle->value,
                'outline' => $element->outline,
                'dashed' => $element->dashed,
                'hole' => $element->hole,
                'columns' => $element->columns,
                'rows' => $element->rows,
                'large' => $element->large,
                'titled' => $element->titled,
            ],
        };
    }

    /** @throws InvalidJson */
    public static function part(string $id, Frame $frame, Fields $fields): Part
    {
        try {
            return new Part(
                id: $id,
                frame: $frame,
                form: $fields->oneOf('form', PartForm::class),
                text: $fields->text('text', Part::LONGEST_TEXT),
                name: $fields->has('name') ? $fields->text('name', Part::LONGEST_NAME) : '',
                size: Looks::size($fields),
                bold: $fields->flag('bold'),
                font: Looks::font($fields),
                colour: Looks::colour($fields, 'colour'),
                weight: $fields->number('weight', 0, Shape::THICKEST),
                fill: Looks::colour($fields, 'fill'),
                opacity: $fields->has('opacity') ? $fields->number('opacity', 0, 1) : 1.0,
                dashed: Looks::flag($fields, 'dashed'),
                ink: Looks::colour($fields, 'ink'),
                sides: $fields->has('sides') ? $fields->integer('sides', 3, Part::MOST_SIDES) : 6,
                lay: $fields->has('lay') ? $fields->oneOf('lay', Lay::class) : Lay::Level,
                source: $fields->has('source') && $fields->text('source', 64) !== '' ? Looks::hash($fields) : '',
                stock: $fields->has('stock') ? $fields->integer('stock', 1, Part::MOST_STOCK) : 1,
                own: Looks::flag($fields, 'own'),
                joints: $fields->has('joints')
                    ? array_map(self::joint(...), $fields->objects('joints', Joint::MOST))
                    : [],
                set: $fields->has('set') ? array_map(self::given(...), $fields->objects('set', Part::MOST_IN_SET)) : [],
                head: $fields->has('head') ? $fields->oneOf('head', Head::class) : Head::None,
                course: $fields->has('course') ? $fields->oneOf('course', Course::class) : Course::Straight,
                drawing: $fields->has('drawing') ? $fields->text('drawing', Drawing::LONGEST) : '',
            );
        } catch (InvalidArgumentException $problem) {
            throw $fields->wrong('form', $problem);
        }
    }

    /** @throws InvalidJson */
    public static function spot(string $id, Frame $frame, Fields $fields): Spot
    {
        return new Spot(
            id: $id,
            frame: $frame,
            form: $fields->oneOf('form', SpotForm::class),
            name: $fields->has('name') ? $fields->text('name', Part::LONGEST_NAME) : '',
            takes: $fields->has('takes') ? $fields->texts('takes', Spot::MOST_TAKES, Part::LONGEST_TEXT) : [],
            most: $fields->isGiven('most') ? $fields->integer('most', 1, Spot::MOST) : null,
            settle: $fields->oneOf('settle', Settle::class),
            outline: $fields->flag('outline'),
            dashed: Looks::flag($fields, 'dashed'),
            hole: $fields->has('hole') ? $fields->number('hole', 0, Spot::LARGEST_HOLE) : 0.0,
            columns: $fields->has('columns') ? $fields->integer('columns', 1, Spot::MOST_LINES) : 1,
            rows: $fields->has('rows') ? $fields->integer('rows', 1, Spot::MOST_LINES) : 1,
            large: Looks::flag($fields, 'large'),
            titled: Looks::flag($fields, 'titled'),
        );
    }

    private static function joint(Fields $joint): Joint
    {
        $one = new Joint(
            $joint->matching('id', '/^[a-z0-9]{1,12}$/D', 'small letters and digits'),
            $joint->number('x', 0, 1),
            $joint->number('y', 0, 1),
        );
        $joint->nothingElse();

        return $one;
    }

    private static function given(Fields $picture): string
    {
        $source = Looks::hash($picture);
        $picture->nothingElse();

        return $source;
    }
}
