<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Work;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Parts\Board;
use OpenSlate\Parts\Model;
use OpenSlate\Parts\ModelRefused;
use OpenSlate\Parts\Settling;

/** Lets the parts that a student has moved come to rest where their page has them. */
final class SettleParts
{
    /**
     * @return array{Draft, list<string>} the draft with models as they are kept, and what is to be said of parts that went back
     *
     * @throws InvalidJson when a part is moved that is not there
     */
    public function __invoke(Copy $copy, Draft $draft, Places $places, Work $work): array
    {
        $said = [];
        $settled = $draft->settled(function (string $key, string $text) use ($copy, $places, $work, &$said): string {
            $place = $places->find($key);
            if (! $place?->form instanceof ModelAnswer) {
                return $text;
            }
            $page = $copy->item->edition->revisions()->wherePivot('position', $place->page())->sole()->page();
            try {
                $result = Settling::settle(new Board($page), Model::parse($work->text($key)), Model::parse($text));
            } catch (ModelRefused $refusal) {
                throw InvalidJson::at("$.answers.{$key}", $refusal->getMessage());
            }
            array_push($said, ...$result->said);

            return $result->model->text();
        });

        return [$settled, array_values(array_unique($said))];
    }
}
