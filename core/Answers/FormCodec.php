<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** A form of answer to and from the fields that it has in JSON: the name of its kind, and what the kind has besides. */
final class FormCodec
{
    /** @return array<string, mixed> all of them, also those that are as usual */
    public static function properties(AnswerForm $form): array
    {
        return ['answer' => $form->kind()->value] + $form->properties();
    }

    /** @throws InvalidJson */
    public static function decode(Fields $fields): AnswerForm
    {
        $kind = $fields->oneOf('answer', AnswerKind::class);

        return $kind->form()::decode($kind, $fields);
    }

    /**
     * A form of the kind as it is when a box is first given it.
     *
     * @return array<string, mixed>
     */
    public static function start(AnswerKind $kind): array
    {
        return self::properties($kind->form()::start($kind));
    }
}
