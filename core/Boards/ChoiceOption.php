<?php

declare(strict_types=1);

namespace OpenSlate\Boards;

/** Something a student may choose: a name, one line about it, and the pages that belong to it. */
final readonly class ChoiceOption
{
    public const LONGEST_NAME = 60;

    public const LONGEST_LINE = 120;

    /**
     * @param  list<int>  $pages  ids, in order; all of one worksheet
     * @param  int|null  $of  the id of that worksheet; null is the one that the board is made from
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $line,
        public array $pages,
        public ?int $of = null,
    ) {
    }
}
