<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use Closure;
use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\FormCodec;
use OpenSlate\Answers\Ruling;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\TextSize;
use OpenSlate\Geometry\Frame;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Size;

/** The blanks of a printed page as proposals for answer boxes on a page of a worksheet. */
final class Proposals
{
    private const MOST = 2000;

    /** A box that covers this much of a blank has taken its place. */
    private const TAKEN = 0.4;

    /** What is higher than this, in points, is for more than one line. */
    private const SEVERAL_LINES = 36.0;

    /** Words are usually of this share of the room above their line. */
    private const OF_LINE = 0.62;

    /** A size, in points, that is read well. Common practice, no source. */
    private const READABLE = 10.0;

    /** A line of type is about so many times as high as its size. */
    public const LINE = 1.25;

    /** @param  list<Blank>  $blanks */
    public static function encode(array $blanks): string
    {
        return json_encode(
            [
                'blanks' => array_map(
                    fn (Blank $blank): array => [
                        'kind' => $blank->kind->value,
                        'x' => $blank->frame->x,
                        'y' => $blank->frame->y,
                        'width' => $blank->frame->width,
                        'height' => $blank->frame->height,
                        'pitch' => $blank->pitch ?? 0.0,
                        'count' => $blank->count,
                        'label' => $blank->label,
                        'confidence' => $blank->confidence,
                    ] + ($blank->form === null ? [] : ['form' => FormCodec::properties($blank->form)]) +
                        ($blank->ends === [] ? [] : ['ends' => array_map(self::end(...), $blank->ends)]),
                    array_slice($blanks, 0, self::MOST),
                ),
            ],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /**
     * @return list<Blank>
     *
     * @throws InvalidJson
     */
    public static function decode(string $json): array
    {
        return array_map(function (Fields $blank): Blank {
            $pitch = $blank->number('pitch', 0, Size::LARGEST);

            return new Blank(
                $blank->oneOf('kind', BlankKind::class),
                Frame::of(
                    $blank->number('x'),
                    $blank->number('y'),
                    $blank->number('width', 0),
                    $blank->number('height', 0),
                ),
                $blank->number('confidence', 0, 1),
                $pitch > 0 ? $pitch : null,
                $blank->integer('count', 1),
                $blank->text('label', 1000),
                $blank->has('form') ? FormCodec::decode($blank->object('form')) : null,
                $blank->has('ends') ? array_map(self::readEnd(...), $blank->objects('ends', self::MOST)) : [],
            );
        }, Fields::parse($json)->objects('blanks', self::MOST));
    }

    /**
     * Those that are surely there to be filled in.
     *
     * @param  array<int, Blank>  $blanks
     * @return array<int, Blank> by the same places
     */
    public static function sure(array $blanks): array
    {
        return array_filter($blanks, fn (Blank $blank): bool => $blank->isSure());
    }

    /**
     * Those that are but likely, each to be decided on by itself.
     *
     * @param  array<int, Blank>  $blanks
     * @return array<int, Blank> by the same places
     */
    public static function likely(array $blanks): array
    {
        return array_diff_key($blanks, self::sure($blanks));
    }

    /**
     * The blanks where the page shows its print, without those that are off the paper or have a box already.
     *
     * @param  list<Blank>  $blanks  of the printed page
     * @param  Size  $printed  its size
     * @return array<int, Blank> by their places in the list
     */
    public static function on(Page $page, array $blanks, Size $printed): array
    {
        return array_filter(
            self::shown($page, $blanks, $printed),
            fn (Blank $blank): bool => $blank->kind === BlankKind::Join
                ? ! JoinParts::areOn($page, $blank)
                : ! self::isTaken($page, $blank->frame),
        );
    }

    /**
     * The blanks where the page shows its print, without those that are off the paper.
     *
     * @param  list<Blank>  $blanks  of the printed page
     * @param  Size  $printed  its size
     * @return array<int, Blank> by their places in the list
     */
    public static function shown(Page $page, array $blanks, Size $printed): array
    {
        if ($page->backdrop === null) {
            return [];
        }
        $factor = ($page->backdrop->frame ?? $page->frame())->width / $printed->turned($page->backdrop->turn)->width;
        $here = [];
        foreach ($blanks as $index => $blank) {
            $frame = $page->backdrop->shown($blank->frame, $printed, $page->frame());
            if ($page->frame()->contains($frame)) {
                $here[$index] = new Blank(
                    $blank->kind,
                    $frame,
                    $blank->confidence,
                    $blank->pitch === null ? null : $blank->pitch * $factor,
                    $blank->count,
                    $blank->label,
                    $blank->form,
                    array_map(
                        fn (JoinEnd $end): JoinEnd => $end->at(
                            $page->backdrop->shown($end->dot, $printed, $page->frame()),
                        ),
                        $blank->ends,
                    ),
                );
            }
        }

        return $here;
    }

    /**
     * What would fill the blank: a box, or where whose sheet it is and the day may fill themselves in, a label; parts,
     * where lines are to be drawn.
     *
     * @param  Closure(): string  $id  a new name for an element
     * @return list<Element>
     */
    public static function laid(Blank $blank, Closure $id, bool $fillsItself): array
    {
        return match (true) {
            $blank->kind === BlankKind::Join => JoinParts::of($blank, $id),
            $fillsItself && SelfFilling::fits($blank) => [SelfFilling::label($blank, $id(), self::size($blank))],
            default => [self::box($blank, $id())],
        };
    }

    /** @return array<string, mixed> */
    private static function end(JoinEnd $end): array
    {
        return [
            'x' => $end->dot->x,
            'y' => $end->dot->y,
            'width' => $end->dot->width,
            'height' => $end->dot->height,
            'words' => $end->words,
            'left' => $end->isLeft,
        ];
    }

    /** @throws InvalidJson */
    private static function readEnd(Fields $end): JoinEnd
    {
        return new JoinEnd(
            Frame::of($end->number('x'), $end->number('y'), $end->number('width', 0), $end->number('height', 0)),
            $end->text('words', 1000),
            $end->flag('left'),
        );
    }

    /** The box that would fill the blank. */
    public static function box(Blank $blank, string $id): AnswerBox
    {
        return new AnswerBox(
            id: $id,
            frame: $blank->frame,
            form: $blank->form ?? self::form($blank, self::isOfSeveralLines($blank)),
            prompt: mb_substr($blank->label, 0, AnswerBox::LONGEST_PROMPT),
            size: self::size($blank),
            cover: false,
            outline: false,
            printed: $blank->label !== '',
        );
    }

    private static function isOfSeveralLines(Blank $blank): bool
    {
        return $blank->kind === BlankKind::Lines || $blank->frame->height > self::SEVERAL_LINES;
    }

    /**
     * As the words beside it where the line leaves them their usual room above; where there is less, as large as can
     * still be read well, as long as a line of type has room.
     */
    private static function size(Blank $blank): float
    {
        $line = $blank->pitch ?? $blank->frame->height;
        $usual = min(self::isOfSeveralLines($blank) ? 14.0 : 16.0, floor($line * self::OF_LINE));

        return max(TextSize::SMALLEST, $usual, min(self::READABLE, floor($line / self::LINE)));
    }

    /** What is printed to write on is written on; the frame of a line ends where the line is. */
    private static function form(Blank $blank, bool $several): AnswerForm
    {
        $height = $blank->frame->height;

        return match (true) {
            $blank->kind === BlankKind::Tick => new TickAnswer(),
            $blank->kind === BlankKind::Lines && $blank->pitch !== null => TextAnswer::lines(
                null,
                Ruling::within($height, $blank->pitch, $blank->count),
            ),
            $several => TextAnswer::lines(),
            $blank->kind === BlankKind::Line || $blank->kind === BlankKind::Gap => TextAnswer::short(
                null,
                Ruling::within($height, $height, 1),
            ),
            default => TextAnswer::short(),
        };
    }

    private static function isTaken(Page $page, Frame $frame): bool
    {
        foreach ($page->elements() as $element) {
            if (
                ($element instanceof Answerable || SelfFilling::isDoneBy($element)) &&
                Ground::shared($element->frame(), $frame) >= self::TAKEN * $frame->width * $frame->height
            ) {
                return true;
            }
        }

        return false;
    }
}
