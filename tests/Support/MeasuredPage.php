<?php

declare(strict_types=1);

namespace Tests\Support;

use OpenSlate\Blanks\Blank;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;

/**
 * The blanks of a page as Chromium measured them when it laid it out (tests/blanks/make.mjs), against those found.
 *
 * @phpstan-type Truth array{kind: string, x: float, y: float, width: float, height: float}
 */
final readonly class MeasuredPage
{
    /** How far apart the feet of two lines are that are one, in points. */
    private const FOOT = 6.0;

    /** What share of both must be common. */
    private const ALIKE = 0.5;

    /** @param  list<Truth>  $blanks */
    public function __construct(public string $kind, public string $name, public array $blanks)
    {
    }

    /** @return list<self> the pages of tests/blanks/classes/NAME.pdf */
    public static function of(string $name): array
    {
        $pages = json_decode(
            (string) file_get_contents(__DIR__."/../blanks/classes/{$name}.json"),
            true,
            flags: JSON_THROW_ON_ERROR,
        );

        return array_map(fn (array $page): self => new self($page['kind'], $page['name'], $page['blanks']), $pages);
    }

    /** Where they are once the page is turned about its middle, clockwise in radians. */
    public function turned(float $by, Size $size): self
    {
        return new self(
            $this->kind,
            $this->name,
            array_map(function (array $true) use ($by, $size): array {
                $x = $true['x'] + $true['width'] / 2 - $size->width / 2;
                $y = $true['y'] + $true['height'] / 2 - $size->height / 2;

                return [
                    'x' => $size->width / 2 + $x * cos($by) - $y * sin($by) - $true['width'] / 2,
                    'y' => $size->height / 2 + $x * sin($by) + $y * cos($by) - $true['height'] / 2,
                ] + $true;
            }, $this->blanks),
        );
    }

    /**
     * @param  array<int, Blank>  $found
     * @return array{list<array{Truth, Blank}>, list<Truth>, list<Blank>} found and right, not found, found and wrong
     */
    public function against(array $found): array
    {
        $right = $missed = [];
        foreach ($this->blanks as $true) {
            $best = self::best($true, $found);
            if ($best === null) {
                $missed[] = $true;
            } else {
                $right[] = [$true, $found[$best]];
                unset($found[$best]);
            }
        }

        return [$right, $missed, array_values($found)];
    }

    /**
     * @param  Truth  $true
     * @param  array<int, Blank>  $found
     */
    private static function best(array $true, array $found): ?int
    {
        $frame = Frame::of($true['x'], $true['y'], $true['width'], $true['height']);
        $isFlat = in_array($true['kind'], ['line', 'gap'], true);
        $best = null;
        $most = self::ALIKE;
        foreach ($found as $index => $blank) {
            // How high one may write above a line is a matter of taste; where the line is, is not.
            $like = match (true) {
                ! $isFlat => self::overlap($frame, $blank->frame),
                abs($blank->frame->bottom() - $frame->bottom()) < self::FOOT => (min(
                    $frame->right(),
                    $blank->frame->right(),
                ) -
                    max($frame->x, $blank->frame->x)) /
                    (max($frame->right(), $blank->frame->right()) - min($frame->x, $blank->frame->x)),
                default => 0.0,
            };
            if ($like >= $most) {
                [$best, $most] = [$index, $like];
            }
        }

        return $best;
    }

    /** What two frames share, of what they cover together. */
    public static function overlap(Frame $a, Frame $b): float
    {
        $shared =
            max(0.0, min($a->right(), $b->right()) - max($a->x, $b->x)) *
            max(0.0, min($a->bottom(), $b->bottom()) - max($a->y, $b->y));

        return $shared / ($a->width * $a->height + $b->width * $b->height - $shared);
    }
}
