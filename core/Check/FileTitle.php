<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** What a worksheet is most likely called whose name is that of a file. */
final class FileTitle
{
    private const FILE = '/\.(?:pdf|docx?|odt|pptx?|odp|rtf|jpe?g|png|heic|tiff?)\s*$/iu';

    /** What cameras, scanners and copying give their files for names. */
    private const MACHINES = '/^(?:scan|img|image|dsc|document|untitled|copy of|new)[\s_-]*\(?\d*\)?$|_\w*_/iu';

    /** What is added to names by downloading twice, copying and keeping versions. */
    private const ADDED = '/^copy of\s+|\s*\(\d+\)$|\s*-?\s*copy$|\s+(?:final|v\d+|version \d+)$/iu';

    public static function isFile(string $title): bool
    {
        return preg_match(self::FILE, $title) === 1 || preg_match(self::MACHINES, trim($title)) === 1;
    }

    /** @return string|null null where a machine gave the name, and nothing of it says what the sheet is about */
    public static function mended(string $title): ?string
    {
        $words = (string) preg_replace(self::FILE, '', trim($title));
        $words = (string) preg_replace('/[_\s]+|(?<=\S)-(?=\S)|\.(?=\D)/u', ' ', $words);
        do {
            $before = $words;
            $words = trim((string) preg_replace(self::ADDED, '', $words));
        } while ($words !== $before);
        if (preg_match('/\p{L}{3}/u', $words) !== 1 || self::isFile($words) || self::isNumbered($words)) {
            return null;
        }

        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    /** "IMG 20260312 093012", "Scan 0004". */
    private static function isNumbered(string $words): bool
    {
        return preg_match('/^(?:scan|img|image|dsc\w?|document|photo|doc)\s[\d\s-]+$/iu', $words) === 1;
    }
}
