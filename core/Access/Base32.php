<?php

declare(strict_types=1);

namespace OpenSlate\Access;

/** Bytes as letters and digits that can be typed: base 32 of RFC 4648, section 6, without padding. */
final class Base32
{
    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    public static function encode(string $bytes): string
    {
        $bits = '';
        foreach (str_split($bytes) as $byte) {
            $bits .= sprintf('%08b', ord($byte));
        }
        $text = '';
        foreach ($bytes === '' ? [] : str_split($bits, 5) as $five) {
            $text .= self::LETTERS[(int) bindec(str_pad($five, 5, '0'))];
        }

        return $text;
    }

    /** Small letters, spaces and padding are read, too; what is no letter of the alphabet is left out. */
    public static function decode(string $text): string
    {
        $bits = '';
        foreach (str_split(strtoupper($text)) as $letter) {
            $value = strpos(self::LETTERS, $letter);
            $bits .= $value === false ? '' : sprintf('%05b', $value);
        }
        $bytes = '';
        foreach (str_split($bits, 8) as $eight) {
            $bytes .= strlen($eight) === 8 ? chr((int) bindec($eight)) : '';
        }

        return $bytes;
    }
}
