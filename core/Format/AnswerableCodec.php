<?php

declare(strict_types=1);

namespace OpenSlate\Format;

use InvalidArgumentException;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\FormCodec;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Font;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserBox;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Elements\TextAlign;
use OpenSlate\Elements\TextFit;
use OpenSlate\Geometry\Frame;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Judging\Strictness;

/** What is answered, to and from JSON: boxes, tables, organisers. */
final class AnswerableCodec
{
    /** @return array<string, mixed> */
    public static function properties(AnswerBox|Table|Organiser $element): array
    {
        return match (true) {
            $element instanceof AnswerBox => [
                ...FormCodec::properties($element->form),
                ...self::asking($element),
                'key' => $element->key,
                'fit' => $element->fit->value,
                'printed' => $element->printed,
            ],
            $element instanceof Table => [
                'columns' => $element->columns,
                'rows' => $element->rows,
                'cells' => array_map(self::cellProperties(...), $element->cells),
                ...self::asking($element),
                ...$element->strictness->properties(),
            ],
            $element instanceof Organiser => [
                'shape' => $element->shape->value,
                'number' => $element->number,
                'boxes' => array_map(self::boxProperties(...), $element->boxes),
                ...self::asking($element),
                ...$element->strictness->properties(),
            ],
        };
    }

    /** @throws InvalidJson */
    public static function box(string $id, Frame $frame, Fields $fields): AnswerBox
    {
        $form = FormCodec::decode($fields);
        if ($form instanceof ModelAnswer) {
            throw $fields->wrong('answer', 'is for a page with parts');
        }
        try {
            $key = $fields->has('key') ? $form->key(self::keyOf($fields)) : [];
        } catch (AnswerRefused $refusal) {
            throw $fields->wrong('key', $refusal);
        }

        return new AnswerBox(
            $id,
            $frame,
            $form,
            ...self::asked($fields),
            key: $key,
            fit: $fields->has('fit') ? $fields->oneOf('fit', TextFit::class) : TextFit::Scroll,
            printed: Looks::flag($fields, 'printed'),
        );
    }

    /** @throws InvalidJson */
    public static function table(string $id, Frame $frame, Fields $fields): Table
    {
        $cells = array_map(self::cell(...), $fields->objects('cells', Table::MOST_ROWS * Table::MOST_COLUMNS));
        $columns = self::shares($fields, 'columns', Table::MOST_COLUMNS);
        $rows = self::shares($fields, 'rows', Table::MOST_ROWS);
        try {
            return new Table(
                $id,
                $frame,
                $columns,
                $rows,
                $cells,
                ...self::asked($fields),
                strictness: Strictness::decode($fields),
            );
        } catch (InvalidArgumentException $problem) {
            throw $fields->wrong('cells', $problem);
        }
    }

    /** @throws InvalidJson */
    public static function organiser(string $id, Frame $frame, Fields $fields): Organiser
    {
        return new Organiser(
            $id,
            $frame,
            $fields->oneOf('shape', OrganiserShape::class),
            $fields->integer('number', Organiser::FEWEST, Organiser::MOST),
            array_map(self::organiserBox(...), $fields->objects('boxes', Organiser::MOST)),
            ...self::asked($fields),
            strictness: Strictness::decode($fields),
        );
    }

    /** @return array<string, mixed> */
    private static function boxProperties(OrganiserBox $box): array
    {
        return [
            'name' => $box->name,
            ...($box->prompt === '' ? [] : ['prompt' => $box->prompt]),
            ...($box->key === [] ? [] : ['key' => $box->key]),
            ...($box->level === null ? [] : ['level' => $box->level]),
        ];
    }

    /** @return array<string, mixed> */
    private static function cellProperties(TableCell $cell): array
    {
        return [
            'text' => $cell->text,
            'fill' => $cell->fill,
            ...($cell->key === [] ? [] : ['key' => $cell->key]),
        ];
    }

    private static function organiserBox(Fields $box): OrganiserBox
    {
        $one = new OrganiserBox(
            $box->text('name', OrganiserBox::LONGEST_NAME),
            (new OrganiserBox)->form()->key(self::keyOf($box)),
            $box->has('prompt') ? $box->text('prompt', AnswerBox::LONGEST_PROMPT) : '',
            $box->isGiven('level') ? $box->integer('level', 0, OrganiserBox::DEEPEST) : null,
        );
        $box->nothingElse();

        return $one;
    }

    private static function cell(Fields $cell): TableCell
    {
        $fill = $cell->flag('fill');
        $key = self::keyOf($cell);
        if ($key !== [] && ! $fill) {
            throw $cell->wrong('key', 'is for cells that are filled in');
        }
        $one = new TableCell($cell->text('text', TableCell::LONGEST), $fill, (new TableCell)->form()->key($key));
        $cell->nothingElse();

        return $one;
    }

    /** @return list<float> shares that make one whole; they may be given as any numbers in the same proportion */
    private static function shares(Fields $fields, string $name, int $most): array
    {
        $given = $fields->numbers($name, $most, 0.0001, 100000.0);
        if ($given === []) {
            throw $fields->wrong($name, 'must be at least one');
        }
        $sum = array_sum($given);
        $shares = abs($sum - 1) < 0.0001
            ? $given
            : array_map(fn (float $share): float => round($share / $sum, 6), $given);
        if (min($shares) < Table::SMALLEST_SHARE) {
            throw $fields->wrong($name, 'must be wide enough to take hold of');
        }

        return $shares;
    }

    /** @return list<string> */
    private static function keyOf(Fields $fields): array
    {
        return $fields->has('key') ? $fields->texts('key', AnswerBox::MOST_KEYS, 5000) : [];
    }

    /**
     * What all that is answered has alike: how it asks, and how it looks.
     *
     * @return array<string, mixed>
     */
    private static function asking(AnswerBox|Table|Organiser $element): array
    {
        return [
            'prompt' => $element->prompt,
            'size' => $element->size,
            'cover' => $element->cover,
            'outline' => $element->outline,
            'font' => $element->font->value,
            'align' => $element->align->value,
            'help' => $element->help,
            'needed' => $element->needed,
            'points' => $element->points,
        ];
    }

    /**
     * How it asks and how it looks, by the names of the constructors' arguments.
     *
     * @return array{
     *     prompt: string, size: float, cover: bool, outline: bool, font: Font, align: TextAlign, help: string,
     *     needed: bool, points: float|null,
     * }
     */
    private static function asked(Fields $fields): array
    {
        return [
            'prompt' => $fields->text('prompt', AnswerBox::LONGEST_PROMPT),
            'size' => Looks::size($fields),
            'cover' => $fields->flag('cover'),
            'outline' => $fields->flag('outline'),
            'font' => Looks::font($fields),
            'align' => Looks::align($fields),
            'help' => $fields->has('help') ? $fields->text('help', AnswerBox::LONGEST_HELP) : '',
            'needed' => Looks::flag($fields, 'needed'),
            'points' => self::points($fields),
        ];
    }

    private static function points(Fields $fields): ?float
    {
        return $fields->isGiven('points') ? $fields->number('points', 0, AnswerBox::MOST_POINTS) : null;
    }
}
