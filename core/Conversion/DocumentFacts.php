<?php

declare(strict_types=1);

namespace OpenSlate\Conversion;

/** What a document says of itself, as far as pages that are made of it can be held against that. */
final readonly class DocumentFacts
{
    /**
     * @param  list<string>  $fonts  families that its words are set in
     * @param  int|null  $pages  as the program that wrote it counted; null where it does not say
     * @param  int  $changes  tracked changes
     * @param  int  $comments  how many
     * @param  int  $hiddenWords  words that are marked as not to be printed
     * @param  list<string>  $boxes  the words of each text box
     * @param  list<float>  $tooWide  by how many points tables reach beyond the paper
     * @param  int  $outside  pictures and parts that lie elsewhere, and were left out
     * @param  list<FormControl>  $controls  in the order of the document
     * @param  int  $hiddenSlides  slides that are not shown
     */
    public function __construct(
        public array $fonts = [],
        public ?int $pages = null,
        public int $changes = 0,
        public int $comments = 0,
        public int $hiddenWords = 0,
        public array $boxes = [],
        public array $tooWide = [],
        public int $outside = 0,
        public array $controls = [],
        public int $hiddenSlides = 0,
    ) {
    }
}
