<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Page\Page;

/** One change to a page: a value that says what; applying it is pure. */
interface Edit
{
    /** @throws EditRefused when it cannot be done on this page; the page is then as it was */
    public function apply(Page $page): Page;
}
