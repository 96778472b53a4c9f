<?php

declare(strict_types=1);

namespace OpenSlate\Edit\History;

use OpenSlate\Page\Page;

/** What a page has as a whole, beside its elements. */
enum PageProperty: string
{
    /** Size, colour and print. */
    case Paper = 'paper';

    case Tray = 'tray';

    /** How its parts are right. */
    case Key = 'key';

    /** Whether each of its parts counts for itself. */
    case Counting = 'counting';

    public function isAlike(Page $one, Page $other): bool
    {
        return match ($this) {
            self::Paper => [$one->size, $one->paper, $one->backdrop] == [$other->size, $other->paper, $other->backdrop],
            self::Tray => $one->tray == $other->tray,
            self::Key => $one->key == $other->key,
            self::Counting => $one->countsParts === $other->countsParts,
        };
    }
}
