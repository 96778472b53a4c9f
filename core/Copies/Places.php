<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Json\Fields;
use OpenSlate\Page\AnswerBox;
use OpenSlate\Page\AnswerForm;
use OpenSlate\Page\Page;

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
            foreach ($page->answerBoxes() as $box) {
                $place = self::on($index + 1, $box);
                $places[$place->key] = $place;
            }
        }

        return new self($places);
    }

    /** @param  string  $json  as toJson() writes it */
    public static function fromJson(string $json): self
    {
        $places = [];
        $fields = Fields::parse($json);
        foreach ($fields->names() as $key) {
            $places[(string) $key] = new Place((string) $key, $fields->oneOf((string) $key, AnswerForm::class));
        }

        return new self($places);
    }

    public function toJson(): string
    {
        return json_encode((object) array_map(fn (Place $place): string => $place->form->value, $this->places), JSON_THROW_ON_ERROR);
    }

    public function count(): int
    {
        return count($this->places);
    }

    public function find(string $key): ?Place
    {
        return $this->places[$key] ?? null;
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->places));
    }

    private static function on(int $page, AnswerBox $box): Place
    {
        return new Place(Place::key($page, $box->id), $box->answer);
    }
}
