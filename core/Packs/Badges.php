<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Numeral;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/** Joins a word and its number that are printed apart: "DAY" over a large "7", or beside it. */
final class Badges
{
    /** How far below the word its number may stand, and how far beside it, of the larger one's height. */
    private const BELOW = 0.6;

    private const BESIDE = 0.9;

    /**
     * @param  list<PageText>  $pages
     * @return list<PageText>
     */
    public static function joined(array $pages): array
    {
        return array_map(
            fn (PageText $page): PageText => $page->withLines(self::lines($page->lines)),
            $pages,
        );
    }

    /**
     * @param  list<TextLine>  $lines
     * @return list<TextLine>
     */
    private static function lines(array $lines): array
    {
        foreach ($lines as $at => $word) {
            if (! SectionLabel::isKind($word->text)) {
                continue;
            }
            foreach ($lines as $other => $number) {
                if (self::isNumber($number->text) && self::isBy($word->frame, $number->frame)) {
                    $lines[$at] = new TextLine(
                        trim($word->text).' '.trim($number->text),
                        // The height of a line tells the size of its type.
                        $word->frame->height > $number->frame->height ? $word->frame : $number->frame,
                        [...$word->words, ...$number->words],
                    );
                    unset($lines[$other]);
                    break;
                }
            }
        }

        return array_values($lines);
    }

    private static function isNumber(string $text): bool
    {
        return preg_match('/^\W*'.Numeral::PATTERN.'\W*$/iu', trim($text)) === 1;
    }

    private static function isBy(Frame $word, Frame $number): bool
    {
        $height = max($word->height, $number->height);
        $across = min($word->right(), $number->right()) - max($word->x, $number->x);
        $down = min($word->bottom(), $number->bottom()) - max($word->y, $number->y);
        $below = $number->y - $word->bottom();
        $beside = $number->x - $word->right();

        return ($across >= 0.5 * min($word->width, $number->width) &&
            $number->middle() > $word->middle() &&
            $below <= self::BELOW * $height) ||
            ($down >= 0.5 * min($word->height, $number->height) && $beside >= -1 && $beside <= self::BESIDE * $height);
    }
}
