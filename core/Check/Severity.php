<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** How bad a finding is; the worst first. */
enum Severity: int
{
    /** It cannot be handed out so. */
    case Stops = 0;

    /** Thirty students would meet it. */
    case Mend = 1;

    /** It may be meant so. */
    case Look = 2;
}
