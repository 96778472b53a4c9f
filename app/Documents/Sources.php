<?php

declare(strict_types=1);

namespace App\Documents;

/** The kinds of files that can be brought in: those whose pages are used as they are, and those that are converted. */
final class Sources
{
    /**
     * Readers accept a PDF whose header stands anywhere in so many bytes (ISO 32000-1, annex H.3); others need less.
     */
    private const HEAD = 1024;

    /**
     * @param  list<Source>  $sources
     * @param  list<Conversion>  $conversions
     */
    public function __construct(private array $sources, private array $conversions)
    {
    }

    /**
     * The kind of a file, by what is in it. Here no more is looked at than its size, its signature, and what can be
     * told in a moment.
     *
     * @throws FileRefused when it is of none, or cannot be used at first sight
     */
    public function kindOf(string $path): FileKind
    {
        $head = $this->head($path);
        $kind = $this->source($head) ?? $this->converted($path, $head)[1] ?? throw FileRefused::notPdf();
        $kind->check($path);

        return $kind;
    }

    /**
     * Who reads a file whose pages are used as they are.
     *
     * @throws FileRefused when it is none, or cannot be used at first sight
     */
    public function of(string $path): Source
    {
        $source = $this->source($this->head($path)) ?? throw FileRefused::notPdf();
        $source->check($path);

        return $source;
    }

    /**
     * Who makes a PDF of a file; null where its pages are used as they are.
     *
     * @throws FileRefused when it cannot be used at first sight
     */
    public function conversionOf(string $path): ?Conversion
    {
        $head = $this->head($path);

        return $this->source($head) === null ? $this->converted($path, $head)[0] : null;
    }

    private function source(string $head): ?Source
    {
        foreach ($this->sources as $source) {
            if ($source->takes($head)) {
                return $source;
            }
        }

        return null;
    }

    /** @return array{Conversion|null, FileKind|null} who converts it, and what it is */
    private function converted(string $path, string $head): array
    {
        foreach ($this->conversions as $conversion) {
            $kind = $conversion->kindOf($path, $head);
            if ($kind !== null) {
                return [$conversion, $kind];
            }
        }

        return [null, null];
    }

    /** @throws FileRefused */
    private function head(string $path): string
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

        return (string) file_get_contents($path, length: self::HEAD);
    }
}
