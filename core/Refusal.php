<?php

declare(strict_types=1);

namespace OpenSlate;

use Throwable;

/**
 * Something that the rules do not allow, with a sentence that says what, and where it helps what to do instead.
 *
 * Nothing has been changed where one is thrown. Whoever turns one into another keeps it as its cause.
 */
interface Refusal extends Throwable
{
}
