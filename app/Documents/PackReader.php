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
        return PackReading::of($texts, fn (array $open): array => $this->blanks($path, $pages, $open));
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
