<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\ClassLists\ClassList;
use OpenSlate\ClassLists\ListRefused;
use ZipArchive;

/**
 * Reads a class list from a file or from what was pasted: text in any usual encoding, CSV (RFC 4180) with any usual
 * separator, or a OneRoster export (ZIP). Which it is, is told by what is in it.
 */
final class ClassListFile
{
    private const MOST_MEGABYTES = 5;

    private const SEPARATORS = ["\t", ';', ',', '|'];

    private const LINES_LOOKED_AT = 20;

    private const BYTES_LOOKED_AT = 400;

    /** @throws ListRefused */
    public static function read(string $path): ClassList
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw ListRefused::missing();
        }
        if (filesize($path) > self::MOST_MEGABYTES * 1024 * 1024) {
            throw ListRefused::tooLarge(self::MOST_MEGABYTES);
        }
        $bytes = (string) file_get_contents($path);

        return str_starts_with($bytes, "PK\x03\x04") ? self::oneRoster($path) : self::text($bytes);
    }

    /** @throws ListRefused */
    public static function text(string $bytes): ClassList
    {
        return ClassList::ofTable(self::table(self::decoded($bytes)));
    }

    /** @throws ListRefused */
    private static function oneRoster(string $path): ClassList
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw ListRefused::damaged();
        }
        try {
            $tables = [];
            foreach (['users', 'classes', 'enrollments', 'roles'] as $name) {
                $tables[$name] = self::rows($zip, "{$name}.csv");
            }
        } finally {
            $zip->close();
        }
        if ($tables['users'] === null || $tables['classes'] === null || $tables['enrollments'] === null) {
            throw ListRefused::noRoster();
        }

        return ClassList::ofOneRoster(
            $tables['users'],
            $tables['classes'],
            $tables['enrollments'],
            $tables['roles'] ?? [],
        );
    }

    /**
     * @return list<array<string, string>>|null by the names of the columns in small letters; null when it is not there
     *
     * @throws ListRefused
     */
    private static function rows(ZipArchive $zip, string $name): ?array
    {
        $at = $zip->locateName($name, ZipArchive::FL_NOCASE | ZipArchive::FL_NODIR);
        if ($at === false) {
            return null;
        }
        // What unpacks to more than a list ever has is not unpacked.
        $stat = $zip->statIndex($at);
        if ($stat === false || $stat['size'] > 4 * self::MOST_MEGABYTES * 1024 * 1024) {
            throw ListRefused::tooLarge(self::MOST_MEGABYTES);
        }
        $bytes = $zip->getFromIndex($at);
        if ($bytes === false) {
            throw ListRefused::damaged();
        }
        $rows = $bytes === '' ? [] : self::table(self::decoded($bytes));
        $heads = array_map(fn (string $head): string => strtolower(trim($head)), array_shift($rows) ?? []);

        return array_map(
            fn (array $row): array => array_combine(
                $heads,
                array_pad(array_slice($row, 0, count($heads)), count($heads), ''),
            ),
            $rows,
        );
    }

    /**
     * UTF-8 and UTF-16 by their marks or by what they look like, and else what Windows writes in the west of Europe.
     *
     * @throws ListRefused when it is no text
     */
    private static function decoded(string $bytes): string
    {
        $pairs = str_split(substr($bytes, 0, self::BYTES_LOOKED_AT), 2);
        // Of letters that most of Europe writes, one of the two bytes of UTF-16 is nothing.
        $isZeroAt = fn (int $byte): bool => count(
            array_filter($pairs, fn (string $pair): bool => ($pair[$byte] ?? '') === "\0"),
        ) > 0.6 * count($pairs);
        $text = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            $isZeroAt(1) => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16LE'),
            $isZeroAt(0) => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16BE'),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
        if (preg_match('/[\x00-\x08\x0E-\x1F]/', $text) === 1) {
            throw ListRefused::noText();
        }

        return $text;
    }

    /** @return list<list<string>> */
    private static function table(string $text): array
    {
        $text = preg_replace('/\r\n?/', "\n", $text) ?? $text;
        // Some spreadsheets say in a first line of its own what separates.
        if (preg_match('/^sep=(.)\n/i', $text, $said) === 1) {
            return self::parted(substr($text, strlen($said[0])), $said[1]);
        }

        return self::parted($text, self::separator($text));
    }

    /** The one that parts the most lines into as many fields as the others; none where nothing does. */
    private static function separator(string $text): ?string
    {
        $best = [0, null];
        foreach (self::SEPARATORS as $separator) {
            $rows = array_slice(self::parted($text, $separator, self::LINES_LOOKED_AT), 0, self::LINES_LOOKED_AT);
            $wide = array_filter(array_map(count(...), $rows), fn (int $count): bool => $count > 1);
            $counts = array_count_values($wide);
            $alike = $counts === [] ? 0 : max($counts);
            if ($alike > $best[0]) {
                $best = [$alike, $separator];
            }
        }

        return $best[1];
    }

    /** @return list<list<string>> */
    private static function parted(string $text, ?string $separator, int $most = PHP_INT_MAX): array
    {
        $rows = [];
        if ($separator === null) {
            foreach (explode("\n", $text) as $line) {
                $rows[] = [trim($line, " \t\"")];
            }

            return $rows;
        }
        $stream = fopen('php://temp', 'r+');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        while (count($rows) < $most && ($row = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $rows[] = array_map(fn (?string $field): string => $field ?? '', $row);
        }
        fclose($stream);

        return $rows;
    }
}
