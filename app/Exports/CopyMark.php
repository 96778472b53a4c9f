<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Copy;

/**
 * What says on paper and in files whose copy it is: the item, the copy, the edition, and, on paper, the page and where
 * on it this stands (Scan\CodeSpots). It is signed, so that what was not made here, or was changed since, is not
 * believed.
 */
final readonly class CopyMark
{
    /** The name of the field that holds it in a PDF. */
    public const FIELD = 'open-slate';

    private const SIGNED = 16;

    private function __construct(
        public int $item,
        public int $copy,
        public int $edition,
        public int $page,
        public int $spot,
    ) {
    }

    /** @param  int  $page  its number; 0 for the whole of it */
    public static function of(Copy $copy, int $page = 0, int $spot = 0): self
    {
        return new self($copy->handout_item_id, $copy->id, $copy->item->edition_id, $page, $spot);
    }

    /** @return self|null null where it is none of this program's */
    public static function read(string $text): ?self
    {
        $mark = '/^OS1 (\d{1,15}) (\d{1,15}) (\d{1,15}) (\d{1,5})\.(\d{1,2}) [0-9A-F]{16}$/D';
        if (preg_match($mark, $text, $is) !== 1) {
            return null;
        }
        $mark = new self((int) $is[1], (int) $is[2], (int) $is[3], (int) $is[4], (int) $is[5]);

        return hash_equals($mark->text(), $text) ? $mark : null;
    }

    /** Capitals and figures, which take little room in a printed code. */
    public function text(): string
    {
        $said = "OS1 {$this->item} {$this->copy} {$this->edition} {$this->page}.{$this->spot}";

        return $said.' '.strtoupper(substr(hash_hmac('sha256', $said, (string) config('app.key')), 0, self::SIGNED));
    }
}
