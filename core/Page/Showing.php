<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Table;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;

/**
 * What of a picture can be seen on a page by those who are handed it: which region of it, and what of that is covered.
 *
 * What is covered or lies outside is not theirs to have, however they ask for it, so that it is taken out of the
 * picture itself.
 */
final readonly class Showing
{
    private const ALL = [0.0, 0.0, 1.0, 1.0];

    /**
     * @param  Frame  $frame  where it shows on the page
     * @param  array{float, float, float, float}  $region  what of the picture shows there: left, top, width and height
     *                                                     as
     *                                                    shares of the upright picture's
     * @param  Rotation  $turn  of the region, once it is cut out
     * @param  bool  $stretched  whether it fills its frame; else it is as large as fits, in the middle
     * @param  list<Frame>  $covered  what lies over it, on the page, cut to the frame
     */
    private function __construct(
        public Frame $frame,
        public array $region,
        public Rotation $turn,
        public bool $stretched,
        public array $covered,
    ) {
    }

    /** Null where the page has no print, or none of it is on the paper. */
    public static function ofPrint(Page $page): ?self
    {
        if ($page->backdrop === null) {
            return null;
        }
        $laid = $page->backdrop->frame ?? $page->frame();
        $shown = $laid->within($page->frame());
        if ($shown->width <= 0 || $shown->height <= 0) {
            return null;
        }
        $upright = $page->backdrop->turn->swapsSides() ? [$laid->height, $laid->width] : [$laid->width, $laid->height];
        $cut = $shown
            ->moved(-$laid->x, -$laid->y)
            ->turned($page->backdrop->turn->inverse(), $laid->width, $laid->height);
        $region =
            $shown == $laid
                ? self::ALL
                : [$cut->x / $upright[0], $cut->y / $upright[1], $cut->width / $upright[0], $cut->height / $upright[1]];

        return new self($shown, $region, $page->backdrop->turn, true, self::over($page, $shown, -1));
    }

    public static function ofClip(Page $page, Clip $clip): self
    {
        return new self(
            $clip->frame,
            [$clip->left, $clip->top, $clip->across, $clip->down],
            $clip->turn,
            true,
            self::over($page, $clip->frame, self::level($page, $clip)),
        );
    }

    public static function ofPicture(Page $page, Picture $picture): self
    {
        return new self(
            $picture->frame,
            self::ALL,
            Rotation::None,
            false,
            self::over($page, $picture->frame, self::level($page, $picture)),
        );
    }

    /** Whether the picture shows as it is. */
    public function isWhole(): bool
    {
        return $this->covered === [] && $this->region === self::ALL;
    }

    /** Whether something lies so on a page that nothing behind it can be seen. */
    public static function covers(Element $element): bool
    {
        return $element instanceof Patch ||
            (($element instanceof AnswerBox || $element instanceof Table || $element instanceof Organiser) &&
                $element->cover);
    }

    /**
     * @param  int  $level  of what may be covered; what covers it lies above
     * @return list<Frame>
     */
    private static function over(Page $page, Frame $frame, int $level): array
    {
        $covered = [];
        foreach (array_slice($page->elements(), $level + 1) as $element) {
            if (self::covers($element) && $element->frame()->meets($frame)) {
                $covered[] = $element->frame()->within($frame);
            }
        }

        return array_values(array_filter($covered, fn (Frame $over): bool => $over->width > 0 && $over->height > 0));
    }

    private static function level(Page $page, Element $element): int
    {
        return (int) array_search(
            $element->id(),
            array_map(fn (Element $one): string => $one->id(), $page->elements()),
            true,
        );
    }
}
