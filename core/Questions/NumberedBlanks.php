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
        foreach (self::numbers($questions) as $at => $number) {
            $blanks[$at] = self::isNamed($blanks[$at])
                ? $blanks[$at]->labelled(self::numbered($blanks[$at]->label, $number))
                : $blanks[$at];
        }

        return array_values($blanks);
    }

    /**
     * The same blanks after their questions were mended: what they were called by the questions that were found, they
     * are called by those that there are now.
     *
     * @param  array<int, Blank>  $blanks  as of() named them
     * @param  list<Question>  $found
     * @param  list<Question>  $now
     * @return array<int, Blank> by the same places
     */
    public static function anew(array $blanks, array $found, array $now): array
    {
        [$before, $after] = [self::numbers($found), self::numbers($now)];
        foreach ($blanks as $at => $blank) {
            // Choices and rooms are found after the questions, which do not list them.
            $was = $before[$at] ?? $found[MendedQuestions::smallest($found, $blank->frame) ?? -1]->number ?? '';
            $is = $after[$at] ?? '';
            if ($was !== $is && self::isNamed($blank)) {
                $rest = self::withoutNumber($blank->label, $was);
                $blanks[$at] = $blank->labelled($is === '' ? $rest : self::numbered($rest, $is));
            }
        }

        return $blanks;
    }

    /**
     * @param  list<Question>  $questions
     * @return array<int, string> by the places of the blanks
     */
    private static function numbers(array $questions): array
    {
        $numbers = [];
        foreach ($questions as $question) {
            foreach ($question->blanks as $at) {
                $numbers[$at] = $question->number;
            }
        }

        return $numbers;
    }

    private static function isNamed(Blank $blank): bool
    {
        return $blank->kind !== BlankKind::Tick && $blank->kind !== BlankKind::Field;
    }

    private static function withoutNumber(string $label, string $number): string
    {
        $mark = '/^\(?(?:q\.?\s?|question\s)?'.preg_quote($number, '/').'(?:[.):]+\s*|\s+|$)/iu';

        return $number === '' ? $label : (string) preg_replace($mark, '', $label);
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
