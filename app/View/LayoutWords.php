<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Conversion\LayoutKind;

/** Says what of a document looks otherwise. */
final class LayoutWords
{
    public static function kind(LayoutKind $kind): string
    {
        return match ($kind) {
            LayoutKind::Font => 'Font',
            LayoutKind::Pages => 'Pages',
            LayoutKind::Tracked => 'Tracked changes',
            LayoutKind::Comments => 'Comments',
            LayoutKind::OffPage => 'Over the edge',
            LayoutKind::Hidden => 'Not on the pages',
        };
    }
}
