<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\Numeral;

/** A heading's label with its number: "Day 3", "LESSON IV", "Task Card #12", "Cards 5–8", "Source B". */
final readonly class SectionLabel
{
    private const KINDS =
        'day|week|lesson|activity|task ?card|card|station|unit|chapter|part|section|session|exercise|worksheet|'.
        'module|challenge|mission|task|investigation|experiment|workshop|stage|level|round|puzzle|problem set|set|'.
        'test|quiz|centre|center|rotation|story|passage|text|topic|sheet';

    /** What a label counts within its number, behind it. */
    private const WITHIN = '/^\s*[,;:·|–—-]?\s*'.
        '((?:mon|tues|wednes|thurs|fri|satur|sun)day|(?:day|lesson|session)\s+\d{1,2})\b/iu';

    /**
     * @param  string  $kind  in small letters, singular
     * @param  int  $to  the last number, where one label names several
     * @param  bool  $lettered  whether it counts in letters: A is 1
     * @param  bool  $roman  whether it is printed in Roman numerals
     * @param  string  $within  what it counts within the number: the Tuesday of a week
     */
    private function __construct(
        public string $kind,
        public int $number,
        public int $to,
        public bool $lettered = false,
        public bool $roman = false,
        public string $within = '',
    ) {
    }

    /** Whether a line is but the word of a label, whose number stands elsewhere. */
    public static function isKind(string $line): bool
    {
        return preg_match('/^\W*(?:'.self::KINDS.')\W*$/iu', trim($line)) === 1;
    }

    /** The label that a line starts with, or null. Nothing else may come before it. */
    public static function in(string $line): ?self
    {
        $pattern =
            '/^[^\p{L}\p{N}]*('.
            self::KINDS.
            ')s?\s*(?:no\.?|number|nr\.?|#|№)?\s*[:.\-–—]?\s*('.
            Numeral::PATTERN.
            ')(?:\s*(?:-|–|—|to|and|&)\s*('.
            Numeral::PATTERN.
            '))?(?![\p{L}\p{N}]|-\p{L})(?!\s*(?:of|\/)\s*\d)(.*)$/iu';
        if (preg_match($pattern, trim($line), $match) !== 1) {
            return null;
        }
        $number = Numeral::value($match[2]);
        $to = $match[3] === '' ? $number : Numeral::value($match[3]);
        // "Part I think is best": a roman numeral that goes on in small letters was a word.
        if (
            $number === null ||
            $to === null ||
            (preg_match('/^[iI]$/', $match[2]) === 1 && preg_match('/^\s+\p{Ll}/u', $match[4]) === 1)
        ) {
            return null;
        }

        return new self(
            kind: str_replace('taskcard', 'task card', mb_strtolower($match[1])),
            number: $number,
            to: max($number, $to),
            roman: self::isRoman($match[2]),
            within: preg_match(self::WITHIN, $match[4], $second) === 1 ? self::capital($second[1]) : '',
        );
    }

    /**
     * A label of any words, if the line is nothing else, or goes on after a colon or a dash ("Workout 3: Legs") or in
     * capitals ("List 2 Quiz").
     *
     * Whether it is one is for the pack to show: see PackLabels.
     */
    public static function ofAnyKind(string $line): ?self
    {
        $pattern =
            '/^[^\p{L}\p{N}]*(\p{L}{3,}(?:[ ]\p{L}{2,}){0,2})(?:\s+(?:no\.?|number)\s*|\s*[#№]\s*|\s+)(?:('.
            Numeral::PATTERN.
            ')|([A-H]))(?:\s*[:.\-–—(]\s*\S.*|(?:\s+\p{Lu}[\p{L}’\']*){0,3}\W*(?:continued|cont\.?)?\W*)$/u';
        if (preg_match($pattern, trim($line), $match) !== 1) {
            return null;
        }
        $lettered = ($match[3] ?? '') !== '';
        $number = $lettered ? ord($match[3]) - ord('A') + 1 : Numeral::value($match[2] ?? '');

        return $number === null
            ? null
            : new self(mb_strtolower($match[1]), $number, $number, $lettered, self::isRoman($match[2] ?? ''));
    }

    /** The labels of one kind that a page has become one: "Cards 1–4". */
    public function through(self $last): self
    {
        return new self(
            $this->kind,
            min($this->number, $last->number),
            max($this->to, $last->to),
            $this->lettered,
            $this->roman,
            $this->within === $last->within ? $this->within : '',
        );
    }

    public function words(): string
    {
        $kind = self::capital($this->kind);
        $said = fn (int $number): string => match (true) {
            $this->lettered => chr(ord('A') + $number - 1),
            $this->roman => Numeral::roman($number),
            default => (string) $number,
        };
        $within = $this->within === '' ? '' : ", {$this->within}";

        return $this->number === $this->to
            ? "{$kind} {$said($this->number)}{$within}"
            : "{$kind}s {$said($this->number)}–{$said($this->to)}{$within}";
    }

    private static function isRoman(string $numeral): bool
    {
        return preg_match('/^[IVX]+$/', trim($numeral)) === 1;
    }

    private static function capital(string $words): string
    {
        return mb_strtoupper(mb_substr($words, 0, 1)).mb_strtolower(mb_substr($words, 1));
    }
}
