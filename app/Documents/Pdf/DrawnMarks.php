<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use OpenSlate\Blanks\BitmapMarks;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Shade;
use OpenSlate\Blanks\Tilt;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\InscribedFrame;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * What is drawn on a page, told apart: rules, filled areas, rings and drawings. A page that lies a little askew is set
 * upright first.
 *
 * @phpstan-import-type Drawn from SvgDrawing
 * @phpstan-import-type Run from SvgPath
 */
final class DrawnMarks
{
    /** Thicker than this is an area and not a line, in points. */
    private const THICKEST = 3.2;

    /** Thicker than this is no edge of anything, in points. */
    private const EDGE = 12.0;

    /** What is filled and no larger than this is a dot. */
    private const DOT = 5.0;

    /** From this on it is white. */
    private const WHITE = 0.97;

    /** What covers this share of the page's width and of its height lies behind all that is on it. */
    private const BEHIND = 0.85;

    /** How much of its frame a filled area with round corners covers at the least. */
    private const ROUNDED = 0.88;

    /** The same of a line with round corners, of which some are very round. */
    private const CORNERS = 0.8;

    /** An outline that one may write in is at least so large, in points; of more nothing is asked. */
    private const OUTLINE = 30.0;

    private const MOST_OUTLINES = 40;

    private const MOST_POINTS = 500;

    /** How wide what is to be shaded in may be, in points. */
    private const OVAL = 24.0;

    /** Drawings larger than this are no rings to write in alone, in points. */
    private const RING = 26.0;

    /** What is written on at the end of a pointer is at least so long, in points; the pointer has at most so many strokes. */
    private const WRITTEN_ON = 30.0;

    private const POINTER = 2;

    /** Steeper than this is not askew but aslant, as a slope; of so much length, in points, so much must agree. */
    private const STEEPEST = 0.095;

    private const ENOUGH = 200.0;

    private const AGREED = 0.7;

    private const ALIKE = 0.004;

    /** Where so much of what is printed is signs, it is letters of a font that does not say which. */
    private const SIGNS = 0.5;

    /** @var list<Rule> */
    private array $rules = [];

    /** @var list<Shade> */
    private array $shades = [];

    /** @var list<Frame> */
    private array $rings = [];

    /** @var list<Frame> */
    private array $drawings = [];

    /** @var list<Frame> */
    private array $dots = [];

    /** @var list<Frame> */
    private array $outlines = [];

    private function __construct()
    {
    }

    /**
     * @param  float  $unit  points for each unit of the drawing, which is the page as displayed
     * @param  list<Blank>  $fields
     */
    public static function of(string $svg, float $unit, PageText $text, array $fields): Marks
    {
        $drawn = iterator_to_array(SvgDrawing::read($svg, $unit), false);
        $tilt = self::tilt($drawn);
        $middle = [$text->size->width / 2, $text->size->height / 2];
        $marks = new self();
        foreach ($drawn as $one) {
            $marks->add(['path' => $one['path']->turned(-$tilt, $middle)] + $one);
        }

        $lines = Tilt::upright($text->lines, $tilt, $middle);
        $isReadable = self::isReadable($lines);

        return new Marks(
            size: $text->size,
            rules: $marks->rules,
            shades: $marks->shades,
            rings: $marks->rings,
            drawings: array_values(
                array_filter(
                    $marks->drawings,
                    fn (Frame $frame): bool => $frame->width < self::BEHIND * $text->size->width ||
                        $frame->height < self::BEHIND * $text->size->height,
                ),
            ),
            lines: $isReadable ? $lines : array_map(self::unread(...), $lines),
            fields: $fields,
            readable: $isReadable,
            tilt: $tilt,
            dots: $marks->dots,
            outlines: $marks->outlines,
        );
    }

    /**
     * How far the page lies askew, clockwise in radians: what nearly all of its level lines agree on.
     *
     * @param  list<Drawn>  $drawn
     */
    private static function tilt(array $drawn): float
    {
        $lines = [];
        foreach ($drawn as ['path' => $path]) {
            foreach ($path->parts as ['points' => $points, 'closed' => $closed]) {
                foreach ($closed ? [...$points, $points[0]] : $points as $index => [$x, $y]) {
                    $across = $x - ($points[$index - 1][0] ?? $x);
                    $down = $y - ($points[$index - 1][1] ?? $y);
                    if (abs($across) >= Tilt::TELLING && abs($down) <= self::STEEPEST * abs($across)) {
                        $lines[] = [hypot($across, $down), $down / $across];
                    }
                }
            }
        }
        $tilt = Tilt::of($lines);
        $whole = array_sum(array_column($lines, 0));
        $agreed = array_filter($lines, fn (array $line): bool => abs($line[1] - tan($tilt)) <= self::ALIKE);

        return $whole >= self::ENOUGH &&
            abs(tan($tilt)) > self::ALIKE / 2 &&
            array_sum(array_column($agreed, 0)) >= self::AGREED * $whole
            ? $tilt
            : 0.0;
    }

