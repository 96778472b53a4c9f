<?php

declare(strict_types=1);

namespace OpenSlate\Page;

/** What a student may type into an answer box. */
enum AnswerForm: string
{
    case Short = 'short';
    case Lines = 'lines';

    /** The most characters an answer may have; far more than fits the box, so that nobody is cut off mid-sentence. */
    public function longest(): int
    {
        return match ($this) {
            self::Short => 300,
            self::Lines => 5000,
        };
    }
}
