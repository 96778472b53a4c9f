<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\SheetDoubt;
use OpenSlate\Paper\Size;
use OpenSlate\Scan\Similarity;

/** What is known of a sheet of paper by the codes on it. */
final readonly class SheetOfCopy
{
    /**
     * @param  int|null  $copy  whose it is
     * @param  int|null  $page  which page of the worksheet, by its id
     * @param  SheetDoubt|null  $doubt  why either is not known
     * @param  Size|null  $size  of the page
     * @param  Similarity|null  $straight  from pixels of its picture to points of the page
     */
    public function __construct(
        public ?int $copy = null,
        public ?int $page = null,
        public ?SheetDoubt $doubt = null,
        public ?Size $size = null,
        public ?Similarity $straight = null,
    ) {
    }
}
