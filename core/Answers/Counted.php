<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use IntlBreakIterator;
use IntlRuleBasedBreakIterator;

/** What a limit counts, as Unicode text segmentation has it (UAX #29; ICU through PHP's intl). */
enum Counted: string
{
    case Characters = 'characters';
    case Words = 'words';
    case Sentences = 'sentences';

    /**
     * Pieces with something in them, parted by the end of a line, a semicolon or the end of a sentence (common
     * practice, no source).
     */
    case Details = 'details';

    private const LOCALE = 'en';

    public function count(string $text): int
    {
        return match ($this) {
            self::Characters => self::pieces(
                IntlBreakIterator::createCharacterInstance(self::LOCALE),
                trim($text),
                '/./su',
            ),
            self::Words => self::words($text),
            self::Sentences => self::sentences($text),
            self::Details => array_sum(array_map(self::sentences(...), preg_split('/[\n;]+/', $text) ?: [])),
        };
    }

    public function named(int $count): string
    {
        return $count === 1 ? substr($this->value, 0, -1) : $this->value;
    }

    private static function words(string $text): int
    {
        $breaks = IntlBreakIterator::createWordInstance(self::LOCALE);
        if (! $breaks instanceof IntlRuleBasedBreakIterator) {
            return 0;
        }
        $breaks->setText($text);
        $count = 0;
        while ($breaks->next() !== IntlBreakIterator::DONE) {
            // What is between two breaks is no word when it is spaces or punctuation.
            $count += (int) ($breaks->getRuleStatus() >= IntlBreakIterator::WORD_NONE_LIMIT);
        }

        return $count;
    }

    private static function sentences(string $text): int
    {
        return self::pieces(IntlBreakIterator::createSentenceInstance(self::LOCALE), $text, '/[\p{L}\p{N}]/u');
    }

    /** How many pieces have something like the pattern in them. */
    private static function pieces(?IntlBreakIterator $breaks, string $text, string $pattern): int
    {
        if ($breaks === null) {
            return 0;
        }
        $breaks->setText($text);
        $count = 0;
        foreach ($breaks->getPartsIterator() as $piece) {
            $count += (int) (is_string($piece) && preg_match($pattern, $piece) === 1);
        }

        return $count;
    }
}
