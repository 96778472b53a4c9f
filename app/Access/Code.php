<?php

declare(strict_types=1);

namespace App\Access;

/** Codes that are read off a board and typed. */
final class Code
{
    /** Letters and digits that nobody confuses on a board: no I, L, O, 0 or 1. */
    private const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    public static function new(int $letters): string
    {
        $code = '';
        for ($n = 0; $n < $letters; $n++) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }

        return $code;
    }

    /** As it was meant, whatever spaces, dashes and small letters were typed. */
    public static function read(string $typed): string
    {
        return strtoupper((string) preg_replace('/[^a-z0-9]/i', '', $typed));
    }
}
