<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** What kind of answer a place takes. */
enum AnswerKind: string
{
    case Short = 'short';
    case Lines = 'lines';
    case Number = 'number';
    case Tick = 'tick';
    case Choice = 'choice';

    /** One of several words, from a list that drops down. */
    case List = 'list';

    /** Supplied sentences to be mended. */
    case Passage = 'passage';

    case Drawing = 'drawing';
    case Picture = 'picture';

    /** Where the parts of a page are; no box takes it. */
    case Model = 'model';

    /** Whether right answers can be given; what cannot have any only a person can mark. */
    public function canBeKeyed(): bool
    {
        return $this !== self::Drawing && $this !== self::Picture;
    }
}
