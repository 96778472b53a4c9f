<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\WorksheetPage;
use OpenSlate\Edit\History\Merge;
use OpenSlate\Page\Page;

/** A page of a set that could take what has changed in the page it was cut from. */
final readonly class MendingOffer
{
    public Page $set;

    public Page $master;

    public Merge $merge;

    /** @param  WorksheetPage  $page  with its worksheet, its current revision and its source's loaded */
    public function __construct(public WorksheetPage $page, public WorksheetPage $source, public Page $base)
    {
        $this->set = $page->current->page();
        $this->master = $source->current->page();
        $this->merge = Merge::of($base, $this->set, $this->master);
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
