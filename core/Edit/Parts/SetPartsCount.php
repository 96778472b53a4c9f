<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Parts;

use OpenSlate\Edit\Edit;
use OpenSlate\Page\Page;

/** Says whether each part that is to be moved counts as a place, or all of them as one that is filled when all are. */
final readonly class SetPartsCount implements Edit
{
    public function __construct(public bool $each)
    {
    }

    public function apply(Page $page): Page
    {
        return $page->withPartsCounted($this->each);
    }
}
