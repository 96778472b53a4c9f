<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Keys;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;

/** Says what of the right model counts. */
final readonly class SetModelAspects implements Edit
{
    /** @param  list<ModelAspect>  $counts */
    public function __construct(public array $counts)
    {
    }

    public function apply(Page $page): Page
    {
        $key = $page->key ?? throw EditRefused::missing();

        return $page->withKey(new ModelKey($key->model, $this->counts, $key->points));
    }
}
