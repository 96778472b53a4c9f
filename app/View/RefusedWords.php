<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\AnswerKind;
use OpenSlate\Copies\Places;

/** Tells a student, at its place, that an answer could not be kept, and what to do about it. */
final class RefusedWords
{
    /**
     * @param  array<string, string>  $refused  by place
     * @return array<string, string> words by place
     */
    public static function all(array $refused, Places $places): array
    {
        $words = [];
        foreach (array_keys($refused) as $key) {
            $words[$key] = self::of($places->find((string) $key)?->form->kind());
        }

        return $words;
    }

    private static function of(?AnswerKind $kind): string
    {
        return match ($kind) {
            AnswerKind::Number => 'This is not saved: it has to be a number, such as 12 or 3.5.',
            AnswerKind::Drawing => 'This drawing is not saved: there is too much in it. Rub some of it out.',
            AnswerKind::Picture => 'This picture is not saved. Choose it again.',
            AnswerKind::Model => 'The last move is not saved. Undo it, or open the page again.',
            AnswerKind::Tick, AnswerKind::Choice, AnswerKind::List => 'This is not saved. Choose again.',
            null => 'This place is not on the page any more.',
            default => 'This is not saved: it is too long. Make it shorter.',
        };
    }
}
