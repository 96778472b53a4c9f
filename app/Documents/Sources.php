<?php

declare(strict_types=1);

namespace App\Documents;

/** The kinds of files that can be brought in. */
final class Sources
{
    /**
     * Readers accept a PDF whose header stands anywhere in so many bytes (ISO 32000-1, annex H.3); others need less.
     */
    private const HEAD = 1024;

    /** @var array<array-key, Source> */
    private array $kinds;

    public function __construct(Source ...$kinds)
    {
        $this->kinds = $kinds;
    }

    /**
     * The kind of a file, by what is in it. Here no more is looked at than its size and its signature.
     *
     * @throws FileRefused when it is of none, or cannot be used at first sight
     */
    public function of(string $path): Source
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw FileRefused::missing();
        }
        $bytes = (int) filesize($path);
        $most = (int) config('slate.files.most_bytes');
        if ($bytes === 0) {
            throw FileRefused::empty();
        }
        if ($bytes > $most) {
            throw FileRefused::tooLarge($bytes, $most);
        }
        $head = (string) file_get_contents($path, length: self::HEAD);
        foreach ($this->kinds as $kind) {
            if ($kind->takes($head)) {
                $kind->check($path);

                return $kind;
            }
        }
        throw FileRefused::notPdf();
    }
}
