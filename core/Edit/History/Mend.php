<?php

declare(strict_types=1);

namespace OpenSlate\Edit\History;

use OpenSlate\Edit\Edit;
use OpenSlate\Page\Page;

/** Brings what changed in a master's page into a page that was cut from it. */
final readonly class Mend implements Edit
{
    /**
     * @param  Page  $base  the master's page as it was when the two were last the same
     * @param  list<string>  $fromMaster  ids of the elements for which, where both changed them, the master's is taken
     * @param  list<PageProperty>  $properties  those of which, where both changed them, the master's is taken
     */
    public function __construct(
        public Page $base,
        public Page $master,
        public array $fromMaster = [],
        public array $properties = [],
    ) {
    }

    public function apply(Page $page): Page
    {
        return Merge::of($this->base, $page, $this->master)->page($this->fromMaster, $this->properties);
    }
}
