<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Original;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use OpenSlate\Scan\ScannedPicture;

/** Says where a worksheet comes from. */
final class OriginWords
{
    /** On its job sheet. */
    public static function of(Worksheet $worksheet): string
    {
        if (! $worksheet->isMaster()) {
            return ($worksheet->board === null ? 'Set: ' : 'Choice board: ').lcfirst(self::cutFrom($worksheet));
        }
        $without = $worksheet->state === WorksheetState::Failed ? 'a file that was not taken' : 'blank pages';

        return 'Master, from '.($worksheet->original->name ?? $without);
    }

    /** Over pages that were made of a document nobody has looked at them for. */
    public static function made(Original $document): string
    {
        if ($document->pictures !== null) {
            return "Made from {$document->name}. ".(self::isSure($document)
                ? 'The sheet was cut out and laid flat.'
                : 'Where the sheet ends could not be told for sure: the whole picture was taken.');
        }
        $many = count($document->findings());

        return "Made from {$document->name}. ".match ($many) {
            0 => 'Nothing seems to look otherwise than in the document.',
            1 => '1 thing may look otherwise than in the document.',
            default => "{$many} things may look otherwise than in the document.",
        };
    }

    /** What leads to where that can be looked at. */
    public static function look(Original $document): string
    {
        return match (true) {
            $document->pictures !== null => 'Photo and page',
            $document->findings() === [] => 'The document',
            default => 'Look before you use it',
        };
    }

    private static function isSure(Original $document): bool
    {
        return array_filter($document->scanned(), fn (ScannedPicture $one): bool => $one->found === null) === [];
    }

    /** On the shelf. */
    public static function short(Worksheet $worksheet): string
    {
        return $worksheet->isMaster() ? 'Master' : self::cutFrom($worksheet);
    }

    /** How much of it is there yet. */
    public static function preparing(Worksheet $worksheet): string
    {
        return $worksheet->pages_total === 0
            ? 'Reading the file'
            : "Preparing: {$worksheet->pages_count} of {$worksheet->pages_total} pages";
    }

    /** "Page 6", "Pages 6, 7": which pages of its master a set has; null where none is left. */
    public static function pages(Worksheet $set): ?string
    {
        return match (true) {
            $set->cut_from === null || $set->cut_from === '' => null,
            ctype_digit($set->cut_from) => "Page {$set->cut_from}",
            default => "Pages {$set->cut_from}",
        };
    }

    private static function cutFrom(Worksheet $set): string
    {
        $pages = self::pages($set);
        $own = ($pages ?? 'No page is left').' of '.($set->master->name ?? 'a master');
        $others = $set->choiceBoard()?->placedOthers() ?? 0;

        return match (true) {
            $others === 0 => $own,
            $pages === null => 'Pages of '.Count::of($others, 'other worksheet'),
            default => "{$own}, and of ".Count::of($others, 'other worksheet'),
        };
    }
}
