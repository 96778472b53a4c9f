<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Answers\FormCodec;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Copies\Place;
use OpenSlate\Copies\Places;
use OpenSlate\Page\Page;

/**
 * What is marked of an edition, and for how many points.
 *
 * Where the teacher gave points, the places that have them are marked. Where none has, each that has a key is worth
 * one.
 */
final readonly class Scheme
{
    /**
     * @param  array<string, MarkedPlace>  $marked  by place, in the order in which they are read
     * @param  array<string, list<string>>  $ticks  places of ticks that are one question, by each of them
     */
    private function __construct(private array $marked, private array $ticks)
    {
    }

    /** @param  list<Page>  $pages  in the order of the edition */
    public static function of(array $pages): self
    {
        $places = Places::of($pages);
        $keyed = $points = [];
        foreach ($pages as $index => $page) {
            foreach ($page->answerables() as $element) {
                $keys = $element->keys();
                foreach (array_keys($element->places()) as $name) {
                    $id = Place::idOn($index + 1, (string) $name);
                    $keyed[$id] = $keys[$name] ?? [];
                    $points[$id] = $element->points();
                }
            }
            if ($page->hasMoves()) {
                $id = Place::idOn($index + 1, ModelAnswer::PLACE);
                $keyed[$id] = $page->key === null ? [] : [$page->key->model];
                $points[$id] = $page->key?->points;
            }
        }
        $given = array_filter($points, fn (?float $one): bool => $one !== null && $one > 0.0);
        $marked = [];
        foreach ($places->all() as $place) {
            $worth = $given === [] && $keyed[$place->id] !== [] ? 1.0 : $given[$place->id] ?? 0.0;
            if ($worth > 0.0) {
                $marked[$place->id] = new MarkedPlace(
                    $place,
                    $keyed[$place->id],
                    Points::of($worth),
                    $place->form instanceof ModelAnswer ? $pages[$place->page() - 1] : null,
                );
            }
        }

        return new self($marked, self::ticked($places, $marked));
    }

    /** @return array<string, MarkedPlace> by place, in the order in which they are read */
    public function places(): array
    {
        return $this->marked;
    }

    public function find(string $place): ?MarkedPlace
    {
        return $this->marked[$place] ?? null;
    }

    /** Another one where answers may earn something else. */
    public function fingerprint(): string
    {
        return sha1(serialize(array_map(
            fn (MarkedPlace $one): array => [
                FormCodec::properties($one->place->form),
                $one->key,
                $one->counts(),
                $one->full->tenThousandths,
            ],
            $this->marked,
        )));
    }

    public function total(): Points
    {
        return array_reduce(
            $this->marked,
            fn (Points $sum, MarkedPlace $one): Points => $sum->plus($one->full),
            Points::none(),
        );
    }

    /** @return list<string> places that are one question with this one, of which one at least has to be ticked */
    public function ticksWith(string $place): array
    {
        return $this->ticks[$place] ?? [];
    }

    /**
     * Of ticks that are one question and of which some are right, none ticked is no answer: who leaves all of them
     * empty has not left the wrong ones empty.
     *
     * @param  array<string, MarkedPlace>  $marked
     * @return array<string, list<string>>
     */
    private static function ticked(Places $places, array $marked): array
    {
        $ticks = [];
        foreach ($places->together() as $together) {
            $ids = array_map(fn (Place $place): string => $place->id, $together);
            $keys = array_map(fn (string $id): array => $marked[$id]->key ?? [], $ids);
            if (count($ids) > 1 && in_array(['yes'], $keys, true)) {
                $ticks += array_fill_keys($ids, $ids);
            }
        }

        return $ticks;
    }
}
