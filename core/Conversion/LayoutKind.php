<?php

declare(strict_types=1);

namespace OpenSlate\Conversion;

/** What of a document may look otherwise on the pages that were made of it. */
enum LayoutKind: string
{
    /** A font that is not here, and what stands in for it. */
    case Font = 'font';

    /** Another number of pages than the document says of itself. */
    case Pages = 'pages';

    case Tracked = 'tracked';
    case Comments = 'comments';

    /** What runs over the edge of the paper. */
    case OffPage = 'off-page';

    /** What is in the document and on no page. */
    case Hidden = 'hidden';
}
