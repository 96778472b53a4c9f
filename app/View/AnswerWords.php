<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Copies\Place;
use OpenSlate\Copies\Work;
use OpenSlate\Elements\Answerable;
use OpenSlate\Page\Page;

/** The answers of a page as words, each with its question: whole, also where they are longer than their box. */
final class AnswerWords
{
    /**
     * @param  array<string, string>  $asked  what is printed at places that have no prompt
     * @return list<array{string, string, string}> question, answer and place, as they are read; none of
     *                                              what is no words
     */
    public static function of(Page $page, int $number, Work $work, array $asked): array
    {
        $forms = array_merge([], ...array_map(fn (Answerable $one): array => $one->places(), $page->answerables()));
        $said = [];
        foreach (array_intersect_key(PlaceNames::of($page, $asked), $forms) as $place => $name) {
            $id = Place::idOn($number, (string) $place);
            $words = $forms[$place]->read($work->text($id));
            if ($words !== '') {
                $said[] = [$name, $words, $id];
            }
        }

        return $said;
    }
}
