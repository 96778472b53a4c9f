<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

/**
 * How places to be filled in are followed through the office program: each is made a link, whose place on the pages
 * the PDF then tells. See PdfForm.
 */
final class FieldMark
{
    /** Names under "invalid" lead nowhere (RFC 6761, 6.4). */
    private const ADDRESS = 'http://field.invalid/';

    /** A place is at least so many spaces wide, and at most: what cannot break has to fit on a line. */
    private const FEWEST = 14;

    private const MOST = 36;

    public static function address(int $number): string
    {
        return self::ADDRESS.$number;
    }

    public static function number(string $address): ?int
    {
        return preg_match('#^'.preg_quote(self::ADDRESS, '#').'(\d{1,6})$#D', $address, $match) === 1
            ? (int) $match[1]
            : null;
    }

    /** Room for what is to be written, in place of words that only ask for it. */
    public static function room(string $words): string
    {
        return str_repeat("\u{A0}", max(self::FEWEST, min(self::MOST, mb_strlen($words))));
    }
}
