<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** The families of type that ship with the program, all under the SIL Open Font License 1.1. */
enum Font: string
{
    case Plain = 'plain';
    case School = 'school';
    case Easy = 'easy';
    case Book = 'book';
    case Hand = 'hand';
    case Typewriter = 'typewriter';

    public function family(): string
    {
        return match ($this) {
            self::Plain => 'Atkinson Hyperlegible Next',
            self::School => 'Andika',
            self::Easy => 'OpenDyslexic',
            self::Book => 'Source Serif 4',
            self::Hand => 'Patrick Hand',
            self::Typewriter => 'Courier Prime',
        };
    }

    /**
     * How far the middle between ascent and descent lies above the baseline, as a share of the size: half of ascent
     * less descent, by which a line of type is centred in its line height (CSS Inline Layout). Read off the
     * shipped files.
     */
    public function middle(): float
    {
        return match ($this) {
            self::Plain => 0.334,
            self::School => 0.415,
            self::Easy => 0.39,
            self::Book => 0.3505,
            self::Hand => 0.365,
            self::Typewriter => 0.2195,
        };
    }

    /**
     * How wide it runs at most, to what Text\TypedLines takes for the widths of letters. Measured with a browser over
     * sentences, capitals, figures and narrow letters, in regular and bold.
     */
    public function wide(): float
    {
        return match ($this) {
            self::Plain => 0.92,
            self::School, self::Book => 1.0,
            self::Easy => 1.5,
            self::Hand => 0.87,
            self::Typewriter => 1.25,
        };
    }
}
