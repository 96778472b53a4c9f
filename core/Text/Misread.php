<?php

declare(strict_types=1);

namespace OpenSlate\Text;

/** What readers of print take for each other in the numbers before questions, set right where only one can be meant. */
final class Misread
{
    /**
     * A number or a letter that stands alone, behind which nothing can go on after a comma; what is behind its bracket
     * is the beginning of a row of dots or of a line, and behind a dash the word that it numbers.
     */
    public static function alone(string $word): string
    {
        $number = '\(?(?:\d{1,3}|[A-Za-z])[a-h]?';

        return preg_replace(
            ["/^({$number})[,;:]$/u", "/^({$number}[.)])[.,·_]+$/u", '/^(\d{1,2})[–—]\p{L}+$/u'],
            ['$1.', '$1', '$1'],
            $word,
        ) ?? $word;
    }
}
