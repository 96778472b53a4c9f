<?php

declare(strict_types=1);

namespace OpenSlate\Format;

use InvalidArgumentException;
use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Paper\UnusableSize;
use WeakMap;

/** A page to and from versioned JSON, as docs/page.schema.json has it. What it does not know it refuses. */
final class PageCodec
{
    public const VERSION = 1;

    /**
     * @var WeakMap<Element, array<array-key, mixed>>|null  elements as they were read: what nobody changed is written
     *                                                      as it was
     */
    private static ?WeakMap $asRead = null;

    public static function encode(Page $page): string
    {
        return json_encode(
            [
                'version' => self::VERSION,
                'paper' => [
                    'width' => $page->size->width,
                    'height' => $page->size->height,
                    'colour' => $page->paper->hex,
                ],
                'backdrop' => $page->backdrop === null
                        ? null
                        : [
                            'source' => $page->backdrop->source,
                            'page' => $page->backdrop->page,
                            'turn' => $page->backdrop->turn->value,
                            'frame' => $page->backdrop->frame === null
                                    ? null
                                    : [
                                        'x' => $page->backdrop->frame->x,
                                        'y' => $page->backdrop->frame->y,
                                        'width' => $page->backdrop->frame->width,
                                        'height' => $page->backdrop->frame->height,
                                    ],
                        ] + ($page->backdrop->light ? ['light' => true] : []),
                'elements' => array_map(
                    fn (Element $element): array => self::$asRead[$element] ?? ElementCodec::encode($element),
                    $page->elements(),
                ),
            ] +
                ($page->carried === null ? [] : ['carried' => $page->carried]) +
                ($page->tray === null
                    ? []
                    : [
                        'tray' => [
                            'side' => $page->tray->side->value,
                            'depth' => $page->tray->depth,
                            'open' => $page->tray->open,
                        ],
                    ]) +
                ($page->key === null
                    ? []
                    : [
                        'key' => [
                            'model' => $page->key->model,
                            'counts' => array_map(
                                fn (ModelAspect $aspect): string => $aspect->value,
                                $page->key->counts,
                            ),
                            'points' => $page->key->points,
                        ],
                    ]) +
                ($page->countsParts ? ['countsParts' => true] : []),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /** @throws InvalidJson with the path of the first value that is not in the format */
    public static function decode(string $json): Page
    {
        $fields = Fields::parse($json);
        $fields->integer('version', self::VERSION, self::VERSION);
        $paper = $fields->object('paper');
        self::$asRead ??= new WeakMap();
        $elements = [];
        foreach ($fields->objects('elements', Page::MOST_ELEMENTS) as $read) {
            $elements[] = $element = ElementCodec::decode($read);
            self::$asRead[$element] = $read->all();
        }
        try {
            $size = Size::of($paper->number('width'), $paper->number('height'));
            $colour = Colour::of($paper->text('colour', 7));
            $backdrop = $fields->isNull('backdrop') ? null : self::backdrop($fields->object('backdrop'));
            $page = new Page(
                $size,
                $colour,
                $backdrop,
                $elements,
                $fields->has('carried') ? $fields->number('carried') : null,
                $fields->isGiven('tray') ? self::tray($fields->object('tray')) : null,
                $fields->isGiven('key') ? self::key($fields->object('key')) : null,
                $fields->has('countsParts') && $fields->flag('countsParts'),
            );
        } catch (UnusableSize|InvalidArgumentException $problem) {
            throw InvalidJson::at('$', $problem);
        }
        $paper->nothingElse();
        $fields->nothingElse();

        return $page;
    }

    private static function key(Fields $fields): ModelKey
    {
        $model = $fields->text('model', Model::LONGEST);
        try {
            Model::parse($model);
        } catch (ModelRefused $refusal) {
            throw $fields->wrong('model', $refusal);
        }
        $key = new ModelKey(
            $model,
            $fields->someOf('counts', ModelAspect::class),
            $fields->isGiven('points') ? $fields->number('points', 0, AnswerBox::MOST_POINTS) : null,
        );
        $fields->nothingElse();

        return $key;
    }

    /** @throws InvalidJson */
    public static function tray(Fields $fields): Tray
    {
        $tray = new Tray(
            $fields->oneOf('side', TraySide::class),
            $fields->number('depth', Tray::NARROWEST, Tray::WIDEST),
            $fields->flag('open'),
        );
        $fields->nothingElse();

        return $tray;
    }

    /** How the print lies may be left out: upright, on the whole of the paper. */
    private static function backdrop(Fields $fields): Backdrop
    {
        $turn = $fields->has('turn') ? FurnishingCodec::turn($fields) : Rotation::None;
        $frame = null;
        if ($fields->isGiven('frame')) {
            $laid = $fields->object('frame');
            $frame = ElementCodec::frame($laid);
            $laid->nothingElse();
        }
        $backdrop = Backdrop::of(
            source: $fields->text('source', 64),
            page: $fields->integer('page', 1),
            turn: $turn,
            frame: $frame,
            light: Looks::flag($fields, 'light'),
        );
        $fields->nothingElse();

        return $backdrop;
    }
}
