<?php

declare(strict_types=1);

namespace OpenSlate;

use ReflectionClass;

/** For values whose properties are those of their constructor: the same value, with some of them other. */
trait Withers
{
    /** @param  mixed  ...$changes  the new values, by the names of the properties */
    private function with(mixed ...$changes): static
    {
        return (new ReflectionClass($this))->newInstanceArgs([...get_object_vars($this), ...$changes]);
    }
}
