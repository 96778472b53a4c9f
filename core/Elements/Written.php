<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** An element with words in it, of a size in points. */
interface Written extends Element
{
    /** The same with words so many times as large, and what they are written on; within the sizes that there are. */
    public function enlarged(float $factor): static;
}
