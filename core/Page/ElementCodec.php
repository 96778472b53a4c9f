<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use InvalidArgumentException;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Paper\Size;

/** One element to and from its JSON object, as docs/page.schema.json has it. */
final class ElementCodec
{
    /** @return array<string, string|int|float|bool> */
    public static function encode(Element $element): array
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
        ];
    }

    /**
     * What a kind of element has besides its id and its frame.
     *
     * @return array<string, string|int|float|bool>
     */
    public static function properties(Element $element): array
    {
        return match (true) {
            $element instanceof AnswerBox => [
                'answer' => $element->answer->value,
                'prompt' => $element->prompt,
                'size' => $element->size,
                'cover' => $element->cover,
                'outline' => $element->outline,
            ],
            $element instanceof Label => [
                'text' => $element->text,
                'size' => $element->size,
                'bold' => $element->bold,
                'highlight' => $element->highlight,
            ],
            $element instanceof Link => [
                'text' => $element->text,
                'target' => $element->target->address,
                'size' => $element->size,
                'printed' => $element->printed,
                'outline' => $element->outline,
                'on' => $element->on,
            ],
            $element instanceof Clip => [
                'source' => $element->source,
                'page' => $element->page,
                'turn' => $element->turn->value,
                'left' => $element->left,
                'top' => $element->top,
                'across' => $element->across,
                'down' => $element->down,
            ],
            default => [],
        };
    }

    /** @throws InvalidJson */
    public static function decode(Fields $fields): Element
    {
        $id = $fields->matching('id', '/^[a-z0-9]{1,24}$/D', 'small letters and digits');
        $kind = $fields->oneOf('kind', ElementKind::class);
        $frame = self::frame($fields);
        $element = match ($kind) {
            ElementKind::Box => new AnswerBox(
                $id,
                $frame,
                $fields->oneOf('answer', AnswerForm::class),
                $fields->text('prompt', AnswerBox::LONGEST_PROMPT),
                $fields->number('size', TextSize::SMALLEST, TextSize::LARGEST),
                $fields->flag('cover'),
                $fields->flag('outline'),
            ),
            ElementKind::Patch => new Patch($id, $frame),
            ElementKind::Label => new Label(
                $id,
                $frame,
                $fields->text('text', Label::LONGEST),
                $fields->number('size', TextSize::SMALLEST, TextSize::LARGEST),
                $fields->flag('bold'),
                $fields->flag('highlight'),
            ),
            ElementKind::Link => new Link(
                $id,
                $frame,
                self::target($fields),
                $fields->text('text', Link::LONGEST),
                $fields->number('size', TextSize::SMALLEST, TextSize::LARGEST),
                $fields->flag('printed'),
                $fields->flag('outline'),
                $fields->flag('on'),
            ),
            ElementKind::Clip => new Clip(
                $id,
                $frame,
                $fields->matching('source', '/^[0-9a-f]{64}$/D', 'a SHA-256'),
                $fields->integer('page', 1),
                self::turn($fields),
                $fields->number('left', 0, 1),
                $fields->number('top', 0, 1),
                $fields->number('across', 0.001, 1),
                $fields->number('down', 0.001, 1),
            ),
        };
        $fields->nothingElse();

        return $element;
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

    /** @throws InvalidJson */
    public static function turn(Fields $fields): Rotation
    {
        return Rotation::tryFrom($fields->integer('turn', 0, 270)) ?? throw $fields->wrong('turn', 'must be one of 0, 90, 180, 270');
    }

    private static function target(Fields $fields): LinkTarget
    {
        try {
            return LinkTarget::of($fields->text('target', LinkTarget::LONGEST));
        } catch (InvalidArgumentException $problem) {
            throw $fields->wrong('target', $problem->getMessage());
        }
    }
}
