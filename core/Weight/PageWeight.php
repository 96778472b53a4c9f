<?php

declare(strict_types=1);

namespace OpenSlate\Weight;

/**
 * What a student's device loads for a page.
 *
 * A page that is drawn from print weighs some hundred kilobytes, a photo of a phone some megabytes; common practice, no
 * source. Each file is loaded once by each device, however often the page names it, and is kept once by the program,
 * however many copies there are.
 */
final readonly class PageWeight
{
    /** Bytes from which on a page is heavy. */
    public const HEAVY = 2_000_000;

    /** Devices of a class. */
    public const CLASS_OF = 30;

    /** @var list<WeighedFile> the heaviest first, each once */
    public array $files;

    /** @param  list<WeighedFile>  $files */
    public function __construct(array $files)
    {
        $once = [];
        foreach ($files as $file) {
            $once[$file->sha256] ??= $file;
        }
        usort($once, fn (WeighedFile $a, WeighedFile $b): int => $b->bytes <=> $a->bytes);
        $this->files = $once;
    }

    /** @return int bytes that are loaded to see the page */
    public function loaded(): int
    {
        return $this->sum(fn (WeighedFile $file): bool => $file->kind !== WeighedKind::Recording);
    }

    /** @return int bytes that are loaded when all of it is played */
    public function played(): int
    {
        return $this->sum(fn (WeighedFile $file): bool => $file->kind === WeighedKind::Recording);
    }

    public function isHeavy(): bool
    {
        return $this->loaded() >= self::HEAVY;
    }

    /** What weighs most of what is loaded to see it; null where nothing is. */
    public function heaviest(): ?WeighedFile
    {
        foreach ($this->files as $file) {
            if ($file->kind !== WeighedKind::Recording) {
                return $file;
            }
        }

        return null;
    }

    /** Of several pages, each file once. */
    public static function ofAll(self ...$pages): self
    {
        return new self(array_merge(...array_map(fn (self $page): array => $page->files, array_values($pages))));
    }

    /** @param  callable(WeighedFile): bool  $counts */
    private function sum(callable $counts): int
    {
        return array_sum(
            array_map(fn (WeighedFile $file): int => $file->bytes, array_filter($this->files, $counts)),
        );
    }
}
