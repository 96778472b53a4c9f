<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Keys;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;

/** Says what the right model is worth. */
final readonly class SetModelPoints implements Edit
{
    /** @param  float|null  $points  null is none */
    public function __construct(public ?float $points)
    {
    }

    public function apply(Page $page): Page
    {
        $key = $page->key ?? throw EditRefused::missing();

        return $page->withKey(new ModelKey($key->model, $key->counts, $this->points));
    }
}