    /**
     * A font that does not say which letters its shapes are gives words of signs.
     *
     * @param  list<TextLine>  $lines
     */
    private static function isReadable(array $lines): bool
    {
        $said = implode('', array_map(fn (TextLine $line): string => $line->text, $lines));
        $signs = preg_match_all('/[\p{So}\p{C}]/u', $said);

        return $signs < 5 || $signs < self::SIGNS * preg_match_all('/[\p{L}\p{N}\p{So}\p{C}]/u', $said);
    }

    private static function unread(TextLine $line): TextLine
    {
        $words = array_map(fn (Word $word): Word => new Word(BitmapMarks::UNREAD, $word->frame), $line->words);

        return $words === [] ? $line : TextLine::of(...$words);
    }

    /** @param  Drawn  $drawn */
    private function add(array $drawn): void
    {
        if ($drawn['isPicture']) {
            $frame = $drawn['path']->frame();
            $frame === null || ($this->drawings[] = $frame);

            return;
        }
        if ($drawn['fill'] !== null) {
            $this->filled($drawn['path'], $drawn['fill'], $drawn['hollow']);
        }
        if ($drawn['stroke'] !== null && $drawn['stroke'] < self::WHITE) {
            $this->stroked($drawn['path'], $drawn['weight'], $drawn['dashed']);
        }
    }

    private function filled(SvgPath $path, float $lightness, bool $hollow): void
    {
        if (count($path->parts) === 2 && $this->edged($path->parts[0], $path->parts[1], $lightness, $hollow)) {
            return;
        }
        foreach ($path->parts as $part) {
            $frame = SvgPath::around($part['points']);
            $isArea = SvgPath::isUpright($part['points']) && ! $part['curved'];
            if (min($frame->width, $frame->height) > self::THICKEST && ($isArea || self::isRounded($part['points']))) {
                $this->shades[] = new Shade($frame, $lightness);
            } elseif ($lightness < self::WHITE) {
                $this->inked($frame, $part['curved']);
            }
        }
    }

    /**
     * An edge may be filled, too: what lies between one shape and another within it. Of some frames only one side is.
     *
     * @param  Run  $one
     * @param  Run  $other
     */
    private function edged(array $one, array $other, float $lightness, bool $hollow): bool
    {
        [$outer, $inner] = [SvgPath::around($one['points']), SvgPath::around($other['points'])];
        if (! $outer->contains($inner)) {
            [$outer, $inner, $one, $other] = [$inner, $outer, $other, $one];
        }
        $left = $inner->x - $outer->x;
        $right = $outer->right() - $inner->right();
        $top = $inner->y - $outer->y;
        $bottom = $outer->bottom() - $inner->bottom();
        $isHollow = $hollow || self::area($one['points']) * self::area($other['points']) < 0;
        if (! $isHollow || min($left, $right, $top, $bottom) < 0 || max($left, $right, $top, $bottom) > self::EDGE) {
            return false;
        }
        if ($lightness >= self::WHITE) {
            return true;
        }
        if (! $one['curved'] || self::isRounded($one['points'])) {
            $sides = [
                new Rule(true, $outer->y + $top / 2, $outer->x, $outer->right(), $top),
                new Rule(true, $outer->bottom() - $bottom / 2, $outer->x, $outer->right(), $bottom),
                new Rule(false, $outer->x + $left / 2, $outer->y, $outer->bottom(), $left),
                new Rule(false, $outer->right() - $right / 2, $outer->y, $outer->bottom(), $right),
            ];
            array_push($this->rules, ...array_filter($sides, fn (Rule $side): bool => $side->weight > 0.0));
        } else {
            $this->closed($one['points'], [], $top, false);
        }

        return true;
    }

    /** A thin area is a rule, a tiny one a dot of one; anything else is drawn. */
    private function inked(Frame $frame, bool $curved): void
    {
        $isDot = max($frame->width, $frame->height) <= self::THICKEST;
        if (min($frame->width, $frame->height) > self::THICKEST || ($curved && ! $isDot)) {
            if (max($frame->width, $frame->height) > self::DOT) {
                $this->drawings[] = $frame;
            } else {
                $this->dots[] = $frame;
            }

            return;
        }
        $this->rules[] =
            $isDot || $frame->width >= $frame->height
                ? new Rule(true, $frame->middle(), $frame->x, $frame->right(), $frame->height)
                : new Rule(false, $frame->x + $frame->width / 2, $frame->y, $frame->bottom(), $frame->width);
    }

