<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Spot;
use OpenSlate\Page\Page;

/** How many parts of a page have to be moved before nothing is left to do. */
final class ToPlace
{
    /**
     * Where there are spots, each part that goes to one, and one of each stock, since of a stock some may be left;
     * where there are none, it is for the student to say. Not by the key, of which students must not learn.
     *
     * @return int at least 1
     */
    public static function on(Page $page): int
    {
        $scene = new Scene($page);

        return max(
            1,
            count(
                array_filter(
                    $scene->parts,
                    fn (Part $part): bool => ! $part->locked &&
                        $part->form !== PartForm::Connector &&
                        array_filter($scene->spots, fn (Spot $spot): bool => $spot->takes($part)) !== [],
                ),
            ),
        );
    }
}
