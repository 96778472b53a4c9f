<?php

declare(strict_types=1);

namespace OpenSlate\Forms;

/** What a form field takes. */
enum FieldKind
{
    case Line;
    case Lines;
    case Tick;

    /** One of several places, each of which can be marked. */
    case Choice;

    /** Some of them. */
    case Choices;

    /** One of several words, from a list that drops down. */
    case List;

    /** What says of the file what it is, and is not seen. */
    case Mark;
}
