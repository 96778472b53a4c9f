<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** What fills itself in behind a label's own words. */
enum LabelText: string
{
    /** Nothing: its own words only. */
    case Own = 'own';

    /** The name of the student whose copy it is. */
    case Student = 'student';

    /** The day on which the copy was handed out. */
    case Date = 'date';
}
