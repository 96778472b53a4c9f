<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** How the boxes of an organiser stand to each other. */
enum OrganiserShape: string
{
    case Steps = 'steps';
    case Cycle = 'cycle';
    case Timeline = 'timeline';
    case Hierarchy = 'hierarchy';
    case Web = 'web';
    case TwoSets = 'two-sets';
    case ThreeSets = 'three-sets';
    case Comparison = 'comparison';
    case CauseEffect = 'cause-effect';
    case StoryLine = 'story-line';
    case Grid = 'grid';

    /** How many boxes it has; for sets, one for each of their regions. */
    public function count(int $wanted): int
    {
        return match ($this) {
            self::TwoSets => 3,
            self::ThreeSets => 7,
            default => max(Organiser::FEWEST, min(Organiser::MOST, $wanted)),
        };
    }
}
