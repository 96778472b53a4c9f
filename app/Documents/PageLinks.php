<?php

declare(strict_types=1);

namespace App\Documents;

use Normalizer;

/** Reads the links to the web on the pages of a PDF: their words and where they lead. */
final class PageLinks
{
    private const MOST_ON_A_PAGE = 200;

    /**
     * @return array<int, list<array{words: string, target: string}>> by page number, in the order of reading
     *
     * @throws FileRefused
     */
    public function read(string $path, int $pages): array
    {
        $out = mb_scrub(LimitedProcess::run(['pdftohtml', '-xml', '-i', '-q', '-stdout', $path])->getOutput());
        $links = array_fill(1, $pages, []);
        $number = 0;
        foreach (array_slice(explode('<page ', $out), 1) as $page) {
            $number++;
            preg_match_all('~<a href="((?:https?|mailto):[^"]*)">(.*?)</a>~su', $page, $found, PREG_SET_ORDER);
            foreach ($found as [, $target, $words]) {
                $words = $this->plain(strip_tags($words));
                // The full stop after a link touches it, and is then taken in as a piece of its own.
                if (isset($links[$number]) && preg_match('/[\p{L}\p{N}]/u', $words) === 1) {
                    $links[$number] = $this->with($links[$number], $this->plain($target), $words);
                }
            }
        }

        return $links;
    }

    /**
     * A link that runs over two lines comes in two pieces; they are one.
     *
     * @param  list<array{words: string, target: string}>  $links
     * @return list<array{words: string, target: string}>
     */
    private function with(array $links, string $target, string $words): array
    {
        $last = array_pop($links);
        if ($last !== null && $last['target'] === $target) {
            return [...$links, ['words' => trim("{$last['words']} {$words}"), 'target' => $target]];
        }
        if ($last !== null) {
            $links[] = $last;
        }

        return count($links) < self::MOST_ON_A_PAGE ? [...$links, ['words' => $words, 'target' => $target]] : $links;
    }

    private function plain(string $html): string
    {
        $text = html_entity_decode($html, ENT_QUOTES | ENT_HTML5, 'UTF-8');

        // Printed ligatures are letters again.
        return trim((string) (Normalizer::normalize($text, Normalizer::FORM_KC) ?: $text));
    }
}
