<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use InvalidArgumentException;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\FormCodec;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;

/** One element to and from its JSON object, as docs/page.schema.json has it. */
final class ElementCodec
{
    /** What is left out of the JSON where it is as usual. */
    private const USUAL = [
        'font' => 'plain', 'align' => 'left', 'help' => '', 'needed' => false, 'points' => null, 'key' => [], 'fit' => 'scroll',
        'limit' => null, 'pitch' => null, 'first' => null, 'unit' => '', 'many' => false, 'mark' => 'ring', 'spelling' => false,
        'colour' => null, 'fills' => 'own', 'kept' => false, 'dashed' => false, 'opacity' => 1.0, 'fill' => null, 'lay' => 'level',
        'name' => '', 'sides' => 6, 'source' => '', 'stock' => 1, 'own' => false, 'joints' => [], 'set' => [], 'head' => 'none',
        'takes' => [], 'most' => null, 'hole' => 0.0, 'columns' => 1, 'rows' => 1, 'large' => false,
        'group' => null, 'locked' => false,
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
                'cells' => array_map(fn (TableCell $cell): array => ['text' => $cell->text, 'fill' => $cell->fill] + ($cell->key === [] ? [] : ['key' => $cell->key]), $element->cells),
                ...self::asking($element),
            ],
            $element instanceof Organiser => [
                'shape' => $element->shape->value,
                'number' => $element->number,
                'boxes' => array_map(fn (OrganiserBox $box): array => ['name' => $box->name] + ($box->prompt === '' ? [] : ['prompt' => $box->prompt]) + ($box->key === [] ? [] : ['key' => $box->key]) + ($box->level === null ? [] : ['level' => $box->level]), $element->boxes),
                ...self::asking($element),
            ],
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
            $element instanceof Shape => [
                'form' => $element->form->value,
                'lay' => $element->lay->value,
                'colour' => $element->colour->hex,
                'weight' => $element->weight,
                'fill' => $element->fill?->hex,
                'opacity' => $element->opacity,
                'dashed' => $element->dashed,
            ],
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
            ElementKind::Box => self::box($id, $frame, $fields),
            ElementKind::Table => self::table($id, $frame, $fields),
            ElementKind::Patch => new Patch($id, $frame),
            ElementKind::Label => new Label(
                $id,
                $frame,
                $fields->text('text', Label::LONGEST),
                self::size($fields),
                $fields->flag('bold'),
                $fields->flag('highlight'),
                self::font($fields),
                self::align($fields),
                self::colour($fields, 'colour'),
                $fields->has('fills') ? $fields->oneOf('fills', LabelText::class) : LabelText::Own,
            ),
            ElementKind::Link => new Link(
                $id,
                $frame,
                self::target($fields),
                $fields->text('text', Link::LONGEST),
                self::size($fields),
                $fields->flag('printed'),
                $fields->flag('outline'),
                $fields->flag('on'),
            ),
            ElementKind::Clip => new Clip(
                $id,
                $frame,
                self::hash($fields),
                $fields->integer('page', 1),
                self::turn($fields),
                $fields->number('left', 0, 1),
                $fields->number('top', 0, 1),
                $fields->number('across', Clip::SMALLEST, 1),
                $fields->number('down', Clip::SMALLEST, 1),
                self::flag($fields, 'kept'),
            ),
            ElementKind::Picture => new Picture($id, $frame, self::hash($fields), $fields->text('words', Picture::LONGEST_WORDS)),
            ElementKind::Shape => new Shape(
                $id,
                $frame,
                $fields->oneOf('form', ShapeForm::class),
                $fields->has('lay') ? $fields->oneOf('lay', Lay::class) : Lay::Level,
                self::colour($fields, 'colour'),
                $fields->number('weight', 0, Shape::THICKEST),
                self::colour($fields, 'fill'),
                $fields->has('opacity') ? $fields->number('opacity', 0, 1) : 1.0,
                self::flag($fields, 'dashed'),
            ),
            ElementKind::Organiser => new Organiser(
                $id,
                $frame,
                $fields->oneOf('shape', OrganiserShape::class),
                $fields->integer('number', Organiser::FEWEST, Organiser::MOST),
                array_map(self::organiserBox(...), $fields->objects('boxes', Organiser::MOST)),
                ...self::asked($fields),
            ),
            ElementKind::Part => self::part($id, $frame, $fields),
            ElementKind::Spot => self::spot($id, $frame, $fields),
        };
        if ($fields->isGiven('group')) {
            $element = $element->grouped($fields->matching('group', '/^[a-z0-9]{1,24}$/D', 'small letters and digits'));
        }
        if (self::flag($fields, 'locked')) {
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
        if ($element instanceof AnswerBox && is_string($set['answer'] ?? null) && $set['answer'] !== $element->form->kind()->value) {
            $kind = AnswerKind::tryFrom($set['answer']);
            $start = $kind === null ? [] : FormCodec::start($kind);
            $kept = array_intersect_key(FormCodec::properties($element->form), $start);
            $whole = [...array_diff_key($whole, FormCodec::properties($element->form)), ...$start, ...$kept, 'key' => []];
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

    /** @throws InvalidJson */
    public static function turn(Fields $fields): Rotation
    {
        return Rotation::tryFrom($fields->integer('turn', 0, 270)) ?? throw $fields->wrong('turn', 'must be one of 0, 90, 180, 270');
    }

    private static function box(string $id, Frame $frame, Fields $fields): AnswerBox
    {
        $form = FormCodec::decode($fields);
        if ($form instanceof ModelAnswer) {
            throw $fields->wrong('answer', 'is for a page with parts');
        }
        try {
            $key = $fields->has('key') ? $form->key(self::keyOf($fields)) : [];
        } catch (AnswerRefused $refusal) {
            throw $fields->wrong('key', $refusal->getMessage());
        }

        return new AnswerBox(
            $id,
            $frame,
            $form,
            ...self::asked($fields),
            key: $key,
            fit: $fields->has('fit') ? $fields->oneOf('fit', TextFit::class) : TextFit::Scroll,
            printed: self::flag($fields, 'printed'),
        );
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

    /** @return array{string, float, bool, bool, Font, Align, string, bool, float|null} in the order of their constructors */
    private static function asked(Fields $fields): array
    {
        return [
            $fields->text('prompt', AnswerBox::LONGEST_PROMPT),
            self::size($fields),
            $fields->flag('cover'),
            $fields->flag('outline'),
            self::font($fields),
            self::align($fields),
            $fields->has('help') ? $fields->text('help', AnswerBox::LONGEST_HELP) : '',
            self::flag($fields, 'needed'),
            self::points($fields),
        ];
    }

    private static function part(string $id, Frame $frame, Fields $fields): Part
    {
        try {
            return new Part(
                $id,
                $frame,
                $fields->oneOf('form', PartForm::class),
                $fields->text('text', Part::LONGEST_TEXT),
                $fields->has('name') ? $fields->text('name', Part::LONGEST_NAME) : '',
                self::size($fields),
                $fields->flag('bold'),
                self::font($fields),
                self::colour($fields, 'colour'),
                $fields->number('weight', 0, Shape::THICKEST),
                self::colour($fields, 'fill'),
                $fields->has('opacity') ? $fields->number('opacity', 0, 1) : 1.0,
                self::flag($fields, 'dashed'),
                self::colour($fields, 'ink'),
                $fields->has('sides') ? $fields->integer('sides', 3, Part::MOST_SIDES) : 6,
                $fields->has('lay') ? $fields->oneOf('lay', Lay::class) : Lay::Level,
                $fields->has('source') && $fields->text('source', 64) !== '' ? self::hash($fields) : '',
                $fields->has('stock') ? $fields->integer('stock', 1, Part::MOST_STOCK) : 1,
                self::flag($fields, 'own'),
                $fields->has('joints') ? array_map(self::joint(...), $fields->objects('joints', Joint::MOST)) : [],
                $fields->has('set') ? array_map(self::given(...), $fields->objects('set', Part::MOST_IN_SET)) : [],
                $fields->has('head') ? $fields->oneOf('head', Head::class) : Head::None,
            );
        } catch (InvalidArgumentException $problem) {
            throw $fields->wrong('form', $problem->getMessage());
        }
    }

    private static function given(Fields $picture): string
    {
        $source = self::hash($picture);
        $picture->nothingElse();

        return $source;
    }

    private static function joint(Fields $joint): Joint
    {
        $one = new Joint($joint->matching('id', '/^[a-z0-9]{1,12}$/D', 'small letters and digits'), $joint->number('x', 0, 1), $joint->number('y', 0, 1));
        $joint->nothingElse();

        return $one;
    }

    private static function spot(string $id, Frame $frame, Fields $fields): Spot
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
            self::flag($fields, 'dashed'),
            $fields->has('hole') ? $fields->number('hole', 0, Spot::LARGEST_HOLE) : 0.0,
            $fields->has('columns') ? $fields->integer('columns', 1, Spot::MOST_LINES) : 1,
            $fields->has('rows') ? $fields->integer('rows', 1, Spot::MOST_LINES) : 1,
            self::flag($fields, 'large'),
        );
    }

    private static function table(string $id, Frame $frame, Fields $fields): Table
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
            );
        } catch (InvalidArgumentException $problem) {
            throw $fields->wrong('cells', $problem->getMessage());
        }
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
        $shares = array_map(fn (float $share): float => abs($sum - 1) < 0.0001 ? $share : round($share / $sum, 6), $given);

        return min($shares) >= Table::SMALLEST_SHARE ? $shares : throw $fields->wrong($name, 'must be wide enough to take hold of');
    }

    /** @return list<string> */
    private static function keyOf(Fields $fields): array
    {
        return $fields->has('key') ? $fields->texts('key', AnswerBox::MOST_KEYS, 5000) : [];
    }

    private static function points(Fields $fields): ?float
    {
        return $fields->isGiven('points') ? $fields->number('points', 0, AnswerBox::MOST_POINTS) : null;
    }

    private static function size(Fields $fields): float
    {
        return $fields->number('size', TextSize::SMALLEST, TextSize::LARGEST);
    }

    private static function font(Fields $fields): Font
    {
        return $fields->has('font') ? $fields->oneOf('font', Font::class) : Font::Plain;
    }

    private static function align(Fields $fields): Align
    {
        return $fields->has('align') ? $fields->oneOf('align', Align::class) : Align::Left;
    }

    private static function flag(Fields $fields, string $name): bool
    {
        return $fields->has($name) && $fields->flag($name);
    }

    private static function hash(Fields $fields): string
    {
        return $fields->matching('source', '/^[0-9a-f]{64}$/D', 'a SHA-256');
    }

    private static function colour(Fields $fields, string $name): ?Colour
    {
        if (! $fields->isGiven($name)) {
            return null;
        }
        try {
            return Colour::of($fields->text($name, 7));
        } catch (InvalidArgumentException) {
            throw $fields->wrong($name, 'must be a colour, written #rrggbb');
        }
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
