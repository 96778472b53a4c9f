<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** A worksheet that is looked through before it goes out. */
final readonly class CheckedSheet
{
    /**
     * @param  list<CheckedPage>  $pages  in their order
     * @param  int  $sets  how many sets were cut from it
     * @param  list<int>  $others  the numbers of worksheets that its links may lead to
     */
    public function __construct(
        public string $name,
        public array $pages,
        public int $sets = 0,
        public array $others = [],
    ) {
    }
}
