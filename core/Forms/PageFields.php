<?php

declare(strict_types=1);

namespace OpenSlate\Forms;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\Counted;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Copies\Place;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\Table;
use OpenSlate\Geometry\Frame;
use OpenSlate\Marking\PlaceFrames;
use OpenSlate\Page\Page;
use OpenSlate\Page\ReadingOrder;

/**
 * The places of a page as form fields: answer boxes, cells, boxes of organisers, and labels that fill themselves in.
 * What is drawn, said or put together has none.
 */
final class PageFields
{
    /** In points; nearer to each other letters are not told apart. */
    private const ROOM_OF_A_LETTER = 8.0;

    /**
     * @param  int  $number  of the page, from 1
     * @param  array<string, string>  $names  what is asked at places, by the place's name on the page
     * @param  array<string, string>  $texts  what has been answered, by the place's id
     * @return list<FormField> in reading order
     */
    public static function of(Page $page, int $number, array $names, array $texts = []): array
    {
        $frames = PlaceFrames::of($page);
        $fields = [];
        foreach (ReadingOrder::of($page->elements()) as $element) {
            if ($element instanceof AnswerBox) {
                array_push($fields, ...self::ofBoxes([$element], $number, $names, $texts));
            } elseif ($element instanceof Table || $element instanceof Organiser) {
                array_push($fields, ...self::ofPlaces($element, $number, $frames, $names, $texts));
            } elseif ($element instanceof Label && $element->fills !== LabelText::Own) {
                $fields[] = self::ofLabel($element, $number);
            }
        }

        return $fields;
    }

    /**
     * @param  list<AnswerBox>  $boxes  of one page, in the order in which they are read
     * @param  int  $page  its number, from 1
     * @param  array<string, string>  $names  what is asked at them, by their ids; else their prompts say it
     * @param  array<string, string>  $texts
     * @return list<FormField>
     */
    public static function ofBoxes(array $boxes, int $page, array $names = [], array $texts = []): array
    {
        $fields = [];
        foreach ($boxes as $box) {
            $kind = self::kind($box->form);
            if ($kind !== null) {
                $fields[] = new FormField(
                    name: self::name($page, $box->id),
                    said: $names[$box->id] ?? ($box->prompt === '' ? $box->form->kind()->words() : $box->prompt),
                    kind: $kind,
                    frame: $box->frame,
                    size: $box->size,
                    isNeeded: $box->needed,
                    longest: self::longest($box->form),
                    isComb: self::isComb($box->form, $box->frame->width),
                    options: self::options($box),
                    value: self::value($box->form, $texts[Place::idOn($page, $box->id)] ?? ''),
                    answers: self::answers($box->form),
                    place: Place::idOn($page, $box->id),
                );
            }
        }

        return $fields;
    }

    /** What a place is called in a file. Full stops part the names of fields there (ISO 32000-1, 12.7.3.2). */
    public static function name(int $page, string $place): string
    {
        return $page.'-'.str_replace('.', '_', $place);
    }

    /**
     * @param  Table|Organiser  $element
     * @param  array<string, Frame>  $frames  of the page's places
     * @param  array<string, string>  $names
     * @param  array<string, string>  $texts
     * @return list<FormField>
     */
    private static function ofPlaces(
        Answerable $element,
        int $page,
        array $frames,
        array $names,
        array $texts,
    ): array {
        $fields = [];
        foreach (array_keys($element->places()) as $place) {
            $fields[] = new FormField(
                name: self::name($page, $place),
                said: $names[$place] ?? $element->prompt,
                kind: FieldKind::Lines,
                frame: $frames[$place],
                size: $element->size,
                isNeeded: $element->needed,
                value: $texts[Place::idOn($page, $place)] ?? '',
                place: Place::idOn($page, $place),
            );
        }

        return $fields;
    }

    /** What stands in a field at first; of a passage, what is to be mended. */
    private static function value(AnswerForm $form, string $answer): string
    {
        return $form instanceof PassageAnswer ? $form->mended($answer) : $answer;
    }

    /** @return list<string> what each of its options is as an answer */
    private static function answers(AnswerForm $form): array
    {
        return match (true) {
            $form instanceof TickAnswer => [TickAnswer::YES],
            $form instanceof ChoiceAnswer => array_map(fn (Option $option): string => $option->id, $form->options),
            default => [],
        };
    }

    /** The name or the date is written behind the words of the label, so far as those go. */
    private static function ofLabel(Label $label, int $page): FormField
    {
        $words = min($label->frame->width * 0.75, mb_strlen($label->text) * 0.55 * $label->size);

        return new FormField(
            name: self::name($page, $label->id),
            said: $label->fills === LabelText::Student ? 'Name' : 'Date',
            kind: FieldKind::Line,
            frame: Frame::of(
                $label->frame->x + $words,
                $label->frame->y,
                $label->frame->width - $words,
                $label->frame->height,
            ),
            size: $label->size,
        );
    }

    private static function kind(AnswerForm $form): ?FieldKind
    {
        return match (true) {
            $form instanceof TextAnswer => $form->several ? FieldKind::Lines : FieldKind::Line,
            $form instanceof PassageAnswer => FieldKind::Lines,
            $form instanceof NumberAnswer => FieldKind::Line,
            $form instanceof TickAnswer => FieldKind::Tick,
            $form instanceof ChoiceAnswer => $form->many ? FieldKind::Choices : FieldKind::Choice,
            $form instanceof ListAnswer => FieldKind::List,
            default => null,
        };
    }

    /** Of what has just so many letters, where there is room to tell them apart. */
    private static function isComb(AnswerForm $form, float $width): bool
    {
        $limit = $form instanceof TextAnswer && ! $form->several ? $form->limit : null;

        return $limit !== null &&
            $limit->of === Counted::Characters &&
            $limit->most !== null &&
            $limit->least === $limit->most &&
            $width >= $limit->most * self::ROOM_OF_A_LETTER;
    }

    private static function longest(AnswerForm $form): ?int
    {
        return $form instanceof TextAnswer && $form->limit?->of === Counted::Characters
            ? $form->limit->most
            : null;
    }

    /** @return list<array{string, Frame}> */
    private static function options(AnswerBox $box): array
    {
        $frame = $box->frame;

        return match (true) {
            $box->form instanceof ListAnswer => array_map(
                fn (string $words): array => [$words, $frame],
                $box->form->options,
            ),
            $box->form instanceof ChoiceAnswer => array_map(
                fn (Option $option): array => [$option->words, Frame::of(
                    $frame->x + $option->left * $frame->width,
                    $frame->y + $option->top * $frame->height,
                    $option->across * $frame->width,
                    $option->down * $frame->height,
                )],
                $box->form->options,
            ),
            default => [],
        };
    }
}
