<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Edit\Paper\Fit;
use OpenSlate\Edit\Paper\Repaper;
use OpenSlate\Paper\Length;
use OpenSlate\Paper\Size;

/** Names the size of a page as people would: "A4", "Letter, landscape", "210 × 280 mm". */
final class PaperWords
{
    public static function of(Size $size): string
    {
        $paper = $size->paper();
        if ($paper === null) {
            return sprintf(
                '%d × %d mm',
                (int) round(Length::toMillimetres($size->width)),
                (int) round(Length::toMillimetres($size->height)),
            );
        }

        return $paper->value.
            ($size->isLandscape() === $paper->isScreen() ? '' : ($size->isLandscape() ? ', landscape' : ', portrait'));
    }

    /**
     * What would happen to pages on other paper.
     *
     * @param  list<array{scale: float, moved: int, shrunk: int, cut: bool}>  $pages
     */
    public static function consequences(array $pages, Repaper $repaper): string
    {
        if ($pages === []) {
            return 'Tick the pages first.';
        }
        $moved = array_sum(array_column($pages, 'moved'));
        $shrunk = array_sum(array_column($pages, 'shrunk'));
        $cut = count(array_filter($pages, fn (array $page): bool => $page['cut']));
        $scales = array_unique(array_map(fn (array $page): int => (int) round($page['scale'] * 100), $pages));
        $said = [Count::of(count($pages), 'page').' on '.self::of($repaper->size).'.'];
        $said[] = match (true) {
            $repaper->fit === Fit::Keep => 'Print, boxes and words keep their size.',
            $scales === [100] => 'Print, boxes and words keep their size and stand in the middle.',
            default => 'Print, boxes and words are shown at '.
                min($scales).
                (count($scales) > 1 ? ' to '.max($scales) : '').
                ' % of their size, in the middle.',
        };
        $moved && ($said[] = Count::of($moved, 'thing is', 'things are').' moved in, to stay on the paper.');
        $shrunk && ($said[] = Count::of($shrunk, 'thing is', 'things are').' made smaller, to stay on the paper.');
        $cut && ($said[] = 'On '.Count::of($cut, 'page').' some of the print would lie off the paper.');

        return implode(' ', $said);
    }
}
