<?php

declare(strict_types=1);

namespace App\Exports;

use OpenSlate\Paper\Size;
use OpenSlate\Text\TypedLines;

/** A sheet after the pages of a copy, for what has no room on them: long answers, and what was said of the whole. */
final readonly class Notes
{
    public const SIZE_OF_TYPE = 11.0;

    public const PITCH = 16.0;

    public const MARGIN = 54.0;

    /** The heading of a sheet, and the question above an answer, in lines. */
    private const HEADING = 4;

    private const APART = 1;

    /** @param  list<array{string, list<string>}>  $entries  what is asked, and the lines of what was said */
    private function __construct(public Size $size, public string $title, public array $entries)
    {
    }

    /**
     * @param  list<array{string, string}>  $entries  what is asked, and what was said
     * @return list<self> as many sheets as it takes
     */
    public static function of(Size $size, string $title, array $entries): array
    {
        $most = max(6, (int) floor(($size->height - 2 * self::MARGIN) / self::PITCH) - self::HEADING);
        $width = max(72.0, $size->width - 2 * self::MARGIN);
        $sheets = [];
        $on = [];
        $used = 0;
        foreach ($entries as [$asked, $said]) {
            $heading = self::APART + count(TypedLines::of($asked, $width, self::SIZE_OF_TYPE));
            $lines = TypedLines::of($said, $width, self::SIZE_OF_TYPE);
            while ($lines !== []) {
                // No question stands at the foot without a line of its answer.
                if ($on !== [] && $used + $heading + 1 > $most) {
                    $sheets[] = new self($size, $title, $on);
                    [$on, $used] = [[], 0];
                }
                $some = array_splice($lines, 0, max(1, $most - $used - $heading));
                $on[] = [$asked, $some];
                $used += $heading + count($some);
            }
        }

        return $on === [] ? $sheets : [...$sheets, new self($size, $title, $on)];
    }
}
