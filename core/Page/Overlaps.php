<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\AnswerBox;

/**
 * Places to answer that lie over each other, so that a student could not reach both. Drawing areas may lie over
 * anything.
 */
final class Overlaps
{
    /** Less than this share of the smaller one is an edge that touches. */
    private const SHARE = 0.15;

    /** @return list<array{string, string}> ids, the lower one first */
    public static function of(Page $page): array
    {
        $frames = [];
        foreach ($page->elements() as $place => $element) {
            if (
                $element instanceof Answerable &&
                ! ($element instanceof AnswerBox && $element->form instanceof DrawingAnswer)
            ) {
                $frames[] = [$element->frame(), $element->id(), $place];
            }
        }
        usort($frames, fn (array $a, array $b): int => $a[0]->y <=> $b[0]->y);
        $overlaps = [];
        foreach ($frames as $at => [$one, $id, $place]) {
            for ($next = $at + 1; isset($frames[$next]) && $frames[$next][0]->y < $one->y + $one->height; $next++) {
                [$other, $otherId, $otherPlace] = $frames[$next];
                $across = min($one->x + $one->width, $other->x + $other->width) - max($one->x, $other->x);
                $down = min($one->y + $one->height, $other->y + $other->height) - $other->y;
                if (
                    $across > 0 &&
                    $across * $down > self::SHARE * min($one->width * $one->height, $other->width * $other->height)
                ) {
                    $overlaps[] = $place < $otherPlace ? [$id, $otherId] : [$otherId, $id];
                }
            }
        }

        return $overlaps;
    }
}
