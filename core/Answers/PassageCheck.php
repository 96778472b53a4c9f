<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** What was mended of a passage: which of the planted mistakes, which not, and what is wrong that was right before. */
final readonly class PassageCheck
{
    /**
     * @param  list<TextChange>  $made  from the supplied text to the right one
     * @param  list<TextChange>  $missed  likewise, also those that were mended wrongly
     * @param  list<TextChange>  $broken  from the right text to the student's
     */
    private function __construct(public array $made, public array $missed, public array $broken)
    {
    }

    public static function of(string $supplied, string $right, string $given): self
    {
        $left = TextDiff::between(self::spaced($right), self::spaced($given));
        $made = $missed = [];
        $touched = [];
        foreach (TextDiff::between(self::spaced($supplied), self::spaced($right)) as $planted) {
            $isMissed = false;
            foreach ($left as $at => $change) {
                if (self::meet($planted, $change)) {
                    $isMissed = true;
                    $touched[$at] = true;
                }
            }
            $isMissed ? ($missed[] = $planted) : ($made[] = $planted);
        }

        return new self($made, $missed, array_values(array_diff_key($left, $touched)));
    }

    /** "2 of 4 mended, missed: 1 comma, 1 capital; new: 1 of spelling". */
    public function words(): string
    {
        $words = count($this->made).' of '.(count($this->made) + count($this->missed)).' mended';
        $words .= $this->missed === [] ? '' : ', missed: '.self::byKind($this->missed);

        return $words.($this->broken === [] ? '' : '; new: '.self::byKind($this->broken));
    }

    /** How text is spaced is for nobody to mend, but for whether there is a space. */
    private static function spaced(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }

    /** Whether the place of the right text that one change leads to is one that the other starts from. */
    private static function meet(TextChange $planted, TextChange $left): bool
    {
        [$from, $to] = [$planted->after, $planted->after + mb_strlen($planted->to)];
        [$at, $end] = [$left->before, $left->before + mb_strlen($left->from)];

        return match (true) {
            // Left out by the key, and left in by the student: of a word that stands there twice either may be meant.
            $from === $to && $at === $end => abs($from - $at) <=
                1 + (trim($planted->from) === trim($left->to) ? mb_strlen($left->to) : 0),
            $from === $to => $at <= $from && $from <= $end,
            default => $at < $to && $end > $from,
        };
    }

    /** @param  list<TextChange>  $changes */
    private static function byKind(array $changes): string
    {
        $counts = array_count_values(array_map(fn (TextChange $change): string => $change->kind->value, $changes));
        $words = [];
        foreach ($counts as $kind => $count) {
            $words[] = MistakeKind::from($kind)->named($count);
        }

        return implode(', ', $words);
    }
}
