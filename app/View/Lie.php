<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Elements\Table;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** Where things lie, as custom properties of a style: measures are points, and css/_sheet.scss makes pixels of them. */
final class Lie
{
    public static function of(Frame $frame, ?int $z = null): string
    {
        $style = "--x:{$frame->x};--y:{$frame->y};--w:{$frame->width};--h:{$frame->height}";

        return $z === null ? $style : "{$style};--z:{$z}";
    }

    /** Of a page, with its tray if it has one: what both take up together lies from a corner of its own. */
    public static function ofPage(Page $page): string
    {
        $style = "--pw:{$page->size->width};--ph:{$page->size->height};--paper:{$page->paper->hex}";
        if ($page->tray === null) {
            return $style;
        }
        $whole = $page->whole();
        [$left, $top] = [-$whole->x, -$whole->y];

        return "{$style};--tw:{$whole->width};--th:{$whole->height};--tx:{$left};--ty:{$top}";
    }

    /** Of a printed page, turned about its middle, so that its sides may change places. */
    public static function ofPrint(LaidPrint $print): string
    {
        $frame = $print->frame;
        [$x, $y] = [$frame->x + $frame->width / 2, $frame->y + $frame->height / 2];
        [$width, $height] = $print->turn->swapsSides()
            ? [$frame->height, $frame->width]
            : [$frame->width, $frame->height];

        return "--x:{$x};--y:{$y};--w:{$width};--h:{$height};--turn:{$print->turn->value}deg";
    }

    /** What an SVG that fills a frame is drawn in: points from its top left. */
    public static function box(Frame $frame): string
    {
        return "0 0 {$frame->width} {$frame->height}";
    }

    /** The rows and the columns of a table, which keep their shares whatever is typed. */
    public static function tracks(Table $table): string
    {
        $tracks = fn (array $shares): string => implode(
            ' ',
            array_map(fn (float $share): string => "minmax(0, {$share}fr)", $shares),
        );

        return "{$tracks($table->rows)} / {$tracks($table->columns)}";
    }

    /** Dashes of a line as heavy as that, in points. */
    public static function dashes(float $weight): string
    {
        return max(2, 3 * $weight).' '.max(2, 2 * $weight);
    }
}
