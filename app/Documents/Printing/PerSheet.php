<?php

declare(strict_types=1);

namespace App\Documents\Printing;

/** How many pages are printed on a sheet of paper, and which. */
enum PerSheet: string
{
    case One = 'one';
    case Two = 'two';
    case Four = 'four';

    /** Each page twice, to be cut apart. */
    case Twice = 'twice';

    /** Two on each side, so that the sheets, laid in each other and folded, are read from front to back. */
    case Booklet = 'booklet';

    /** @return array{int<1, 2>, int<1, 2>} how many lie beside each other, and below, where pages are upright */
    public function cells(): array
    {
        return match ($this) {
            self::One => [1, 1],
            self::Four => [2, 2],
            self::Two, self::Twice, self::Booklet => [2, 1],
        };
    }

    /**
     * @return list<list<int|null>> for each side of paper the numbers of its pages; null is left empty
     */
    public function sides(int $pages): array
    {
        $numbers = $pages === 0 ? [] : range(1, $pages);

        return match ($this) {
            self::Twice => array_map(fn (int $number): array => [$number, $number], $numbers),
            self::Booklet => self::folded($pages),
            default => array_chunk($numbers, $this->cells()[0] * $this->cells()[1]),
        };
    }

    /** @return list<list<int|null>> front and back of each sheet in turn, the outermost first */
    private static function folded(int $pages): array
    {
        $all = 4 * (int) ceil($pages / 4);
        $there = fn (int $number): ?int => $number <= $pages ? $number : null;
        $sides = [];
        for ($first = 1, $last = $all; $first < $last; $first += 2, $last -= 2) {
            $sides[] = [$there($last), $there($first)];
            $sides[] = [$there($first + 1), $there($last - 1)];
        }

        return $sides;
    }
}
