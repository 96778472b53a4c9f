<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;

/**
 * Says at each blank to which question it belongs, where what stands beside it does not say so: "2 Mon, Boxes" in a
 * table of the second question, "3b When is it less?" for its part "(b)". What is to be ticked, and the fields of a
 * form, have names of their own.
 */
final class NumberedBlanks
{
    private const LONGEST = 120;

    /** A number or a letter that a label begins with. */
    private const MARK = '/^\(?(?:q\.?\s?|question\s)?(\d{1,3}\.?\(?[a-h]?|[a-z]|[ivx]{1,6})(?:[.):]+\s*|\s+|$)/iu';

    /**
     * @param  list<Blank>  $blanks
     * @param  list<Question>  $questions  of the same page, those of which others are parts before these
     * @return list<Blank>
     */
    public static function of(array $blanks, array $questions): array
    {
        $numbers = [];
        foreach ($questions as $question) {
            foreach ($question->blanks as $at) {
                $numbers[$at] = $question->number;
            }
        }
        foreach ($numbers as $at => $number) {
            $blank = $blanks[$at];
            if ($blank->kind !== BlankKind::Tick && $blank->kind !== BlankKind::Field) {
                $blanks[$at] = $blank->labelled(self::numbered($blank->label, $number));
            }
        }

        return array_values($blanks);
    }

    private static function numbered(string $label, string $number): string
    {
        $mark =
            preg_match(self::MARK, $label, $match) === 1
                ? (string) preg_replace('/[^a-z\d]/', '', mb_strtolower($match[1]))
                : null;
        $whole = mb_strtolower($number);
        if ($mark === $whole) {
            return $label;
        }
        // "(b)" of a question that has parts; a word of one letter is no mark.
        $isPart = $mark !== null && $mark !== 'a' && str_ends_with($whole, $mark) && ! ctype_digit($mark);
        $isFirst = $mark === 'a' && str_ends_with($whole, 'a') && preg_match('/^\(?a[.):]/i', $label) === 1;
        $rest = $isPart || $isFirst ? mb_substr($label, mb_strlen($match[0])) : $label;

        return mb_strimwidth(trim("{$number} {$rest}"), 0, self::LONGEST, '…');
    }
}
