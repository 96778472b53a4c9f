<?php

declare(strict_types=1);

namespace OpenSlate\Format;

use LogicException;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\FormCodec;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\ElementKind;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\Table;
use OpenSlate\Geometry\Frame;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Paper\Size;

/** One element to and from its JSON object, as docs/page.schema.json has it. */
final class ElementCodec
{
    /** What is left out of the JSON where it is as usual. */
    private const USUAL = [
        'font' => 'plain',
        'align' => 'left',
        'help' => '',
        'needed' => false,
        'points' => null,
        'key' => [],
        'fit' => 'scroll',
        'limit' => null,
        'pitch' => null,
        'first' => null,
        'counts' => [],
        'misspelt' => 'look',
        'unit' => '',
        'many' => false,
        'mark' => 'ring',
        'spelling' => false,
        'colour' => null,
        'fills' => 'own',
        'kept' => false,
        'dashed' => false,
        'film' => false,
        'opacity' => 1.0,
        'fill' => null,
        'lay' => 'level',
        'name' => '',
        'sides' => 6,
        'source' => '',
        'stock' => 1,
        'own' => false,
        'joints' => [],
        'set' => [],
        'head' => 'none',
        'course' => 'straight',
        'drawing' => '',
        'takes' => [],
        'most' => null,
        'hole' => 0.0,
        'columns' => 1,
        'rows' => 1,
        'large' => false,
        'titled' => false,
        'group' => null,
        'locked' => false,
    ];

    /** @return array<string, mixed> */
    public static function encode(Element $element): array
    {
        $whole = self::whole($element);
        foreach (array_intersect_key($whole, self::USUAL) as $name => $value) {
            if ($value === self::USUAL[$name]) {
                unset($whole[$name]);
            }
        }

        if ($element instanceof AnswerBox && ! $element->printed) {
            unset($whole['printed']);
        }

        return $whole;
    }

    /** @return array<string, mixed> as encode, with what is as usual */
    public static function whole(Element $element): array
    {
        $frame = $element->frame();

        return [
            'id' => $element->id(),
            'kind' => $element->kind()->value,
            'x' => $frame->x,
            'y' => $frame->y,
            'width' => $frame->width,
            'height' => $frame->height,
            ...self::properties($element),
            'group' => $element->group(),
            'locked' => $element->isLocked(),
        ];
    }

    /**
     * What a kind of element has besides its id, its frame, its group and its lock.
     *
     * @return array<string, mixed>
     */
    public static function properties(Element $element): array
    {
        return match (true) {
            $element instanceof AnswerBox,
            $element instanceof Table,
            $element instanceof Organiser => AnswerableCodec::properties($element),
            $element instanceof Part, $element instanceof Spot => PartCodec::properties($element),
            $element instanceof Patch,
            $element instanceof Label,
            $element instanceof Link,
            $element instanceof Clip,
            $element instanceof Picture,
            $element instanceof Recording,
            $element instanceof Shape => FurnishingCodec::properties($element),
            default => throw new LogicException("{$element->kind()->value} has no codec."),
        };
    }

    /** @throws InvalidJson */
    public static function decode(Fields $fields): Element
    {
        $id = $fields->matching('id', '/^[a-z0-9]{1,24}$/D', 'small letters and digits');
        $kind = $fields->oneOf('kind', ElementKind::class);
        $frame = self::frame($fields);
        $element = match ($kind) {
            ElementKind::Box => AnswerableCodec::box($id, $frame, $fields),
            ElementKind::Table => AnswerableCodec::table($id, $frame, $fields),
            ElementKind::Organiser => AnswerableCodec::organiser($id, $frame, $fields),
            ElementKind::Part => PartCodec::part($id, $frame, $fields),
            ElementKind::Spot => PartCodec::spot($id, $frame, $fields),
            ElementKind::Patch => new Patch($id, $frame),
            ElementKind::Label => FurnishingCodec::label($id, $frame, $fields),
            ElementKind::Link => FurnishingCodec::link($id, $frame, $fields),
            ElementKind::Clip => FurnishingCodec::clip($id, $frame, $fields),
            ElementKind::Picture => FurnishingCodec::picture($id, $frame, $fields),
            ElementKind::Recording => FurnishingCodec::recording($id, $frame, $fields),
            ElementKind::Shape => FurnishingCodec::shape($id, $frame, $fields),
        };
        if ($fields->isGiven('group')) {
            $element = $element->grouped($fields->matching('group', '/^[a-z0-9]{1,24}$/D', 'small letters and digits'));
        }
        if (Looks::flag($fields, 'locked')) {
            $element = $element->locked(true);
        }
        $fields->nothingElse();

        return $element;
    }

    /**
     * The element with some properties set. A box that is given another kind of answer starts with what that kind has.
     *
     * @param  array<string, mixed>  $set  by name in the page format
     *
     * @throws InvalidJson
     */
    public static function changed(Element $element, array $set): Element
    {
        $whole = self::whole($element);
        if (
            $element instanceof AnswerBox &&
            is_string($set['answer'] ?? null) &&
            $set['answer'] !== $element->form->kind()->value
        ) {
            $kind = AnswerKind::tryFrom($set['answer']);
            $start = $kind === null ? [] : FormCodec::start($kind);
            $kept = array_intersect_key(FormCodec::properties($element->form), $start);
            $whole = [
                ...array_diff_key($whole, FormCodec::properties($element->form)),
                ...$start,
                ...$kept,
                'key' => [],
            ];
        }

        if ($element instanceof AnswerBox && isset($set['prompt']) && $set['prompt'] !== $element->prompt) {
            $whole['printed'] = false; // These are words of the teacher's.
        }

        return self::decode(Fields::of([...$whole, ...array_intersect_key($set, $whole)]));
    }

    /** @throws InvalidJson */
    public static function frame(Fields $fields): Frame
    {
        return Frame::of(
            $fields->number('x', -Size::LARGEST, Size::LARGEST),
            $fields->number('y', -Size::LARGEST, Size::LARGEST),
            $fields->number('width', 0, Size::LARGEST),
            $fields->number('height', 0, Size::LARGEST),
        );
    }
}
