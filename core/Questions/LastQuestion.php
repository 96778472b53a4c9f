<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;

/**
 * Where the last question of a column ends, which no number does: after room that the others do not have within them,
 * words that begin no farther to the right than its number are of something else.
 */
final readonly class LastQuestion
{
    /** So much farther to the right is no farther, in points. */
    private const ASIDE = 2.0;

    /** Room that parts, of the height of what follows, and so many times as much as the others have within them. */
    private const PARTED = 1.2;

    private const MORE = 1.5;

    /** What has no more words and something to write on right behind them, in points, says what goes there. */
    private const FEW = 3;

    private const BEHIND = 18.0;

    /** @param  list<Marker>  $lasts */
    private function __construct(private Content $content, private array $lasts, private float $usual)
    {
    }

    /**
     * @param  list<Marker>  $main  the numbers of all questions
     * @param  list<Place>  $places  theirs, down to the next number
     * @param  list<non-empty-list<Marker>>  $columns  the same, each from the top
     */
    public static function of(array $main, array $places, array $columns, Content $content): self
    {
        $lasts = array_map(fn (array $column): Marker => $column[count($column) - 1], $columns);
        $rooms = [0.0];
        foreach ($main as $at => $marker) {
            if (! in_array($marker, $lasts, true)) {
                array_push($rooms, ...array_column(self::begun($marker, $places[$at], $content), 1));
            }
        }

        return new self($content, $lasts, max($rooms));
    }

    /** The place of a question, to its end. */
    public function ended(Marker $marker, Place $place): Place
    {
        if (! in_array($marker, $this->lasts, true)) {
            return $place;
        }
        foreach (self::begun($marker, $place, $this->content) as [$line, $room]) {
            $isParted = $room >= max(self::PARTED * $line->frame->height, self::MORE * $this->usual);
            if ($isParted && ! $this->isPrompt($line)) {
                return $place->upTo(($this->content->edgeAbove($line->frame) ?? $line->frame->y) - 1);
            }
        }

        return $place;
    }

    /**
     * Words below the first of a question that begin no farther to the right than its number, and the room over each.
     *
     * @return list<array{TextLine, float}> from the top, in points
     */
    private static function begun(Marker $marker, Place $place, Content $content): array
    {
        $bottoms = array_map(fn (Frame $frame): float => $frame->bottom(), $content->frames($place));
        $begun = [];
        foreach ($content->lines() as $line) {
            $isBelow = $line->frame->y > $marker->frame->bottom() && $line->frame->x <= $marker->frame->x + self::ASIDE;
            if ($isBelow && $place->has($line->words[0]->frame ?? $line->frame)) {
                // In a table it begins with that.
                $edge = $content->edgeAbove($line->frame);
                $end = $edge === null ? $line->frame->middle() : $edge - 1;
                $above = array_filter($bottoms, fn (float $bottom): bool => $bottom <= $end);
                $begun[] = [$line, ($edge ?? $line->frame->y) - max([$place->top, ...$above])];
            }
        }
        usort($begun, fn (array $a, array $b): int => $a[0]->frame->y <=> $b[0]->frame->y);

        return $begun;
    }

    /** A few words right before something to write on. */
    private function isPrompt(TextLine $line): bool
    {
        foreach ($line->wordCount() > self::FEW ? [] : $this->content->blanks as $blank) {
            $room = $blank->frame->x - $line->frame->right();
            if (
                $room >= -$blank->frame->width - self::ASIDE &&
                $room <= self::BEHIND &&
                $blank->frame->y < $line->frame->bottom() &&
                $blank->frame->bottom() > $line->frame->y
            ) {
                return true;
            }
        }

        return false;
    }
}
