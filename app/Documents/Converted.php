<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Conversion\DocumentFacts;

/** The PDF that was made of a file. */
final readonly class Converted
{
    /**
     * @param  string  $path  where the PDF is
     * @param  DocumentFacts  $facts  what the file says of itself
     * @param  array<string, string>  $standIns  by the family of the document: what is used where that is not here
     * @param  list<string>  $fonts  names of the fonts in the PDF
     */
    public function __construct(
        public string $path,
        public DocumentFacts $facts,
        public array $standIns,
        public array $fonts,
    ) {
    }
}
