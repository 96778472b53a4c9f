<?php

declare(strict_types=1);

namespace OpenSlate\Forms;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\Counted;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;

/** Answer boxes as form fields; what is drawn, said or put together has none. */
final class BoxFields
{
    /**
     * @param  list<AnswerBox>  $boxes  of one page, in the order in which they are read
     * @param  int  $page  its number, from 1
     * @return list<FormField>
     */
    public static function of(array $boxes, int $page): array
    {
        $fields = [];
        foreach ($boxes as $box) {
            $kind = self::kind($box->form);
            if ($kind !== null) {
                $fields[] = new FormField(
                    name: "{$page}-{$box->id}",
                    said: $box->prompt === '' ? $box->form->kind()->words() : $box->prompt,
                    kind: $kind,
                    frame: $box->frame,
                    size: $box->size,
                    isNeeded: $box->needed,
                    longest: self::longest($box->form),
                    options: self::options($box),
                );
            }
        }

        return $fields;
    }

    private static function kind(AnswerForm $form): ?FieldKind
    {
        return match (true) {
            $form instanceof TextAnswer => $form->several ? FieldKind::Lines : FieldKind::Line,
            $form instanceof NumberAnswer => FieldKind::Line,
            $form instanceof TickAnswer => FieldKind::Tick,
            $form instanceof ChoiceAnswer => $form->many ? FieldKind::Choices : FieldKind::Choice,
            $form instanceof ListAnswer => FieldKind::List,
            default => null,
        };
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
