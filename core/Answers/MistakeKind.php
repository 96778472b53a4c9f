<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** What kind of mistake a change of a passage mends. */
enum MistakeKind: string
{
    case Capital = 'capital';
    case EndMark = 'end mark';
    case Comma = 'comma';
    case Punctuation = 'punctuation';
    case Spelling = 'spelling';
    case Word = 'word';
    case Spacing = 'spacing';

    public function named(int $count): string
    {
        return match ($this) {
            self::Punctuation, self::Spelling, self::Spacing => "{$count} of {$this->value}",
            default => "{$count} {$this->value}".($count === 1 ? '' : 's'),
        };
    }
}
