<?php

declare(strict_types=1);

namespace App\Exports;

/** Names that every system takes for files, each once in its archive. */
final class FileNames
{
    private const LONGEST = 80;

    /** @var array<string, int> how often each was wanted */
    private array $taken = [];

    public function of(string $wanted): string
    {
        $name = trim((string) preg_replace('/[\p{C}\/\\\\:*?"<>|]+/u', ' ', $wanted), ' .');
        $name = mb_substr($name === '' ? 'Copy' : $name, 0, self::LONGEST);
        $times = $this->taken[mb_strtolower($name)] = ($this->taken[mb_strtolower($name)] ?? 0) + 1;

        return $times === 1 ? $name : "{$name} ({$times})";
    }
}
