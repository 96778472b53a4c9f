<?php

declare(strict_types=1);

namespace App\View;

use App\ShippedSymbols;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\ShapeForm;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Colour;

/**
 * All tools of the stations: from here their buttons, their keys, the list of keys and the scripts have them. Sizes are
 * points.
 */
final readonly class Tools
{
    /** @param  array<string, list<Tool>>  $groups  by what they are for */
    private function __construct(public array $groups)
    {
    }

    /** @param  bool  $hasPrint  whether the page has print, which cannot make room */
    public static function boxes(bool $hasPrint): self
    {
        return new self(['For students to fill in' => self::answers(), 'For the page' => self::furniture($hasPrint)]);
    }

    public static function parts(): self
    {
        return new self(['Parts, for students to move' => self::movable(), 'Spots, where parts go' => self::spots()]);
    }

    /** @return list<Tool> */
    public function all(): array
    {
        return array_merge(...array_values($this->groups));
    }

    /** For the scripts: each tool by its name. */
    public function json(): string
    {
        return json_encode(
            array_combine(
                array_map(fn (Tool $tool): string => $tool->name, $this->all()),
                array_map(
                    fn (Tool $tool): array => array_diff_key(get_object_vars($tool), [
                        'name' => 0,
                        'words' => 0,
                        'does' => 0,
                    ]),
                    $this->all(),
                ),
            ),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }

    /** @return list<Tool> */
    private static function answers(): array
    {
        $box = fn (
            AnswerKind $kind,
            string $words,
            string $key,
            string $does,
            float $width,
            float $height,
            string $name = '',
            bool $cover = false,
        ): Tool => Tool::laying(
            $name === '' ? $kind->value : $name,
            $words,
            $key,
            $does,
            new AnswerBox('new', Frame::of(0, 0, $width, $height), $kind->form()::start($kind), cover: $cover),
        );
        $cells = array_map(fn (int $at): TableCell => new TableCell('', $at > 2), range(0, 11));

        return [
            $box(AnswerKind::Short, 'Short box', 'S', 'short box', 160, 18),
            $box(AnswerKind::Lines, 'Lines box', 'B', 'lines box', 300, 72),
            $box(AnswerKind::Number, 'Number', 'N', 'number', 80, 18),
            $box(AnswerKind::Tick, 'Tick', 'K', 'tick', 14, 14),
            Tool::other('choice', 'Choice', 'C', 'choice', ['kind' => 'choice', 'width' => 220, 'height' => 72]),
            $box(AnswerKind::List, 'Drop-down', 'D', 'drop-down', 120, 18),
            Tool::laying(
                'table',
                'Table',
                'G',
                'table',
                new Table(
                    'new',
                    Frame::of(0, 0, 360, 96),
                    array_fill(0, 3, 1 / 3),
                    array_fill(0, 4, 0.25),
                    $cells,
                    size: 11,
                ),
            ),
            $box(AnswerKind::Passage, 'Passage', 'M', 'passage to correct', 360, 90, cover: true),
            $box(AnswerKind::Drawing, 'Drawing', 'W', 'drawing area', 300, 160),
            $box(AnswerKind::Picture, 'Picture place', 'I', 'place for a picture', 180, 120, 'picture-place'),
            $box(AnswerKind::Spoken, 'Spoken', 'E', 'place for a spoken answer', 200, 34),
            Tool::laying(
                'organiser',
                'Organiser',
                'Z',
                'organiser',
                new Organiser('new', Frame::of(0, 0, 400, 260), OrganiserShape::Steps, 4),
            ),
        ];
    }

    /** @return list<Tool> */
    private static function furniture(bool $hasPrint): array
    {
        $shape = fn (
            string $words,
            string $key,
            ShapeForm $form,
            float $width,
            float $height,
            float $weight = 1.0,
        ): Tool => Tool::laying(
            $form->value,
            $words,
            $key,
            mb_strtolower($words),
            new Shape('new', Frame::of(0, 0, $width, $height), $form, weight: $weight),
            slants: $form === ShapeForm::Line || $form === ShapeForm::Arrow,
        );
        // Where it leads is asked for when it has been drawn.
        $link = [
            'kind' => 'link',
            'width' => 160,
            'height' => 18,
            'text' => '',
            'target' => '',
            'size' => 12,
            'printed' => false,
            'outline' => false,
            'on' => true,
        ];

        return [
            Tool::laying('label', 'Label', 'L', 'label', new Label('new', Frame::of(0, 0, 220, 22), 'Directions', 14)),
            Tool::laying('patch', 'Patch', 'P', 'patch', new Patch('new', Frame::of(0, 0, 120, 24))),
            Tool::other('link', 'Link', 'U', 'link', $link),
            $shape('Rectangle', 'R', ShapeForm::Rectangle, 120, 80),
            $shape('Oval', 'O', ShapeForm::Ellipse, 120, 80),
            $shape('Line', '-', ShapeForm::Line, 160, 8),
            $shape('Arrow', 'A', ShapeForm::Arrow, 120, 12, 1.5),
            Tool::other('picture', 'Picture', 'Y', 'picture'),
            Tool::other('recording', 'Recording', 'Q', 'spoken or filmed message'),
            Tool::other('clip', 'Clip', 'X', 'clip of any page'),
            ...($hasPrint ? [] : [Tool::other('room', 'Room', 'V', 'line below which to make room')]),
        ];
    }

    /** @return list<Tool> */
    private static function movable(): array
    {
        $white = Colour::white();
        $part = fn (
            string $name,
            string $words,
            string $key,
            string $does,
            float $width,
            float $height,
            Part $like,
            float $even = 1.0,
        ): Tool => Tool::laying(
            "part-{$name}",
            $words,
            $key,
            $does,
            $like->framed(Frame::of(0, 0, $width, $height)),
            $even,
            $like->form === PartForm::Connector,
        );
        $of = fn (PartForm $form): Part => new Part('new', Frame::of(0, 0, 1, 1), $form, fill: $white);
        $symbol = fn (Part $like): Tool => $part(
            'symbol',
            'Symbol',
            'Y',
            'symbol of a circuit or a flow chart',
            $like->frame->width,
            $like->frame->height,
            $like,
            $like->frame->height / $like->frame->width,
        );
        $bare = fn (string $text, float $size, bool $bold): Part => new Part(
            'new',
            Frame::of(0, 0, 1, 1),
            text: $text,
            size: $size,
            bold: $bold,
            weight: 0,
        );

        return [
            $part('ellipse', 'Oval', 'E', 'oval', 80, 60, $of(PartForm::Ellipse)),
            $part('rectangle', 'Rectangle', 'R', 'rectangle', 90, 40, $of(PartForm::Rectangle)),
            $part('rounded', 'Rounded', 'D', 'rounded rectangle', 90, 40, $of(PartForm::Rounded)),
            $part('triangle', 'Triangle', 'T', 'triangle', 70, 60.6, $of(PartForm::Triangle), sqrt(3) / 2),
            $part('polygon', 'Polygon', 'P', 'polygon', 70, 70, $of(PartForm::Polygon)),
            $part('callout', 'Speech', 'B', 'speech box', 110, 60, $of(PartForm::Callout)),
            $part('arrow', 'Arrow', 'A', 'arrow', 80, 40, $of(PartForm::Arrow)),
            $part(
                'connector',
                'Connector',
                'C',
                'connector',
                100,
                8,
                new Part('new', Frame::of(0, 0, 1, 1), PartForm::Connector, weight: 3),
            ),
            $symbol(array_merge(...array_values(ShippedSymbols::groups()))[0]),
            $part('words', 'Word', 'W', 'word', 90, 24, $bare('words', 14, false)),
            $part('sign', 'Sign', 'M', 'sign', 36, 36, $bare('+', 28, true)),
            $part('picture', 'Picture', 'I', 'picture', 80, 80, $bare('', 14, false))->asking(['form' => 'picture']),
            $part(
                'own-picture',
                'Their picture',
                'O',
                'place for a picture of theirs',
                80,
                80,
                new Part('new', Frame::of(0, 0, 1, 1), PartForm::Picture, name: 'picture', weight: 0, own: true),
            ),
            Tool::other('joint', 'Joint', 'J', 'joint: press a part where it should hold to others'),
        ];
    }

    /** @return list<Tool> */
    private static function spots(): array
    {
        $spot = fn (
            string $name,
            string $words,
            string $key,
            float $width,
            float $height,
            Spot $like,
        ): Tool => Tool::laying(
            $name,
            $words,
            $key,
            $name === 'slots' ? 'table of slots' : mb_strtolower($words),
            $like->framed(Frame::of(0, 0, $width, $height)),
        );
        $of = fn (
            SpotForm $form,
            Settle $settle,
            bool $dashed = true,
            int $columns = 1,
            int $rows = 1,
        ): Spot => new Spot(
            'new',
            Frame::of(0, 0, 1, 1),
            $form,
            settle: $settle,
            dashed: $dashed,
            columns: $columns,
            rows: $rows,
            titled: true,
        );

        return [
            $spot('zone', 'Zone', 'Z', 180, 160, $of(SpotForm::Zone, Settle::Grid)),
            $spot('slot', 'Slot', 'S', 100, 44, $of(SpotForm::Slot, Settle::Stack)),
            $spot('ring', 'Ring', 'G', 200, 200, $of(SpotForm::Ring, Settle::Round)),
            $spot('rail', 'Line', 'L', 300, 24, $of(SpotForm::Line, Settle::Free, false)),
            $spot('slots', 'Slots', 'X', 240, 120, $of(SpotForm::Slots, Settle::Stack, false, 3, 2)),
        ];
    }
}
