<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Documents\DrawnPage;
use App\Documents\Source;
use OpenSlate\Blanks\Marks;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** A kind of file made up for the tests: "NOTES", and a line for each page. */
final class NotesSource implements Source
{
    public function takes(string $head): bool
    {
        return str_starts_with($head, "NOTES\n");
    }

    public function format(): string
    {
        return 'notes';
    }

    public function mediaType(): string
    {
        return 'text/x-notes';
    }

    public function check(string $path): void
    {
    }

    public function pages(string $path): array
    {
        return array_map(
            fn (int $at): SourcePage => new SourcePage($at + 1, Size::of(400, 300), 1.0),
            array_keys($this->lines($path)),
        ) ?: [new SourcePage(1, Size::of(400, 300), 1.0)];
    }

    public function draw(string $path, array $pages, string $folder): iterable
    {
        foreach ($pages as $page) {
            foreach (['page' => [800, 600], 'small' => [200, 150]] as $name => [$width, $height]) {
                $image = imagecreatetruecolor($width, $height);
                imagefill($image, 0, 0, (int) imagecolorallocate($image, 255, 255, 255));
                imagejpeg($image, "{$folder}/{$page->number}-{$name}.jpg");
            }
            yield new DrawnPage($page, "{$folder}/{$page->number}-page.jpg", "{$folder}/{$page->number}-small.jpg");
        }
    }

    public function texts(string $path, array $pages): array
    {
        return array_map(
            fn (SourcePage $page): PageText => new PageText($page->number, $page->size, [
                new TextLine(
                    $this->lines($path)[$page->number - 1],
                    Frame::of(20, 20, 300, 14),
                    $this->words($path, $pages, $page->number),
                ),
            ]),
            $pages,
        );
    }

    public function words(string $path, array $pages, int $number): array
    {
        return array_map(
            fn (string $word, int $at): Word => new Word($word, Frame::of(20 + 60 * $at, 20, 55, 14)),
            $all = explode(' ', $this->lines($path)[$number - 1]),
            array_keys($all),
        );
    }

    public function seen(string $path, array $pages, int $number, string $language, Marks $marks): array
    {
        return [];
    }

    public function marks(string $path, array $pages, array $numbers): array
    {
        return array_fill_keys($numbers, new Marks(Size::of(400, 300)));
    }

    public function links(string $path, array $texts): array
    {
        return [];
    }

    /** @return list<string> */
    private function lines(string $path): array
    {
        return array_slice(explode("\n", trim((string) file_get_contents($path))), 1);
    }
}
