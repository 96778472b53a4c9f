<?php

declare(strict_types=1);

namespace OpenSlate\Page;

/** What of a model counts when it is checked against its key. */
enum ModelAspect: string
{
    /** Which part is in which spot, and how many. */
    case Spots = 'spots';

    /** In which order parts stand along a row or a line. */
    case Order = 'order';

    /** What is joined to what. */
    case Joints = 'joints';

    /** At which joints that is; without it, one side of a part is as good as another. */
    case Ends = 'ends';

    public function words(): string
    {
        return match ($this) {
            self::Spots => 'which part is in which spot, and how many',
            self::Order => 'their order in rows and on lines',
            self::Joints => 'what is joined to what',
            self::Ends => 'at which joints',
        };
    }
}
