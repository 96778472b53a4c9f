<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;

/** The names of the fonts that a PDF uses. */
final class PdfFonts
{
    /**
     * @return list<string> PostScript names, those of subsets with their prefix (ISO 32000-1, 9.6.4)
     *
     * @throws FileRefused
     */
    public function of(string $path): array
    {
        $lines = array_slice(explode("\n", LimitedProcess::run(['pdffonts', $path])->getOutput()), 2);

        return array_values(array_unique(array_filter(
            array_map(fn (string $line): string => (string) strtok(trim($line), ' '), $lines),
            fn (string $name): bool => $name !== '',
        )));
    }
}
