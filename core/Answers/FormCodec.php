<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** A form of answer to and from the fields that it has in JSON. */
final class FormCodec
{
    /** @return array<string, mixed> all of them, also those that are as usual */
    public static function properties(AnswerForm $form): array
    {
        return ['answer' => $form->kind()->value] + match (true) {
            $form instanceof TextAnswer => ['limit' => self::limit($form->limit), 'pitch' => $form->ruling?->pitch, 'first' => $form->ruling?->first],
            $form instanceof NumberAnswer => ['unit' => $form->unit],
            $form instanceof ChoiceAnswer => [
                'options' => array_map(fn (Option $option): array => [
                    'id' => $option->id, 'words' => $option->words,
                    'left' => $option->left, 'top' => $option->top, 'across' => $option->across, 'down' => $option->down,
                ], $form->options),
                'many' => $form->many,
                'mark' => $form->mark->value,
            ],
            $form instanceof ListAnswer => ['choices' => $form->options],
            $form instanceof PassageAnswer => ['wrong' => $form->wrong, 'right' => $form->right, 'spelling' => $form->spelling],
            default => [],
        };
    }

    /** @throws InvalidJson */
    public static function decode(Fields $fields): AnswerForm
    {
        return match ($fields->oneOf('answer', AnswerKind::class)) {
            AnswerKind::Short => TextAnswer::short(self::limitOf($fields), self::rulingOf($fields)),
            AnswerKind::Lines => TextAnswer::lines(self::limitOf($fields), self::rulingOf($fields)),
            AnswerKind::Number => new NumberAnswer($fields->has('unit') ? $fields->text('unit', NumberAnswer::LONGEST_UNIT) : ''),
            AnswerKind::Tick => new TickAnswer,
            AnswerKind::Choice => self::tried($fields, 'options', fn (): AnswerForm => ChoiceAnswer::of(
                array_map(self::option(...), $fields->objects('options', Choices::MOST)),
                $fields->has('many') && $fields->flag('many'),
                $fields->has('mark') ? $fields->oneOf('mark', ChoiceMark::class) : ChoiceMark::Ring,
            )),
            AnswerKind::List => self::tried($fields, 'choices', fn (): AnswerForm => ListAnswer::of($fields->texts('choices', Choices::MOST, Choices::LONGEST))),
            AnswerKind::Passage => self::tried($fields, 'right', fn (): AnswerForm => PassageAnswer::of(
                $fields->text('wrong', PassageAnswer::LONGEST),
                $fields->text('right', PassageAnswer::LONGEST),
                $fields->has('spelling') && $fields->flag('spelling'),
            )),
            AnswerKind::Drawing => new DrawingAnswer,
            AnswerKind::Picture => new PictureAnswer,
            AnswerKind::Model => new ModelAnswer,
        };
    }

    /**
     * A form of the kind as it is when a box is first given it.
     *
     * @return array<string, mixed>
     */
    public static function start(AnswerKind $kind): array
    {
        return self::properties(match ($kind) {
            AnswerKind::Short => TextAnswer::short(),
            AnswerKind::Lines => TextAnswer::lines(),
            AnswerKind::Number => new NumberAnswer,
            AnswerKind::Tick => new TickAnswer,
            AnswerKind::Choice => ChoiceAnswer::of(array_map(fn (int $n): Option => new Option(chr(97 + $n), chr(65 + $n), 0.0, $n / 4, 1.0, 0.25), range(0, 3))),
            AnswerKind::List => ListAnswer::of(['yes', 'no']),
            AnswerKind::Passage => PassageAnswer::of('', ''),
            AnswerKind::Drawing => new DrawingAnswer,
            AnswerKind::Picture => new PictureAnswer,
            AnswerKind::Model => new ModelAnswer,
        });
    }

    /** @return array{of: string, least: int|null, most: int|null}|null */
    private static function limit(?Limit $limit): ?array
    {
        return $limit === null ? null : ['of' => $limit->of->value, 'least' => $limit->least, 'most' => $limit->most];
    }

    private static function limitOf(Fields $fields): ?Limit
    {
        if (! $fields->isGiven('limit')) {
            return null;
        }
        $limit = $fields->object('limit');
        $number = fn (string $name): ?int => $limit->isGiven($name) ? $limit->integer($name, 1, Limit::MOST) : null;
        try {
            $of = Limit::of($limit->oneOf('of', Counted::class), $number('least'), $number('most'));
        } catch (AnswerRefused $refusal) {
            throw $fields->wrong('limit', $refusal);
        }
        $limit->nothingElse();

        return $of;
    }

    private static function rulingOf(Fields $fields): ?Ruling
    {
        $pitch = $fields->isGiven('pitch') ? $fields->number('pitch', Ruling::CLOSEST, Ruling::WIDEST) : null;
        $first = $fields->isGiven('first') ? $fields->number('first', 0, Ruling::WIDEST) : null;

        return $pitch === null || $first === null ? null : new Ruling($pitch, $first);
    }

    private static function option(Fields $option): Option
    {
        $share = fn (string $name, float $least = 0): float => $option->number($name, $least, 1);
        $one = new Option(
            $option->matching('id', '/^[a-z0-9]{1,12}$/D', 'small letters and digits'),
            $option->text('words', Choices::LONGEST),
            $share('left'),
            $share('top'),
            $share('across', 0.002),
            $share('down', 0.002),
        );
        $option->nothingElse();

        return $one;
    }

    /**
     * @param  callable(): AnswerForm  $make
     *
     * @throws InvalidJson naming the field
     */
    private static function tried(Fields $fields, string $name, callable $make): AnswerForm
    {
        try {
            return $make();
        } catch (AnswerRefused $refusal) {
            throw $fields->wrong($name, $refusal);
        }
    }
}
