<?php

declare(strict_types=1);

namespace App\Documents;

use Closure;
use OpenSlate\Conversion\LayoutFinding;
use OpenSlate\Scan\ScannedPicture;
use OpenSlate\Text\PageText;

/** The PDF that was made of a file. */
final readonly class Converted
{
    /**
     * @param  string  $path  where the PDF is
     * @param  list<ScannedPicture>  $pictures  that it was made of, where it was
     * @param  list<string>  $shown  where the JPEGs are that show these, to be kept under their SHA-256
     * @param  Closure(list<PageText>): list<LayoutFinding>|null  $check  of what is on its pages: what may look
     *                                                             otherwise than in the file
     */
    public function __construct(
        public string $path,
        public array $pictures = [],
        public array $shown = [],
        private ?Closure $check = null,
    ) {
    }

    /**
     * @param  list<PageText>  $pages  what is on the pages that were made
     * @return list<LayoutFinding>
     */
    public function findings(array $pages): array
    {
        return $this->check === null ? [] : ($this->check)($pages);
    }
}
