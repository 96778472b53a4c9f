<?php

declare(strict_types=1);

namespace OpenSlate\Json;

use DomainException;

/** A document that is not in the format it should be in; the message starts with the path to the bad value. */
final class InvalidJson extends DomainException
{
    private function __construct(public readonly string $path, public readonly string $problem)
    {
        parent::__construct("{$path}: {$problem}");
    }

    public static function at(string $path, string $problem): self
    {
        return new self($path, $problem);
    }
}
