<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use DomainException;
use OpenSlate\Refusal;

/** Questions that cannot be those of a page, with a sentence for the person who marked them. */
final class QuestionsRefused extends DomainException implements Refusal
{
    public static function tooMany(int $most): self
    {
        return new self("A page holds at most {$most} questions. Take some out first.");
    }

    public static function number(string $number): self
    {
        return new self(
            trim($number) === ''
                ? 'A question has no number. Type one, such as 3 or 3a.'
                : '“'.mb_strimwidth($number, 0, 20, '…').'” is no number of a question. Type letters and digits, such '.
                    'as 3, 3a, IV or B.',
        );
    }

    public static function offThePage(string $number): self
    {
        return new self("Question {$number} is off the page, or too small to be one.");
    }
}
