<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** Typed text: how it is kept, and when there is any. */
final class Words
{
    /**
     * One kind of line end, and no control characters; the words stay exactly as typed.
     *
     * @throws AnswerRefused
     */
    public static function tidy(string $text, int $longest): string
    {
        if (mb_strlen($text) > $longest) {
            throw AnswerRefused::tooLong($longest);
        }
        $text = str_replace(["\r\n", "\r"], "\n", $text);

        return preg_replace('/[\x00-\x08\x0B-\x1F\x7F]/u', '', $text) ?? '';
    }

    /** Spaces of any kind, and characters that show nothing, do not count. */
    public static function any(string $text): bool
    {
        return preg_match('/[^\s\p{Z}\p{C}]/u', $text) === 1;
    }

    /**
     * Right answers, trimmed, each once, none blank.
     *
     * @param  list<string>  $answers
     * @return list<string>
     *
     * @throws AnswerRefused
     */
    public static function key(array $answers, int $longest): array
    {
        $tidied = array_map(fn (string $answer): string => trim(self::tidy($answer, $longest)), $answers);

        return array_values(array_unique(array_filter($tidied, self::any(...))));
    }
}
