<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\WorksheetPage;
use OpenSlate\Edit\History\Merge;
use OpenSlate\Page\Page;

/** A page of a set that could take what has changed in what it was cut from. */
final readonly class MendingOffer
{
    public Page $set;

    public Merge $merge;

    /**
     * @param  WorksheetPage  $page  with its worksheet and its current revision loaded
     * @param  Page  $base  what it was cut from, as it was when the two were last the same
     * @param  Page  $master  the same now
     * @param  array<int, int>  $revisions  the present ones of the pages that it was cut from, by their ids
     */
    public function __construct(
        public WorksheetPage $page,
        public Page $base,
        public Page $master,
        public array $revisions,
    ) {
        $this->set = $page->current->page();
        $this->merge = Merge::of($base, $this->set, $master);
    }

    /** Names what is offered: whoever takes it has seen this, and nothing newer. */
    public function token(): string
    {
        return hash('xxh128', json_encode([$this->page->revision, $this->revisions], JSON_THROW_ON_ERROR));
    }

    /** @return array<string, string> a mark for each element that mending lays anew or changes, by its id */
    public function changes(): array
    {
        $mended = $this->merge->page();
        $marked = [];
        foreach ($mended->elements() as $element) {
            if ($this->set->element($element->id()) != $element) {
                $marked[$element->id()] = $this->set->element($element->id()) === null ? 'new' : 'changed';
            }
        }
        foreach ($this->set->elements() as $element) {
            if ($mended->element($element->id()) === null) {
                $marked[$element->id()] = 'goes';
            }
        }

        return $marked;
    }

    /** @return array<string, string> a number for each element that both changed, by its id: their tags may differ */
    public function marked(): array
    {
        $marked = [];
        foreach ($this->merge->conflicts as $conflict) {
            $marked[$conflict->id] = (string) (count($marked) + 1);
        }

        return $marked;
    }
}