    private function stroked(SvgPath $path, float $weight, bool $dashed): void
    {
        foreach ($path->parts as ['points' => $points, 'curved' => $curved, 'closed' => $closed]) {
            $frame = SvgPath::around($points);
            $end = $points[count($points) - 1];
            // Some draw back to where they began without saying that the path is closed.
            $closed = $closed || hypot($end[0] - $points[0][0], $end[1] - $points[0][1]) < 0.6;
            $straight = $askew = [];
            $all = $closed ? [...$points, $points[0]] : $points;
            foreach (array_keys(array_slice($all, 1)) as $index) {
                $rule = self::segment($all[$index], $all[$index + 1], $weight, $dashed);
                if ($rule !== null) {
                    $straight[] = $rule;
                } elseif (
                    hypot($all[$index + 1][0] - $all[$index][0], $all[$index + 1][1] - $all[$index][1]) > 0.5
                ) {
                    $askew[] = SvgPath::around([$all[$index], $all[$index + 1]]);
                }
            }
            if ($curved && $closed) {
                $this->closed($points, $straight, $weight, $dashed);
            } elseif ($askew === [] && ! $curved) {
                array_push($this->rules, ...$straight);
            } elseif (
                // A line to write on and its pointer, in one stroke.
                count($straight) === 1 &&
                count($askew) <= self::POINTER &&
                $straight[0]->level &&
                $straight[0]->length() >= self::WRITTEN_ON &&
                ! $curved &&
                ! $closed
            ) {
                $this->rules[] = $straight[0];
                array_push($this->drawings, ...$askew);
            } else {
                $this->drawings[] = $frame;
                $closed && $this->outline($points);
            }
        }
    }

    /** @param  non-empty-list<array{float, float}>  $points */
    private function outline(array $points): void
    {
        $frame = SvgPath::around($points);
        $isLarge = min($frame->width, $frame->height) >= self::OUTLINE;
        if ($isLarge && count($this->outlines) < self::MOST_OUTLINES && count($points) <= self::MOST_POINTS) {
            $room = InscribedFrame::of($points);
            $room === null || ($this->outlines[] = $room);
        }
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @param  list<Rule>  $straight  sides of what is closed and has round parts
     */
    private function closed(array $points, array $straight, float $weight, bool $dashed): void
    {
        $frame = SvgPath::around($points);
        $level = array_sum(array_map(fn (Rule $rule): float => $rule->level ? $rule->length() : 0.0, $straight));
        // Round corners do not make a frame anything else.
        if ($level > 0.9 * $frame->width && count($straight) >= 4 && self::covers($points, self::CORNERS)) {
            $this->sides($frame, $weight, $dashed);
        } elseif (
            abs($frame->width - $frame->height) < 0.2 * max($frame->width, $frame->height) ||
            self::isOval($frame)
        ) {
            $this->rings[] = $frame;
            max($frame->width, $frame->height) > self::RING && ($this->drawings[] = $frame);
        } else {
            $this->drawings[] = $frame;
            $this->outline($points);
        }
    }

    /**
     * Whether it covers so much of its frame.
     *
     * @param  non-empty-list<array{float, float}>  $points
     */
    private static function covers(array $points, float $share): bool
    {
        $frame = SvgPath::around($points);

        return abs(self::area($points)) >= $share * $frame->width * $frame->height;
    }

    /** Small and lying: to be shaded, as on answer sheets. */
    private static function isOval(Frame $frame): bool
    {
        return $frame->width <= self::OVAL && $frame->height > 0.4 * $frame->width && $frame->height < $frame->width;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private static function segment(array $a, array $b, float $weight, bool $dashed): ?Rule
    {
        if (abs($a[1] - $b[1]) <= SvgPath::LEVEL && abs($a[0] - $b[0]) > SvgPath::LEVEL) {
            return new Rule(true, ($a[1] + $b[1]) / 2, min($a[0], $b[0]), max($a[0], $b[0]), $weight, $dashed);
        }

        return abs($a[0] - $b[0]) <= SvgPath::LEVEL && abs($a[1] - $b[1]) > SvgPath::LEVEL
            ? new Rule(false, ($a[0] + $b[0]) / 2, min($a[1], $b[1]), max($a[1], $b[1]), $weight, $dashed)
            : null;
    }

    private function sides(Frame $frame, float $weight, bool $dashed = false): void
    {
        $this->rules[] = new Rule(true, $frame->y, $frame->x, $frame->right(), $weight, $dashed);
        $this->rules[] = new Rule(true, $frame->bottom(), $frame->x, $frame->right(), $weight, $dashed);
        $this->rules[] = new Rule(false, $frame->x, $frame->y, $frame->bottom(), $weight, $dashed);
        $this->rules[] = new Rule(false, $frame->right(), $frame->y, $frame->bottom(), $weight, $dashed);
    }

    /**
     * Whether it is a rectangle but for its corners, by how much of its frame it covers.
     *
     * @param  non-empty-list<array{float, float}>  $points
     */
    private static function isRounded(array $points): bool
    {
        $frame = SvgPath::around($points);
        $level = 0.0;
        foreach ($points as $index => [$x, $y]) {
            [$nextX, $nextY] = $points[($index + 1) % count($points)];
            $level += abs($nextY - $y) <= SvgPath::LEVEL ? abs($nextX - $x) : 0.0;
        }

        return $level >= $frame->width && self::covers($points, self::ROUNDED);
    }

    /**
     * Less than nothing where it is drawn the other way round.
     *
     * @param  list<array{float, float}>  $points
     */
    private static function area(array $points): float
    {
        $area = 0.0;
        foreach ($points as $index => [$x, $y]) {
            [$nextX, $nextY] = $points[($index + 1) % count($points)];
            $area += ($x * $nextY - $nextX * $y) / 2;
        }

        return $area;
    }
}
