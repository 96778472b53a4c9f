<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** What a part looks like. */
enum PartForm: string
{
    case Ellipse = 'ellipse';
    case Rectangle = 'rectangle';
    case Rounded = 'rounded';
    case Triangle = 'triangle';
    case Polygon = 'polygon';

    /** A speech box with a tip that points down. */
    case Callout = 'callout';

    case Arrow = 'arrow';

    /** A line of which students move each end by itself. */
    case Connector = 'connector';

    /** Drawn with lines of its own, such as the symbols of a circuit. */
    case Symbol = 'symbol';

    case Picture = 'picture';
}
