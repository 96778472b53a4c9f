<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** Of a form of answer of which there can be only one in a place: of two, somebody has to choose. */
trait StandsAlone
{
    public function merged(string $was, string $theirs, string $mine): ?string
    {
        return null;
    }
}
