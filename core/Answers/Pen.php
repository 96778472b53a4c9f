<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** The pens there are. */
enum Pen: string
{
    case Dark = 'dark';
    case Blue = 'blue';
    case Green = 'green';
    case Red = 'red';

    public function colour(): string
    {
        return match ($this) {
            self::Dark => '#1d272c',
            self::Blue => '#1f4fa3',
            self::Green => '#1a6b3c',
            self::Red => '#a32b2b',
        };
    }
}
