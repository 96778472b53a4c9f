<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Elements\LinkTarget;
use OpenSlate\Geometry\Frame;

/** A link to the web that a PDF has on a page: its words, where it leads, and its place on the page as displayed. */
final readonly class PrintedLink
{
    public function __construct(public string $words, public LinkTarget $target, public Frame $frame)
    {
    }
}
