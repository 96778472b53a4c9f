<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** A word or a punctuation mark of a text, with the space before it. */
final readonly class TextToken
{
    /** Words may have apostrophes and hyphens in them; a mark stands alone. */
    private const PATTERN = '/\G(\s*)([\p{L}\p{M}\p{N}]+(?:[\'’\-][\p{L}\p{M}\p{N}]+)*|.|$)/su';

    /** @param  int  $at  where it begins, after the space, in characters */
    private function __construct(public string $text, public string $space, public int $at, public bool $isWord)
    {
    }

    /** @return list<self> the last one, of no text, has the space at the end */
    public static function all(string $text): array
    {
        preg_match_all(self::PATTERN, $text, $matches, PREG_SET_ORDER);
        $tokens = [];
        $at = 0;
        foreach ($matches as [, $space, $word]) {
            $at += mb_strlen($space);
            $tokens[] = new self($word, $space, $at, preg_match('/^[\p{L}\p{N}]/u', $word) === 1);
            $at += mb_strlen($word);
            if ($word === '') {
                break;
            }
        }

        return $tokens;
    }

    public function end(): int
    {
        return $this->at + mb_strlen($this->text);
    }
}
