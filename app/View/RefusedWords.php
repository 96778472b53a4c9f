<?php

declare(strict_types=1);

namespace App\View;

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
            $form = $places->find((string) $key)?->form;
            $words[$key] = $form === null ? 'This place is not on the page any more.' : $form->unsaved();
        }

        return $words;
    }
}
