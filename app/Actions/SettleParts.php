<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Work;
use OpenSlate\Elements\Part;
use OpenSlate\Parts\Scene;
use OpenSlate\Parts\Settling;

/** Lets the parts that a student has moved come to rest where their page has them. */
final class SettleParts
{
    /**
     * What it takes to settle the models of a draft. Editions do not change: this is read before the copy is locked.
     *
     * @return array{Draft, array<string, array{Scene, Model}>} the draft, with models that are none refused; and the
     *                                                          parts of the page and what the window wants, by place
     */
    public function wanted(Copy $copy, Draft $draft, Places $places): array
    {
        $wanted = [];
        $draft = $draft->settled(function (string $key, string $text) use ($copy, $places, &$wanted): string {
            $place = $places->find($key);
            if (! ($place?->form instanceof ModelAnswer)) {
                return $text;
            }
            try {
                $model = Model::parse($text);
            } catch (ModelRefused $refusal) {
                throw AnswerRefused::noModel($refusal);
            }
            $page = $copy->item->edition->revision($place->page())->page();
            $given = array_merge([], ...array_map(fn (Part $part): array => $part->set, $page->parts()));
            if (! $copy->hasFiles(array_values(array_diff($model->pictures(), $given)))) {
                throw AnswerRefused::notPutHere();
            }
            $wanted[$key] = [new Scene($page), $model];

            return $text;
        });

        return [$draft, $wanted];
    }

    /**
     * @param  array<string, array{Scene, Model}>  $wanted  by place
     * @return array{Draft, list<string>}  the draft with models as they are kept, and what is to be said of parts that
     *                                     went back
     */
    public function __invoke(Draft $draft, array $wanted, Work $work): array
    {
        $said = [];
        $settled = $draft->settled(function (string $key, string $text) use ($wanted, $work, &$said): string {
            if (! isset($wanted[$key])) {
                return $text;
            }
            [$scene, $model] = $wanted[$key];
            try {
                $result = Settling::settle($scene, Model::parse($work->text($key)), $model);
            } catch (ModelRefused $refusal) {
                throw AnswerRefused::noModel($refusal);
            }
            array_push($said, ...$result->said);

            return $result->model->text();
        });

        return [$settled, array_values(array_unique($said))];
    }
}
