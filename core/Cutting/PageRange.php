<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

/** Page numbers as people type them in any print dialog: "1-5, 8, 11-". Order is kept. */
final class PageRange
{
    /**
     * @param  int  $count  how many pages there are
     * @return non-empty-list<int> page numbers from 1
     *
     * @throws UnusableRange naming the piece that makes no sense
     */
    public static function parse(string $text, int $count): array
    {
        $pages = [];
        $pieces = array_map(trim(...), preg_split('/[,;]/', $text) ?: []);
        if (implode('', $pieces) === '') {
            throw UnusableRange::nothing();
        }
        foreach ($pieces as $piece) {
            if ($piece === '') {
                continue;
            }
            foreach (self::piece($piece, $count) as $page) {
                if (isset($pages[$page])) {
                    throw UnusableRange::twice($piece, $page);
                }
                $pages[$page] = $page;
            }
        }

        return array_values($pages) ?: throw UnusableRange::nothing();
    }

    /**
     * The shortest way to write page numbers, with en dashes: "1–5, 8".
     *
     * @param  list<int>  $pages
     */
    public static function format(array $pages): string
    {
        $runs = [];
        foreach ($pages as $page) {
            $last = array_key_last($runs);
            if ($last !== null && $runs[$last][1] === $page - 1) {
                $runs[$last][1] = $page;
            } else {
                $runs[] = [$page, $page];
            }
        }

        return implode(
            ', ',
            array_map(
                fn (array $run): string => match ($run[1] - $run[0]) {
                    0 => "{$run[0]}",
                    1 => "{$run[0]}, {$run[1]}",
                    default => "{$run[0]}–{$run[1]}",
                },
                $runs,
            ),
        );
    }

    /** @return list<int> */
    private static function piece(string $piece, int $count): array
    {
        if (preg_match('/^(\d{0,6})\s*(?:(-|–|—|to)\s*(\d{0,6}))?$/u', $piece, $part) !== 1) {
            throw UnusableRange::senseless($piece);
        }
        $open = isset($part[2]);
        $to = $part[3] ?? '';
        if ($part[1] === '' && $to === '') {
            throw UnusableRange::senseless($piece);
        }
        $from = $part[1] === '' ? 1 : (int) $part[1];
        $to = $to === '' ? ($open ? $count : $from) : (int) $to;
        if ($from < 1 || $to < 1) {
            throw UnusableRange::beforeFirst($piece);
        }
        if (max($from, $to) > $count) {
            throw UnusableRange::pastEnd($piece, $count);
        }
        if ($from > $to) {
            throw UnusableRange::backwards($piece);
        }

        return range($from, $to);
    }
}
