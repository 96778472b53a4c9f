<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** What lies where on a page: asked for by everything that looks for blanks. */
final readonly class Ground
{
    /** @var list<Word> those with letters or digits in them */
    public array $words;

    public function __construct(public Marks $marks)
    {
        $words = [];
        foreach ($marks->lines as $line) {
            foreach ($line->words as $word) {
                if (preg_match('/[\p{L}\p{N}]/u', $word->text) === 1) {
                    $words[] = $word;
                }
            }
        }
        $this->words = $words;
    }

    /** @return list<Word> whose middle lies there */
    public function wordsIn(Frame $frame): array
    {
        return array_values(array_filter($this->words, fn (Word $word): bool => self::has($frame, $word->frame)));
    }

    public function hasDrawing(Frame $frame, float $share = 0.04): bool
    {
        foreach ($this->marks->drawings as $drawing) {
            if (
                self::has($frame, $drawing) &&
                $drawing->width * $drawing->height >= $share * $frame->width * $frame->height
            ) {
                return true;
            }
        }

        return false;
    }

    /** The lightness of what most of it is filled with; 1 where nothing is. */
    public function lightness(Frame $frame): float
    {
        $light = 1.0;
        foreach ($this->marks->shades as $shade) {
            if (self::shared($shade->frame, $frame) >= 0.7 * $frame->width * $frame->height) {
                $light = $shade->lightness;
            }
        }

        return $light;
    }

    /** How much room there is above a level stretch, up to the nearest words, rule or drawing, and at most so much. */
    public function roomAbove(float $from, float $to, float $y, float $most): float
    {
        $room = min($most, $y);
        foreach ($this->words as $word) {
            if ($word->frame->x < $to - 2 && $word->frame->right() > $from + 2 && $word->frame->middle() < $y) {
                // The foot of a word's frame is its descenders; most letters end above it.
                $room = min($room, $y - ($word->frame->bottom() - 0.15 * $word->frame->height));
            }
        }
        foreach ($this->marks->rules as $rule) {
            if ($rule->level && $rule->at < $y - 2 && $rule->from < $to - 4 && $rule->to > $from + 4) {
                $room = min($room, $y - $rule->at);
            }
        }

        foreach ($this->marks->drawings as $drawing) {
            if ($drawing->bottom() < $y + 1 && $drawing->x < $to - 4 && $drawing->right() > $from + 4) {
                $room = min($room, $y - $drawing->bottom());
            }
        }

        return max(0.0, $room);
    }

    public static function has(Frame $frame, Frame $other): bool
    {
        $x = $other->x + $other->width / 2;

        return $x >= $frame->x &&
            $x <= $frame->right() &&
            $other->middle() >= $frame->y &&
            $other->middle() <= $frame->bottom();
    }

    /** The area that two frames share, in square points. */
    public static function shared(Frame $a, Frame $b): float
    {
        return max(0.0, min($a->right(), $b->right()) - max($a->x, $b->x)) *
            max(0.0, min($a->bottom(), $b->bottom()) - max($a->y, $b->y));
    }
}
