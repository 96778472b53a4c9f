<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;

/** What stands above the first question of a page, row by row: its title, the line for the name, directions. */
final readonly class PageHead
{
    /** Above this share of a page stands its running head. */
    private const RUNNING = 0.05;

    /** A line may reach so far into what it stands above, in points. */
    private const INTO = 2.0;

    /** @var list<non-empty-list<TextLine>> from the top */
    private array $rows;

    private float $foot;

    /**
     * @param  list<TextLine>  $lines  of the page
     * @param  float  $first  where the first question begins, in points from the top
     * @param  float  $clear  what is left above that question, unless words stand there
     * @param  Frame  $across  as wide as what is asked: what is drawn beside the words has none
     * @param  float  $height  of the page
     */
    public function __construct(array $lines, float $first, float $clear, private Frame $across, float $height)
    {
        $above = array_filter(
            $lines,
            fn (TextLine $line): bool => $line->frame->bottom() <= $first + self::INTO &&
                $line->frame->y >= self::RUNNING * $height,
        );
        usort($above, fn (TextLine $a, TextLine $b): int => $a->frame->y <=> $b->frame->y);
        $rows = [];
        foreach ($above as $line) {
            $last = array_key_last($rows);
            if ($last !== null && $line->frame->middle() < $rows[$last][0]->frame->bottom()) {
                $rows[$last][] = $line;
            } else {
                $rows[] = [$line];
            }
        }
        $this->rows = $rows;
        $this->foot = max([
            $first - $clear,
            ...array_map(fn (TextLine $line): float => $line->frame->bottom(), $above),
        ]);
    }

    /**
     * Where it is, without the rows that have been read above other questions already: a pack has its line for the
     * name on every page.
     *
     * @param  list<string>  $read  words() of these
     * @return list<Frame>
     */
    public function strips(array $read): array
    {
        $strips = [];
        $from = null;
        foreach ($this->rows as $row) {
            $top = $row[0]->frame->y;
            $isRead = array_diff(array_map(self::said(...), $row), $read) === [];
            if ($isRead && $from !== null) {
                $strips[] = $this->strip($from, $top);
            }
            $from = $isRead ? null : $from ?? $top;
        }

        return $from === null ? $strips : [...$strips, $this->strip($from, $this->foot)];
    }

    /** @return list<string> what its lines say */
    public function words(): array
    {
        return array_map(self::said(...), array_merge(...$this->rows));
    }

    private function strip(float $top, float $foot): Frame
    {
        $words = array_map(fn (TextLine $line): Frame => $line->frame, array_merge(...$this->rows));
        $here = array_filter($words, fn (Frame $one): bool => $one->y >= $top && $one->y < $foot);
        $all = Frame::around([$this->across, ...array_values($here)]);

        return Frame::of($all->x, $top, $all->width, $foot - $top);
    }

    private static function said(TextLine $line): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $line->text)));
    }
}
