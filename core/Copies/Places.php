<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Answers\FormCodec;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\Page;
use OpenSlate\Parts\ToPlace;

/** All places to fill in an edition, in the order in which they are read. */
final readonly class Places
{
    /** @param  array<string, Place>  $places  by key */
    private function __construct(private array $places)
    {
    }

    /** @param  list<Page>  $pages  in the order of the edition */
    public static function of(array $pages): self
    {
        $places = [];
        foreach ($pages as $index => $page) {
            foreach ($page->answerables() as $element) {
                foreach ($element->places() as $name => $form) {
                    $key = Place::idOn($index + 1, (string) $name);
                    $places[$key] = new Place($key, $form, $element->isNeeded());
                }
            }
            if ($page->hasMoves()) {
                $key = Place::idOn($index + 1, ModelAnswer::PLACE);
                $places[$key] = new Place($key, new ModelAnswer(ToPlace::on($page), $page->countsParts));
            }
        }

        return new self($places);
    }

    /**
     * @param  string  $json  as toJson() writes it
     *
     * @throws InvalidJson
     */
    public static function fromJson(string $json): self
    {
        $places = [];
        $fields = Fields::parse($json);
        foreach ($fields->names() as $name) {
            $key = (string) $name;
            $form = $fields->object($key);
            $places[$key] = new Place($key, FormCodec::decode($form), $form->has('needed') && $form->flag('needed'));
            $form->nothingElse();
        }

        return new self($places);
    }

    public function toJson(): string
    {
        return json_encode(
            (object) array_map(
                fn (Place $place): array => FormCodec::properties($place->form) +
                    ($place->needed ? ['needed' => true] : []),
                $this->places,
            ),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }

    /** As how many they are counted: of ticks that follow one another all are one question. */
    public function count(): int
    {
        return array_sum(
            array_map(fn (array $together): int => $together[0]->form->counts(), $this->together()),
        );
    }

    /**
     * The places, those together that are counted as one.
     *
     * @return list<non-empty-list<Place>> in the order in which they are read
     */
    public function together(): array
    {
        $together = [];
        $last = null;
        foreach ($this->places as $place) {
            $isNext = $place->form->countsTogether() &&
                $last?->form->kind() === $place->form->kind() &&
                $last->page() === $place->page();
            if ($isNext) {
                $together[count($together) - 1][] = $place;
            } else {
                $together[] = [$place];
            }
            $last = $place;
        }

        return $together;
    }

    public function find(string $key): ?Place
    {
        return $this->places[$key] ?? null;
    }

    /** @return list<Place> */
    public function all(): array
    {
        return array_values($this->places);
    }
}
