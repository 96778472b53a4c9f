<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Paper\SourcePage;

/** A page of a file with both of its pictures on disk, in a folder that will not last. */
final readonly class DrawnPage
{
    public function __construct(public SourcePage $page, public string $image, public string $thumbnail)
    {
    }
}
