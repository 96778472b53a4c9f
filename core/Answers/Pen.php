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

    /** A broad one to be seen through, for going over words. */
    case Light = 'light';

    public function colour(): string
    {
        return match ($this) {
            self::Dark => '#1d272c',
            self::Blue => '#1f4fa3',
            self::Green => '#1a6b3c',
            self::Red => '#a32b2b',
            self::Light => '#f2c230',
        };
    }

    /** How much of what is below it hides, 0 to 1. */
    public function opacity(): float
    {
        return $this === self::Light ? 0.45 : 1.0;
    }
}
