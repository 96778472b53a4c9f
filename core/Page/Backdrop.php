<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use InvalidArgumentException;

/** The printed page under the elements: one page of a stored file, named by the file's SHA-256. */
final readonly class Backdrop
{
    private function __construct(public string $source, public int $page)
    {
    }

    /** @throws InvalidArgumentException */
    public static function of(string $source, int $page): self
    {
        if (preg_match('/^[0-9a-f]{64}$/D', $source) !== 1 || $page < 1) {
            throw new InvalidArgumentException('A backdrop is named by a SHA-256 and a page number from 1.');
        }

        return new self($source, $page);
    }
}
