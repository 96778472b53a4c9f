<?php

declare(strict_types=1);

namespace OpenSlate\ClassLists;

/** A name in one field, parted: "Nia Penrose", "Penrose, Nia", "Nia van der Berg", "2. Nia Penrose". */
final readonly class PersonName
{
    /** Words with which a family name may begin, in small letters. */
    private const PARTICLES = [
        'af', 'al', 'av', 'ap', 'bin', 'bint', 'da', 'das', 'de', 'del', 'della', 'den', 'der', 'di', 'do', 'dos', 'du',
        'el', 'ibn', 'la', 'le', 'lo', 'op', 'san', 'st', 'st.', 'ten', 'ter', 'van', 'vom', 'von', 'zu', 'zum', 'zur',
    ];

    private function __construct(public string $first, public string $last)
    {
    }

    public static function parse(string $name): self
    {
        $name = self::unnumbered($name);
        if (preg_match('/^([^,]+),\s*([^,]+)$/u', $name, $parts) === 1) {
            return new self(trim($parts[2]), trim($parts[1]));
        }
        $words = explode(' ', $name);
        $at = count($words) - 1;
        // "van der Berg" is one name; a particle that is the first word is somebody's first name.
        while ($at > 1 && in_array(mb_strtolower($words[$at - 1]), self::PARTICLES, true)) {
            $at--;
        }

        return $at < 1
            ? new self($name, '')
            : new self(implode(' ', array_slice($words, 0, $at)), implode(' ', array_slice($words, $at)));
    }

    public static function of(string $first, string $last): self
    {
        return new self(self::unnumbered($first), self::unnumbered($last));
    }

    /** With single spaces of the usual kind, and nothing that cannot be seen. */
    public static function tidy(string $text): string
    {
        $seen = (string) preg_replace('/[\p{Cc}\p{Cf}](?<!\s)/u', '', $text);

        return trim((string) preg_replace('/[\p{Z}\s]+/u', ' ', $seen));
    }

    /** Without what numbers a list: "2. Nia", "- Nia". */
    private static function unnumbered(string $text): string
    {
        return (string) preg_replace('/^(?:\(?\d{1,3}[.):]\s*|[-*•–]\s+)/u', '', self::tidy($text));
    }
}
