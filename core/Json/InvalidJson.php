<?php

declare(strict_types=1);

namespace OpenSlate\Json;

use DomainException;
use OpenSlate\Refusal;
use Throwable;

/** A document that is not in the format it should be in; the message starts with the path to the bad value. */
final class InvalidJson extends DomainException implements Refusal
{
    private function __construct(public readonly string $path, public readonly string $problem, ?Throwable $cause)
    {
        parent::__construct("{$path}: {$problem}", 0, $cause);
    }

    /** @param  Throwable|string  $problem  what is wrong, or what has found it wrong */
    public static function at(string $path, Throwable|string $problem): self
    {
        return is_string($problem)
            ? new self($path, $problem, null)
            : new self($path, $problem->getMessage(), $problem);
    }
}
