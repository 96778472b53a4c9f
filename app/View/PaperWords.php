<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Paper\Length;
use OpenSlate\Paper\Size;

/** Names the size of a page as people would: "A4", "Letter, landscape", "210 × 280 mm". */
final class PaperWords
{
    public static function of(Size $size): string
    {
        $paper = $size->paper();
        if ($paper === null) {
            return sprintf('%d × %d mm', (int) round(Length::toMillimetres($size->width)), (int) round(Length::toMillimetres($size->height)));
        }

        return $paper->value.($size->isLandscape() ? ', landscape' : '');
    }
}
