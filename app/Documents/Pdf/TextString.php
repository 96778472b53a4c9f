<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

/** Text strings of a PDF (ISO 32000-1, 7.9.2.2), as qpdf writes them in JSON. */
final class TextString
{
    /** Where PDFDocEncoding differs from Latin 1 (ISO 32000-1, annex D.2; from memory). */
    private const OWN = [
        0x18 => '˘', 0x19 => 'ˇ', 0x1A => 'ˆ', 0x1B => '˙', 0x1C => '˝', 0x1D => '˛', 0x1E => '˚', 0x1F => '˜',
        0x80 => '•', 0x81 => '†', 0x82 => '‡', 0x83 => '…', 0x84 => '—', 0x85 => '–', 0x86 => 'ƒ', 0x87 => '⁄',
        0x88 => '‹', 0x89 => '›', 0x8A => '−', 0x8B => '‰', 0x8C => '„', 0x8D => '“', 0x8E => '”', 0x8F => '‘',
        0x90 => '’', 0x91 => '‚', 0x92 => '™', 0x93 => 'ﬁ', 0x94 => 'ﬂ', 0x95 => 'Ł', 0x96 => 'Œ', 0x97 => 'Š',
        0x98 => 'Ÿ', 0x99 => 'Ž', 0x9A => 'ı', 0x9B => 'ł', 0x9C => 'œ', 0x9D => 'š', 0x9E => 'ž', 0xA0 => '€',
    ];

    /** What it says; nothing where it is no text. */
    public static function read(mixed $value): string
    {
        return trim(match (true) {
            ! is_string($value) => '',
            str_starts_with($value, 'u:') => substr($value, 2),
            str_starts_with($value, 'b:') => self::decoded((string) @hex2bin(substr($value, 2))),
            default => '',
        });
    }

    private static function decoded(string $bytes): string
    {
        return match (true) {
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            str_starts_with($bytes, "\xEF\xBB\xBF") => mb_scrub(substr($bytes, 3)),
            default => implode('', array_map(
                fn (string $byte): string => self::OWN[ord($byte)] ?? mb_chr(ord($byte)),
                $bytes === '' ? [] : str_split($bytes),
            )),
        };
    }
}
