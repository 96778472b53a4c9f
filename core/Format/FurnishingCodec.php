<?php

declare(strict_types=1);

namespace OpenSlate\Format;

use InvalidArgumentException;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Elements\Lay;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\ShapeForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** What the page is furnished with, to and from JSON: patches, labels, links, clips, pictures, recordings, shapes. */
final class FurnishingCodec
{
    /** @return array<string, mixed> */
    public static function properties(Patch|Label|Link|Clip|Picture|Recording|Shape $element): array
    {
        return match (true) {
            $element instanceof Patch => [],
            $element instanceof Label => [
                'text' => $element->text,
                'size' => $element->size,
                'bold' => $element->bold,
                'highlight' => $element->highlight,
                'font' => $element->font->value,
                'align' => $element->align->value,
                'colour' => $element->colour?->hex,
                'fills' => $element->fills->value,
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
                'kept' => $element->kept,
            ],
            $element instanceof Picture => ['source' => $element->source, 'words' => $element->words],
            $element instanceof Recording => [
                'source' => $element->source,
                'title' => $element->title,
                'words' => $element->words,
                'film' => $element->film,
                'seconds' => $element->seconds,
            ],
            $element instanceof Shape => [
                'form' => $element->form->value,
                'lay' => $element->lay->value,
                'colour' => $element->colour->hex,
                'weight' => $element->weight,
                'fill' => $element->fill?->hex,
                'opacity' => $element->opacity,
                'dashed' => $element->dashed,
            ],
        };
    }

    /** @throws InvalidJson */
    public static function label(string $id, Frame $frame, Fields $fields): Label
    {
        return new Label(
            id: $id,
            frame: $frame,
            text: $fields->text('text', Label::LONGEST),
            size: Looks::size($fields),
            bold: $fields->flag('bold'),
            highlight: $fields->flag('highlight'),
            font: Looks::font($fields),
            align: Looks::align($fields),
            colour: Looks::colour($fields, 'colour'),
            fills: $fields->has('fills') ? $fields->oneOf('fills', LabelText::class) : LabelText::Own,
        );
    }

    /** @throws InvalidJson */
    public static function link(string $id, Frame $frame, Fields $fields): Link
    {
        return new Link(
            id: $id,
            frame: $frame,
            target: self::target($fields),
            text: $fields->text('text', Link::LONGEST),
            size: Looks::size($fields),
            printed: $fields->flag('printed'),
            outline: $fields->flag('outline'),
            on: $fields->flag('on'),
        );
    }

    /** @throws InvalidJson */
    public static function clip(string $id, Frame $frame, Fields $fields): Clip
    {
        return new Clip(
            id: $id,
            frame: $frame,
            source: Looks::hash($fields),
            page: $fields->integer('page', 1),
            turn: self::turn($fields),
            left: $fields->number('left', 0, 1),
            top: $fields->number('top', 0, 1),
            across: $fields->number('across', Clip::SMALLEST, 1),
            down: $fields->number('down', Clip::SMALLEST, 1),
            kept: Looks::flag($fields, 'kept'),
        );
    }

    /** @throws InvalidJson */
    public static function picture(string $id, Frame $frame, Fields $fields): Picture
    {
        return new Picture($id, $frame, Looks::hash($fields), $fields->text('words', Picture::LONGEST_WORDS));
    }

    /** @throws InvalidJson */
    public static function recording(string $id, Frame $frame, Fields $fields): Recording
    {
        return new Recording(
            id: $id,
            frame: $frame,
            source: Looks::hash($fields),
            title: $fields->text('title', Recording::LONGEST_TITLE),
            words: $fields->text('words', Recording::LONGEST_WORDS),
            film: Looks::flag($fields, 'film'),
            seconds: $fields->number('seconds', 0, Recording::LONGEST),
        );
    }

    /** @throws InvalidJson */
    public static function shape(string $id, Frame $frame, Fields $fields): Shape
    {
        return new Shape(
            id: $id,
            frame: $frame,
            form: $fields->oneOf('form', ShapeForm::class),
            lay: $fields->has('lay') ? $fields->oneOf('lay', Lay::class) : Lay::Level,
            colour: Looks::colour($fields, 'colour'),
            weight: $fields->number('weight', 0, Shape::THICKEST),
            fill: Looks::colour($fields, 'fill'),
            opacity: $fields->has('opacity') ? $fields->number('opacity', 0, 1) : 1.0,
            dashed: Looks::flag($fields, 'dashed'),
        );
    }

    /** @throws InvalidJson */
    public static function turn(Fields $fields): Rotation
    {
        return Rotation::tryFrom($fields->integer('turn', 0, 270)) ??
            throw $fields->wrong('turn', 'must be one of 0, 90, 180, 270');
    }

    private static function target(Fields $fields): LinkTarget
    {
        try {
            return LinkTarget::of($fields->text('target', LinkTarget::LONGEST));
        } catch (InvalidArgumentException $problem) {
            throw $fields->wrong('target', $problem);
        }
    }
}
