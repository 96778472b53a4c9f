<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;

/** Counts the pictures on the pages of a PDF. */
final class PageImages
{
    /**
     * @return array<int, int> pictures by page number; masks belong to their picture and are not counted
     *
     * @throws FileRefused
     */
    public function count(string $path, int $pages): array
    {
        $out = LimitedProcess::run(['pdfimages', '-list', $path])->getOutput();
        $counts = array_fill(1, $pages, 0);
        preg_match_all('/^\s*(\d+)\s+\d+\s+(image|stencil)\s/m', $out, $rows);
        foreach ($rows[1] as $page) {
            if (isset($counts[(int) $page])) {
                $counts[(int) $page]++;
            }
        }

        return $counts;
    }
}
