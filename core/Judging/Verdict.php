<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** What an answer is, held against its key. */
enum Verdict: string
{
    case Right = 'right';
    case Part = 'part';
    case Wrong = 'wrong';

    /** No key can tell: a person has to look. */
    case Unjudged = 'unjudged';
}
