<?php

declare(strict_types=1);

namespace App\Documents;

/** Counts the words and the pictures on the pages of a PDF. */
final class PageCounts
{
    /**
     * @return array<int, int> words by page number
     *
     * @throws FileRefused
     */
    public function words(string $path, int $pages): array
    {
        $out = LimitedProcess::run(['pdftotext', '-bbox', '-cropbox', $path, '-'])->getOutput();
        $counts = array_fill(1, $pages, 0);
        foreach (array_slice(explode('<page ', $out), 1) as $index => $page) {
            if (isset($counts[$index + 1])) {
                $counts[$index + 1] = substr_count($page, '<word ');
            }
        }

        return $counts;
    }

    /**
     * @return array<int, int> pictures by page number; masks belong to their picture and are not counted
     *
     * @throws FileRefused
     */
    public function images(string $path, int $pages): array
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
