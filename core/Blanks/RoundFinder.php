<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** Finds rounds to write in. */
final class RoundFinder
{
    /** How large they are, in points. */
    private const SMALLEST = 26.0;

    private const LARGEST = 150.0;

    /** What is seen as a ring may be a square, which is written in from less on. */
    private const SMALLEST_SEEN = 15.0;

    /** How much two that are alike may differ. */
    private const ALIKE = 0.1;

    /** How much of a round words may take up, across. */
    private const IN_A_ROUND = 0.85;

    /** @return list<Blank> with nothing in them and nothing across them, and others of their size beside */
    public static function find(Ground $ground): array
    {
        $rings = array_values(
            array_filter(
                $ground->marks->rings,
                fn (Frame $ring): bool => $ring->width <= self::LARGEST &&
                    $ring->width >= ($ground->marks->seen ? self::SMALLEST_SEEN : self::SMALLEST),
            ),
        );
        $blanks = [];
        foreach ($rings as $ring) {
            $alike = array_filter(
                $rings,
                fn (Frame $other): bool => $other !== $ring &&
                    abs($other->width - $ring->width) <= self::ALIKE * $ring->width &&
                    ! $other->meets($ring),
            );
            $printed = array_filter($alike, fn (Frame $other): bool => $ground->printedIn($other) !== []);
            if (
                $ground->printedIn($ring) === [] &&
                self::isUncrossed($ground, $ring, $printed !== []) &&
                array_filter($alike, fn (Frame $other): bool => self::isUncrossed($ground, $other, true)) !== []
            ) {
                [$width, $height] = [self::IN_A_ROUND * $ring->width, self::IN_A_ROUND * $ring->height];
                $blanks[] = new Blank(
                    BlankKind::Box,
                    Frame::of($ring->x + ($ring->width - $width) / 2, $ring->middle() - $height / 2, $width, $height),
                    0.75,
                );
            }
        }

        return $blanks;
    }

    /** @param  bool  $areJoined  whether lines may join it to others, under what is written in them */
    private static function isUncrossed(Ground $ground, Frame $ring, bool $areJoined): bool
    {
        foreach ($ground->marks->drawings as $drawing) {
            $isItself = abs($drawing->x - $ring->x) < 1 && abs($drawing->width - $ring->width) < 2;
            $shared = Ground::shared($drawing, $ring);
            $joins = $areJoined && $shared < 0.5 * $drawing->width * $drawing->height;
            if (! $isItself && ! $joins && $shared > 0.02 * $ring->width * $ring->height) {
                return false;
            }
        }
        foreach ($ground->marks->rules as $rule) {
            [$level, $along] = $rule->level ? [$ring->y, $ring->x] : [$ring->x, $ring->y];
            if (
                $rule->at > $level + 2 &&
                $rule->at < $level + $ring->height - 2 &&
                $rule->from < $along + $ring->width - 4 &&
                $rule->to > $along + 4
            ) {
                return false;
            }
        }

        return true;
    }
}
