<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

/** A stretch of student pages that belong together. */
final readonly class Section
{
    /**
     * @param  int  $index  the number in its label, or its place among untold sections
     * @param  int  $from  first page, from 1
     * @param  int  $to  last page; pages between that are not for students do not belong to it
     */
    public function __construct(public string $label, public int $index, public int $from, public int $to)
    {
    }

    public function until(int $page): self
    {
        return new self($this->label, $this->index, $this->from, $page);
    }
}
