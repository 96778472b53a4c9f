<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Assembly\Model;
use OpenSlate\Copies\Place;
use OpenSlate\Copies\Work;
use OpenSlate\Matching\ModelCheck;
use OpenSlate\Page\Page;
use OpenSlate\Parts\Scene;

/** Says how a student's model of one page stands to its key. */
final class ModelWords
{
    /** @return list<string> nothing where the page has no key for its parts, or nobody has moved any */
    public static function of(Page $page, int $number, Work $work): array
    {
        $text = $work->text(Place::idOn($number, ModelAnswer::PLACE));
        if ($page->key === null || $text === '') {
            return [];
        }
        $verdict = ModelCheck::of(new Scene($page), $page->key, Model::parse($text));

        return $verdict->isRight()
            ? ['The model is right.']
            : ["The model: {$verdict->right} of {$verdict->of} right", ...$verdict->words];
    }
}
