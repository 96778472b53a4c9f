<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Backdrop;

/** Where a browser gets a picture from; whoever may see it gets it there. */
final class PictureAddress
{
    public static function of(string $sha256): string
    {
        return route('pictures.show', $sha256, false);
    }

    /** Of a printed page. */
    public static function page(string $source, int $page, string $size): string
    {
        return route('backdrops.show', ['source' => $source, 'page' => $page, 'size' => $size], false);
    }

    /** Of a printed page, in small. */
    public static function thumbnail(Backdrop $backdrop): string
    {
        return self::page($backdrop->source, $backdrop->page, 'thumbnail');
    }
}
