<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PaperSheet;

/** A sheet that came back on paper, with what is known of it. */
final readonly class PaperSheetRow
{
    /**
     * @param  int  $copy  whose it is; 0 where that is not known
     * @param  int  $page  its number in the edition; 0 where that is not known
     * @param  string  $doubt  what speaks against putting it there, in words
     * @param  bool  $isWanted  whether it goes there unless somebody says otherwise
     */
    public function __construct(
        public PaperSheet $sheet,
        public int $copy,
        public int $page,
        public string $doubt,
        public bool $isWanted,
    ) {
    }
}
