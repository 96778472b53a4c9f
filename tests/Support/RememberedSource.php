<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Documents\DrawnPage;
use App\Documents\Pdf\PdfSource;
use App\Documents\Source;
use Closure;
use OpenSlate\Blanks\Marks;

/** Reads PDFs as the program does, and remembers what it saw by what is in the file. */
final class RememberedSource implements Source
{
    /** @var array<string, mixed> */
    private static array $seen = [];

    public function __construct(private PdfSource $source)
    {
    }

    public function takes(string $head): bool
    {
        return $this->source->takes($head);
    }

    public function format(): string
    {
        return $this->source->format();
    }

    public function mediaType(): string
    {
        return $this->source->mediaType();
    }

    public function check(string $path): void
    {
        $this->source->check($path);
    }

    public function pages(string $path): array
    {
        return $this->once($path, 'pages', fn (): array => $this->source->pages($path));
    }

    public function draw(string $path, array $pages, string $folder): iterable
    {
        $drawn = $this->once($path, 'draw'.serialize($pages), function () use ($path, $pages, $folder): array {
            $pictures = [];
            foreach ($this->source->draw($path, $pages, $folder) as $page) {
                $pictures[] = [$page->page, file_get_contents($page->image), file_get_contents($page->thumbnail)];
            }

            return $pictures;
        });
        foreach ($drawn as [$page, $image, $thumbnail]) {
            file_put_contents("{$folder}/{$page->number}-image.jpg", $image);
            file_put_contents("{$folder}/{$page->number}-thumbnail.jpg", $thumbnail);
            yield new DrawnPage(
                $page,
                "{$folder}/{$page->number}-image.jpg",
                "{$folder}/{$page->number}-thumbnail.jpg",
            );
        }
    }

    public function texts(string $path, array $pages): array
    {
        return $this->once($path, 'texts', fn (): array => $this->source->texts($path, $pages));
    }

    public function words(string $path, array $pages, int $number): array
    {
        return $this->once($path, "words {$number}", fn (): array => $this->source->words($path, $pages, $number));
    }

    public function seen(string $path, array $pages, int $number, string $language, Marks $marks): array
    {
        return $this->once(
            $path,
            "seen {$number} {$language}",
            fn (): array => $this->source->seen($path, $pages, $number, $language, $marks),
        );
    }

    public function marks(string $path, array $pages, array $numbers): array
    {
        return $this->once(
            $path,
            'marks'.implode(',', $numbers),
            fn (): array => $this->source->marks($path, $pages, $numbers),
        );
    }

    public function links(string $path, array $texts): array
    {
        return $this->once($path, 'links', fn (): array => $this->source->links($path, $texts));
    }

    /**
     * @template Seen
     *
     * @param  Closure(): Seen  $look
     * @return Seen
     */
    private function once(string $path, string $what, Closure $look): mixed
    {
        return self::$seen[hash_file('sha256', $path)."\0".$what] ??= $look();
    }
}
