<?php

declare(strict_types=1);

namespace OpenSlate\Boards;

use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\TextSize;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;

/**
 * Draws a choice board as a page: a title, directions, and a grid of tiles of one size with equal gaps. Each tile is a
 * link with a picture, a name and a line.
 *
 * The ids of what it draws start with "bd", so that what the teacher lays over the board can be told apart and kept.
 */
final class BoardPage
{
    private const MARGIN = 0.06;

    private const GAP = 0.02;

    /**
     * How much of a tile's height the picture takes: what two lines of the name and two of the rest leave, within
     * these.
     */
    private const PICTURE_LEAST = 0.45;

    private const PICTURE_MOST = 0.75;

    private const LINE_HEIGHT = 1.3;

    /** The width of a letter, in sizes of the words: a little more than the mean of the shipped face. */
    private const LETTER = 0.55;

    public static function isGenerated(Element $element): bool
    {
        return str_starts_with($element->id(), 'bd');
    }

    /**
     * @param  list<BoardTile|null>  $tiles  by place
     * @return list<Element> the lowest first
     */
    public static function draw(string $title, string $directions, array $tiles, Size $size): array
    {
        [$head, $line] = self::head($size, $directions);
        $elements = [new Label('bdtitle', $head, $title, self::titleSize($size), true)];
        if ($line !== null) {
            $elements[] = new Label('bdlead', $line, $directions, self::textSize($size));
        }
        foreach (self::places(count($tiles), $size, $directions !== '') as $index => $place) {
            $tile = $tiles[$index];
            if ($tile !== null) {
                array_push($elements, ...self::tile($tile, $place, array_filter($tiles)));
            }
        }

        return $elements;
    }

    /**
     * The frames of the places, row by row: of all grids the one in which the pictures become largest.
     *
     * @return list<Frame>
     */
    public static function places(int $count, Size $size, bool $directions): array
    {
        $side = min($size->width, $size->height);
        [$margin, $gap] = [$side * self::MARGIN, $side * self::GAP];
        $top = $margin + self::headHeight($size) + ($directions ? self::leadHeight($size) : 0.0) + $gap;
        [$width, $height] = [$size->width - 2 * $margin, $size->height - $margin - $top];
        $best = null;
        for ($columns = 1; $columns <= $count; $columns++) {
            $rows = (int) ceil($count / $columns);
            $tile = [($width - ($columns - 1) * $gap) / $columns, ($height - ($rows - 1) * $gap) / $rows];
            // What a sheet of A-size paper can be shown at in the tile; words need a width of their own.
            $shown = min($tile[0] * 0.8, ($tile[1] * self::PICTURE_LEAST) / M_SQRT2, $tile[0] / 1.2);
            if ($tile[0] > 0 && $tile[1] > 0 && ($best === null || $shown > $best[0] + 0.01)) {
                $best = [$shown, $columns, $tile];
            }
        }
        [, $columns, [$wide, $high]] = $best ?? [0.0, 1, [$width, $height]];

        return array_map(
            fn (int $index): Frame => Frame::of(
                $margin + ($index % $columns) * ($wide + $gap),
                $top + intdiv($index, $columns) * ($high + $gap),
                $wide,
                $high,
            ),
            range(0, $count - 1),
        );
    }

    /**
     * @param  array<BoardTile>  $all  those of the board: their words get as much room as those that need the most, so
     *                                 that the pictures stand in line
     * @return list<Element>
     */
    private static function tile(BoardTile $tile, Frame $place, array $all): array
    {
        $id = 'bd'.$tile->option->id;
        $pad = min($place->width, $place->height) * 0.05;
        $name = max(TextSize::SMALLEST, min(18.0, round($place->width / 11, 1), round($place->height / 9, 1)));
        $line = max(TextSize::SMALLEST, round($name * 0.8, 1));
        $words = Frame::of($place->x + $pad, $place->y, $place->width - 2 * $pad, $place->height);
        $nameHeight = self::height($tile->option->name, $name, $words->width, 2);
        $lineHeight = self::height($tile->option->line, $line, $words->width, 4);
        [$names, $lines] = [0.0, 0.0];
        foreach ($all as $one) {
            $names = max($names, self::height($one->option->name, $name, $words->width, 2));
            $lines = max($lines, self::height($one->option->line, $line, $words->width, 4));
        }
        $room = $place->height - $names - $lines - 3 * $pad;
        $picture = max(self::PICTURE_LEAST * $place->height, min(self::PICTURE_MOST * $place->height, $room));
        $shown = self::fitted($tile->shown, $words->width, $picture - $pad);
        $above = $tile->picture === null ? 0.0 : $shown->height + $pad;
        // The picture and its words are one thing to look at: together they stand in the middle of the tile.
        $top = $place->y + $pad + max(0.0, ($room + $pad - $above) / 2);
        $nameAt = $top + $above;
        $elements = [];
        if ($tile->picture !== null) {
            $elements[] = new Clip(
                "{$id}c",
                Frame::of($words->x + ($words->width - $shown->width) / 2, $top, $shown->width, $shown->height),
                $tile->picture->source,
                $tile->picture->page,
                $tile->picture->turn,
            );
        }
        $elements[] = new Label(
            "{$id}n",
            Frame::of($words->x, $nameAt, $words->width, min($nameHeight, $place->bottom() - $nameAt)),
            $tile->option->name,
            $name,
            true,
        );
        $left = $place->bottom() - $pad - $nameAt - $nameHeight;
        if ($tile->option->line !== '' && $left >= $line * self::LINE_HEIGHT) {
            $elements[] = new Label(
                "{$id}l",
                Frame::of($words->x, $nameAt + $nameHeight, $words->width, min($left, $lineHeight)),
                $tile->option->line,
                $line,
            );
        }
        $elements[] = new Link(
            "{$id}g",
            $place,
            $tile->target,
            $tile->option->name,
            $line,
            printed: true,
            outline: true,
        );

        return $elements;
    }

    /** The largest size of these proportions that has room. */
    private static function fitted(Size $shown, float $width, float $height): Size
    {
        $factor = min($width / $shown->width, $height / $shown->height);

        return Size::of($shown->width * $factor, $shown->height * $factor);
    }

    /** Of words in lines of a width, so many lines at most. */
    private static function height(string $words, float $size, float $width, int $most): float
    {
        $lines = min($most, (int) ceil((mb_strlen($words) * $size * self::LETTER) / $width));

        return $lines * $size * self::LINE_HEIGHT;
    }

    /** @return array{Frame, Frame|null} of the title, and of the directions if there are any */
    private static function head(Size $size, string $directions): array
    {
        $margin = min($size->width, $size->height) * self::MARGIN;
        $width = $size->width - 2 * $margin;

        return [
            Frame::of($margin, $margin, $width, self::headHeight($size)),
            $directions === ''
                ? null
                : Frame::of($margin, $margin + self::headHeight($size), $width, self::leadHeight($size)),
        ];
    }

    private static function titleSize(Size $size): float
    {
        return max(12.0, min(30.0, round(min($size->width, $size->height) / 22, 1)));
    }

    private static function textSize(Size $size): float
    {
        return max(8.0, round(self::titleSize($size) / 2, 1));
    }

    private static function headHeight(Size $size): float
    {
        return self::titleSize($size) * self::LINE_HEIGHT;
    }

    private static function leadHeight(Size $size): float
    {
        return self::textSize($size) * self::LINE_HEIGHT * 2;
    }
}
