<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\Marks;
use OpenSlate\Packs\PackReading;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Text\PageText;

/** Reads what the pages of a file are for: by their words, and where these say too little, by the blanks on them. */
final class PackReader
{
    /** To look for blanks on more of them takes too long. */
    private const MOST_LOOKED_AT = 16;

    public function __construct(private Sources $sources)
    {
    }

    /**
     * @param  list<SourcePage>  $pages
     * @param  list<PageText>  $texts  one for each page
     */
    public function read(string $path, array $pages, array $texts): PackReading
    {
        $reading = PackReading::of($texts);

        return $reading->open() === []
            ? $reading
            : PackReading::of($this->looked($path, $pages, $texts, $reading->open()));
    }

    /**
     * @param  list<SourcePage>  $pages
     * @param  list<PageText>  $texts  one for each page
     * @param  list<int>  $open  the numbers of those of which the words say too little
     * @return list<PageText> with how many blanks are on them
     */
    public function looked(string $path, array $pages, array $texts, array $open): array
    {
        $some = array_slice($open, 0, self::MOST_LOOKED_AT);
        try {
            $marks = $some === [] ? [] : $this->sources->of($path)->marks($path, $pages, $some);
        } catch (FileRefused) {
            return $texts; // It takes too long; the words have said what they can.
        }
        $blanks = array_map(fn (Marks $one): int => count(BlankFinder::find($one)), $marks);

        return array_map(
            fn (PageText $text): PageText => isset($blanks[$text->number])
                ? $text->withBlanks($blanks[$text->number])
                : $text,
            $texts,
        );
    }
}
