<?php

declare(strict_types=1);

namespace App\Exports;

use App\Documents\FileRefused;
use App\Documents\QrCode;
use App\Documents\Scans\CodeReader;
use App\Models\HandoutItem;
use App\Models\PageRevision;
use App\Models\SheetDoubt;
use OpenSlate\Paper\Size;
use OpenSlate\Scan\CodeSpots;
use OpenSlate\Scan\Quadrilateral;
use OpenSlate\Scan\Similarity;

/** Which page of whose copy a sheet of paper is, and how it lies, by the codes that were printed on it. */
final class RecogniseSheet
{
    /** On each sheet. */
    private const CODES = 2;

    public function __construct(private CodeReader $codes)
    {
    }

    /**
     * @param  string  $picture  where its picture is
     * @param  string  $folder  to work in
     *
     * @throws FileRefused when a limit is reached
     */
    public function __invoke(HandoutItem $item, string $picture, string $folder): SheetOfCopy
    {
        $marks = $pages = [];
        foreach (CodeReader::isThere() ? $this->codes->read($picture, self::CODES, $folder) : [] as $code) {
            $mark = CopyMark::read($code->text);
            if ($mark !== null && $mark->page > 0) {
                $marks[] = [$mark, $code->corners];
                $pages["{$mark->copy} {$mark->edition} {$mark->page}"] = true;
            }
        }
        if ($marks === [] || count($pages) > 1) {
            return new SheetOfCopy(doubt: $marks === [] ? SheetDoubt::NoCode : SheetDoubt::SeveralCodes);
        }
        [$mark] = $marks[0];
        if ($mark->item !== $item->id) {
            return new SheetOfCopy(doubt: SheetDoubt::OtherHandout);
        }
        $revision = $this->revision($mark);
        if ($revision === null) {
            return new SheetOfCopy(doubt: SheetDoubt::PageGone);
        }
        $size = $revision->page()->size;
        $pairs = [];
        foreach ($marks as [$one, $corners]) {
            foreach (self::printed($size, $one)?->corners() ?? [] as $at => $corner) {
                $pairs[] = [$corners->corners()[$at], $corner];
            }
        }
        $straight = $pairs === [] ? null : Similarity::fitting($pairs);
        $copy = $item->copies()->whereKey($mark->copy)->value('id');
        $page = $item->edition->revisions->firstWhere('page_id', $revision->page_id)?->page_id;

        return match (true) {
            $copy === null => new SheetOfCopy(null, $page, SheetDoubt::CopyGone, $size, $straight),
            $page === null => new SheetOfCopy((int) $copy, null, SheetDoubt::PageGone, $size, $straight),
            default => new SheetOfCopy((int) $copy, $page, null, $size, $straight),
        };
    }

    /** Where the dark squares of a code were printed on a page, in points: the white round them is no part of it. */
    private static function printed(Size $size, CopyMark $mark): ?Quadrilateral
    {
        $spot = CodeSpots::find($size, $mark->spot);
        if ($spot === null) {
            return null;
        }
        [$squares] = QrCode::bars($mark->text());
        $white = $spot->width * QrCode::QUIET / $squares;
        [$left, $top] = [$spot->x + $white, $spot->y + $white];
        [$right, $bottom] = [$spot->right() - $white, $spot->bottom() - $white];

        return Quadrilateral::of([[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]]);
    }

    private function revision(CopyMark $mark): ?PageRevision
    {
        return PageRevision::query()
            ->join('edition_pages', 'edition_pages.page_revision_id', '=', 'page_revisions.id')
            ->where(['edition_pages.edition_id' => $mark->edition, 'edition_pages.position' => $mark->page])
            ->select('page_revisions.*')
            ->first();
    }
}
