<?php

declare(strict_types=1);

namespace App\Exports;

use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Size;

/** A sheet with the parts that lie beside a page, as large as they are, to be cut out and laid on it by hand. */
final readonly class CutOuts
{
    private const MARGIN = 40.0;

    private const APART = 14.0;

    /** @param  list<array{Part, Frame}>  $parts  and where each lies on the sheet */
    private function __construct(public Size $size, public int $number, public array $parts)
    {
    }

    /**
     * @param  int  $number  of the page
     * @return list<self> as many sheets as it takes; none where nothing lies beside the page
     */
    public static function of(Page $page, int $number): array
    {
        $sheets = $on = [];
        [$x, $y, $row] = [self::MARGIN, self::MARGIN, 0.0];
        foreach (self::beside($page) as $part) {
            [$width, $height] = [$part->frame->width, $part->frame->height];
            if ($on !== [] && $x + $width > $page->size->width - self::MARGIN) {
                [$x, $y, $row] = [self::MARGIN, $y + $row + self::APART, 0.0];
            }
            if ($on !== [] && $y + $height > $page->size->height - self::MARGIN) {
                $sheets[] = new self($page->size, $number, $on);
                [$on, $x, $y, $row] = [[], self::MARGIN, self::MARGIN, 0.0];
            }
            $on[] = [$part, Frame::of($x, $y, $width, $height)];
            [$x, $row] = [$x + $width + self::APART, max($row, $height)];
        }

        return $on === [] ? $sheets : [...$sheets, new self($page->size, $number, $on)];
    }

    /** @return list<Part> each as often as there is one of it; what is high first, so that rows are full */
    private static function beside(Page $page): array
    {
        $parts = [];
        foreach ($page->parts() as $part) {
            if (! $part->locked && $page->isBeside($part->frame)) {
                array_push($parts, ...array_fill(0, max(1, $part->stock), $part));
            }
        }
        usort($parts, fn (Part $a, Part $b): int => $b->frame->height <=> $a->frame->height);

        return $parts;
    }
}
