<?php

declare(strict_types=1);

namespace App\View;

/** Where a browser gets a picture from; whoever may see it gets it there. */
final class PictureAddress
{
    public static function of(string $sha256): string
    {
        return route('pictures.show', $sha256, false);
    }
}
