<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

/** When students see the right answers. */
enum AnswersShown: string
{
    /** From the time that the teacher says; never, while there is none. */
    case Asked = 'asked';
    case HandedIn = 'handed_in';
    case HandedBack = 'back';
}
