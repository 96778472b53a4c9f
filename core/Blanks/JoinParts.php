<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use Closure;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** What makes printed dots ends that lines hold to: a ring round each, fixed, and a stock of lines between them. */
final class JoinParts
{
    /** How wide a ring is, in points: wide enough for a finger beside the dot that it goes round. */
    private const RING = 16.0;

    /** How long a line lies while nobody has drawn it, at the most, and how high its frame is. */
    private const LINE = 60.0;

    private const HIGH = 10.0;

    /**
     * @param  Closure(): string  $id  a new name for an element
     * @return list<Part>
     */
    public static function of(Blank $join, Closure $id): array
    {
        $rings = array_map(function (JoinEnd $end) use ($id): Part {
            $middle = $end->dot->centre();

            return new Part(
                $id(),
                Frame::of($middle->x - self::RING / 2, $middle->y - self::RING / 2, self::RING, self::RING),
                PartForm::Ellipse,
                name: mb_substr($end->words, 0, Part::LONGEST_NAME),
                weight: 1.0,
                joints: [new Joint('a', 0.5, 0.5)],
                locked: true,
            );
        }, $join->ends);
        $lefts = count(array_filter($join->ends, fn (JoinEnd $end): bool => $end->isLeft));
        $width = min(self::LINE, $join->frame->width / 2);

        return [
            ...$rings,
            new Part(
                $id(),
                Frame::of(
                    $join->frame->centre()->x - $width / 2,
                    max(0.0, $join->frame->y - self::HIGH),
                    $width,
                    self::HIGH,
                ),
                PartForm::Connector,
                name: 'line',
                stock: max($lefts, count($join->ends) - $lefts),
            ),
        ];
    }

    /** Whether the ends of a join are parts already. */
    public static function areOn(Page $page, Blank $join): bool
    {
        $held = array_filter(
            $join->ends,
            function (JoinEnd $end) use ($page): bool {
                foreach ($page->parts() as $part) {
                    if ($part->locked && $part->joints !== [] && $part->frame->holds($end->dot->centre())) {
                        return true;
                    }
                }

                return false;
            },
        );

        return 2 * count($held) >= count($join->ends);
    }
}
