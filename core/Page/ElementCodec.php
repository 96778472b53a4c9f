<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Geometry\Frame;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Paper\Size;

/** One element to and from its JSON object, as docs/page.schema.json has it. */
final class ElementCodec
{
    /** @return array<string, string|float|bool> */
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
     * @return array<string, string|float|bool>
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
}
