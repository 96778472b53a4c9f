<?php

declare(strict_types=1);

namespace OpenSlate\Format;

use InvalidArgumentException;
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
                'joints' => array_map(fn (Joint $joint): array => ['id' => $joint->id, 'x' => $joint->x, 'y' => $joint->y], $element->joints),
                'head' => $element->head->value,
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
            ],
        };
    }

    /** @throws InvalidJson */
    public static function part(string $id, Frame $frame, Fields $fields): Part
    {
        try {
            return new Part(
                $id,
                $frame,
                $fields->oneOf('form', PartForm::class),
                $fields->text('text', Part::LONGEST_TEXT),
                $fields->has('name') ? $fields->text('name', Part::LONGEST_NAME) : '',
                Looks::size($fields),
                $fields->flag('bold'),
                Looks::font($fields),
                Looks::colour($fields, 'colour'),
                $fields->number('weight', 0, Shape::THICKEST),
                Looks::colour($fields, 'fill'),
                $fields->has('opacity') ? $fields->number('opacity', 0, 1) : 1.0,
                Looks::flag($fields, 'dashed'),
                Looks::colour($fields, 'ink'),
                $fields->has('sides') ? $fields->integer('sides', 3, Part::MOST_SIDES) : 6,
                $fields->has('lay') ? $fields->oneOf('lay', Lay::class) : Lay::Level,
                $fields->has('source') && $fields->text('source', 64) !== '' ? Looks::hash($fields) : '',
                $fields->has('stock') ? $fields->integer('stock', 1, Part::MOST_STOCK) : 1,
                Looks::flag($fields, 'own'),
                $fields->has('joints') ? array_map(self::joint(...), $fields->objects('joints', Joint::MOST)) : [],
                $fields->has('set') ? array_map(self::given(...), $fields->objects('set', Part::MOST_IN_SET)) : [],
                $fields->has('head') ? $fields->oneOf('head', Head::class) : Head::None,
            );
        } catch (InvalidArgumentException $problem) {
            throw $fields->wrong('form', $problem);
        }
    }

    /** @throws InvalidJson */
    public static function spot(string $id, Frame $frame, Fields $fields): Spot
    {
        return new Spot(
            $id,
            $frame,
            $fields->oneOf('form', SpotForm::class),
            $fields->has('name') ? $fields->text('name', Part::LONGEST_NAME) : '',
            $fields->has('takes') ? $fields->texts('takes', Spot::MOST_TAKES, Part::LONGEST_TEXT) : [],
            $fields->isGiven('most') ? $fields->integer('most', 1, Spot::MOST) : null,
            $fields->oneOf('settle', Settle::class),
            $fields->flag('outline'),
            Looks::flag($fields, 'dashed'),
            $fields->has('hole') ? $fields->number('hole', 0, Spot::LARGEST_HOLE) : 0.0,
            $fields->has('columns') ? $fields->integer('columns', 1, Spot::MOST_LINES) : 1,
            $fields->has('rows') ? $fields->integer('rows', 1, Spot::MOST_LINES) : 1,
            Looks::flag($fields, 'large'),
        );
    }

    private static function joint(Fields $joint): Joint
    {
        $one = new Joint($joint->matching('id', '/^[a-z0-9]{1,12}$/D', 'small letters and digits'), $joint->number('x', 0, 1), $joint->number('y', 0, 1));
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
