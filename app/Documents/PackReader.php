<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Packs\PackReading;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Questions\Room;
use OpenSlate\Text\PageText;

/** Reads what the pages of a file are for: by their words, and where these say too little, by the blanks on them. */
final class PackReader
{
    /** To look for blanks on more of them takes too long. */
    private const MOST_LOOKED_AT = 40;

    public function __construct(private Sources $sources)
    {
    }

    /**
     * @param  list<SourcePage>  $pages
     * @param  list<PageText>  $texts  one for each page
     */
    public function read(string $path, array $pages, array $texts): PackReading
    {
        $reading = $this->reading($path, $pages, $texts);
        if ($reading->same === [] || ! $this->isScan($path, $pages, $reading->same)) {
            return $reading;
        }

        $seen = array_map(fn (PageText $text): PageText => $text->withRead($text->lines), $texts);

        return $this->reading($path, $pages, $seen);
    }

    /**
     * @param  list<SourcePage>  $pages
     * @param  list<PageText>  $texts
     */
    private function reading(string $path, array $pages, array $texts): PackReading
    {
        return PackReading::of($texts, fn (array $open): array => $this->blanks($path, $pages, $open));
    }

    /**
     * Whether somebody has scanned the file and had its words read already: those that one sees are of a picture.
     *
     * @param  list<SourcePage>  $pages
     * @param  non-empty-list<int>  $same  pages of which it matters; one file is made in one way
     */
    private function isScan(string $path, array $pages, array $same): bool
    {
        try {
            $marks = $this->sources->of($path)->marks($path, $pages, [$same[0]]);
        } catch (FileRefused) {
            return false;
        }

        return $marks[$same[0]]->seen;
    }

    /**
     * @param  list<SourcePage>  $pages
     * @param  non-empty-list<int>  $open
     * @return array<int, int> how many places to write are on the first of the open pages, by their numbers
     */
    public function blanks(string $path, array $pages, array $open): array
    {
        try {
            $marks = $this->sources->of($path)->marks($path, $pages, array_slice($open, 0, self::MOST_LOOKED_AT));
        } catch (FileRefused) {
            return []; // It takes too long; the words have said what they can.
        }

        return array_map(Room::on(...), $marks);
    }
}
