<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use Closure;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Font;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Elements\Lay;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\ShapeForm;
use OpenSlate\Elements\TextAlign;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;

/** Looks for new pages: paper, a heading, places for the student's name and the date, and what frames them. */
enum Theme: string
{
    case Empty = 'empty';
    case Plain = 'plain';
    case Margin = 'margin';
    case Banner = 'banner';
    case Framed = 'framed';
    case Evening = 'evening';

    private const EDGE = 40.0;

    public function named(): string
    {
        return match ($this) {
            self::Empty => 'nothing on it',
            self::Plain => 'plain, with a heading',
            self::Margin => 'red margin on cream',
            self::Banner => 'green banner',
            self::Framed => 'double frame',
            self::Evening => 'pale blue with a rule',
        };
    }

    /**
     * @param  Closure(): string  $newId
     * @param  string  $title  of the first page
     */
    public function page(Size $size, Closure $newId, string $title): Page
    {
        if ($this === self::Empty) {
            return new Page($size, Colour::white());
        }
        $furniture = array_map(fn (Shape $shape): Element => $shape->locked(true), $this->furniture($size, $newId));

        return new Page($size, Colour::of($this->paper()), null, [
            ...$furniture,
            ...$this->labels($size, $newId, $title),
        ]);
    }

    private function paper(): string
    {
        return match ($this) {
            self::Margin => '#fdf8ea',
            self::Evening => '#eef3f7',
            default => '#ffffff',
        };
    }

    /** Of the heading; on its ground it has a contrast of at least 4.5 to 1 (WCAG 2.2, 1.4.3). */
    public function ink(): Colour
    {
        return Colour::of(
            match ($this) {
                self::Banner => '#ffffff',
                self::Margin => '#8f2f23',
                self::Evening => '#1d4263',
                default => '#26343b',
            },
        );
    }

    /** What the heading stands on. */
    public function ground(): Colour
    {
        return Colour::of($this === self::Banner ? '#1e6b5f' : $this->paper());
    }

    /**
     * @param  Closure(): string  $newId
     * @return list<Shape>
     */
    private function furniture(Size $size, Closure $newId): array
    {
        [$w, $h, $edge] = [$size->width, $size->height, self::EDGE];
        $line = fn (float $y, string $colour, float $weight): Shape => new Shape(
            $newId(),
            Frame::of($edge, $y - 4, $w - 2 * $edge, 8),
            ShapeForm::Line,
            Lay::Level,
            Colour::of($colour),
            $weight,
        );
        $frame = fn (float $in, float $weight): Shape => new Shape(
            $newId(),
            Frame::of($in, $in, $w - 2 * $in, $h - 2 * $in),
            ShapeForm::Rectangle,
            colour: Colour::of('#26343b'),
            weight: $weight,
        );

        return match ($this) {
            self::Margin => [
                new Shape($newId(), Frame::of(24, 0, 8, $h), ShapeForm::Line, Lay::Upright, Colour::of('#c65a4b'), 1.5),
            ],
            self::Banner => [
                new Shape($newId(), Frame::of(0, 0, $w, 62), ShapeForm::Rectangle, weight: 0.0, fill: $this->ground()),
            ],
            self::Framed => [$frame(14, 2.0), $frame(19, 0.75)],
            self::Evening => [$line(82, '#5b86ad', 2.0)],
            default => [],
        };
    }

    /**
     * @param  Closure(): string  $newId
     * @return list<Label>
     */
    private function labels(Size $size, Closure $newId, string $title): array
    {
        $wide = $size->width - 2 * self::EDGE;
        $font = match ($this) {
            self::Margin => Font::Hand,
            self::Evening => Font::Book,
            default => Font::Plain,
        };
        $top = $this === self::Banner ? 14.0 : 30.0;
        $below = $this === self::Banner ? 70.0 : 62.0;

        return [
            new Label(
                id: $newId(),
                frame: Frame::of(self::EDGE, $top, $wide, 30),
                text: $title,
                size: 22,
                bold: true,
                highlight: false,
                font: $font,
                align: $this === self::Framed ? TextAlign::Centre : TextAlign::Left,
                colour: $this->ink(),
            ),
            new Label($newId(), Frame::of(self::EDGE, $below, $wide * 0.6, 16), 'Name:', 12, fills: LabelText::Student),
            new Label(
                $newId(),
                Frame::of(self::EDGE + $wide * 0.6, $below, $wide * 0.4, 16),
                'Date:',
                12,
                align: TextAlign::Right,
                fills: LabelText::Date,
            ),
        ];
    }
}
