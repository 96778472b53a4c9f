<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\PrintReader;
use App\Documents\Source;
use OpenSlate\Blanks\Marks;

/** PDF (ISO 32000-1), read with poppler and qpdf. */
final class PdfSource implements Source
{
    public function __construct(
        private PdfReader $reader,
        private PageRenderer $renderer,
        private PageTexts $texts,
        private PageMarks $marks,
        private PageLinks $links,
        private PrintReader $print,
    ) {
    }

    public function takes(string $head): bool
    {
        // A ZIP may have one in it that is packed as it is.
        return str_contains($head, '%PDF-') && ! str_starts_with($head, "PK\x03\x04");
    }

    public function format(): string
    {
        return 'pdf';
    }

    public function mediaType(): string
    {
        return 'application/pdf';
    }

    public function check(string $path): void
    {
        $this->reader->check($path);
    }

    public function pages(string $path): array
    {
        return $this->reader->pages($path);
    }

    public function draw(string $path, array $pages, string $folder): iterable
    {
        return $this->renderer->draw($path, $pages, $folder);
    }

    public function texts(string $path, array $pages): array
    {
        return $this->texts->read($path, $pages);
    }

    public function words(string $path, array $pages, int $number): array
    {
        return $this->texts->wordsOf($path, $pages, $number);
    }

    public function seen(string $path, array $pages, int $number, string $language, Marks $marks): array
    {
        $page = $pages[$number - 1];
        $text = $this->texts->some($path, $pages, [$number])[$number - 1];

        return $this->marks->isPicture($path, $page, $text)
            ? $this->print->read($path, $page, $language, $marks)
            : [];
    }

    public function marks(string $path, array $pages, array $numbers): array
    {
        return $this->marks->read($path, $pages, $this->texts->some($path, $pages, $numbers), $numbers);
    }

    public function links(string $path, array $texts): array
    {
        return $this->links->read($path, $texts);
    }
}
