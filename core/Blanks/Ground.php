<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** What lies where on a page: asked for by everything that looks for blanks. */
final readonly class Ground
{
    /** What is drawn in a place shows something from this share of it on; on a scan less is dust. */
    private const SMALL = 0.012;

    private const DUST = 0.04;

    private const WORD_AT_END = 24.0;

    /** Signs that stand for a place to fill in. */
    private const BLANK = '/^(?:_+|[.…‥·]+|[-–—]{3,}|[☐□▢❏❑❐❒◻◽▫⬜⭕❍◯○⚪◌⃝⃞]+)$/u';

    /** @var list<Word> those with letters or digits in them */
    public array $words;

    /** @var list<Word> all that says or shows something: words, numbers, signs */
    public array $printed;

    public function __construct(public Marks $marks)
    {
        $words = $printed = [];
        foreach ($marks->lines as $line) {
            // One full stop ends a sentence; of leaders there are more.
            $stops = array_filter($line->words, fn (Word $word): bool => $word->text === '.');
            foreach ($line->words as $word) {
                if (preg_match('/[\p{L}\p{N}]/u', $word->text) === 1) {
                    $words[] = $printed[] = $word;
                } elseif (preg_match(self::BLANK, $word->text) !== 1 || [$word] === array_values($stops)) {
                    $printed[] = $word;
                }
            }
        }
        [$this->words, $this->printed] = [$words, $printed];
    }

    /** @return list<Word> what is printed whose middle lies there */
    public function printedIn(Frame $frame): array
    {
        return array_values(array_filter($this->printed, fn (Word $word): bool => self::has($frame, $word->frame)));
    }

    /** @return list<Word> those with letters or digits whose middle lies there */
    public function wordsIn(Frame $frame): array
    {
        return array_values(array_filter($this->words, fn (Word $word): bool => self::has($frame, $word->frame)));
    }

    /** Whether something is drawn within that is not small against it; on a scan the smallest are dust. */
    public function hasDrawing(Frame $frame): bool
    {
        $share = $this->marks->seen ? self::DUST : self::SMALL;
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

    /** Whether most of the words are written from the right. */
    public function isRightToLeft(): bool
    {
        $letters = implode('', array_map(fn (Word $word): string => $word->text, $this->words));
        $right = preg_match_all('/[\p{Hebrew}\p{Arabic}\p{Syriac}\p{Thaana}]/u', $letters);

        return $right > 0.5 * preg_match_all('/\p{L}/u', $letters);
    }

    /** How much room there is above a level stretch, up to the nearest words, rule or drawing, and at most so much. */
    public function roomAbove(float $from, float $to, float $y, float $most): float
    {
        $room = min($most, $y);
        // A word beside it may seem to reach over its end.
        $end = max(2.0, min(self::WORD_AT_END, 0.1 * ($to - $from)));
        foreach ($this->words as $word) {
            if ($word->frame->x < $to - $end && $word->frame->right() > $from + $end && $word->frame->middle() < $y) {
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
