<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Parts;

use Closure;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\FreeRoom;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Written;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;

/**
 * Lays what is on a kit's page on another page, clear of what is there: what waits in the kit's tray in this page's,
 * all else as near to the middle as there is room, made smaller where the page is or where the room is.
 */
final readonly class LayKit implements Edit
{
    /** Between it and what is there, in points. */
    private const GAP = 6.0;

    /** How much smaller it is made for want of room, at the most in the last step. */
    private const SMALLER = [1.0, 0.8, 0.6];

    /** What covers this much of the page is its ground, and may be lain on. */
    private const GROUND = 0.5;

    /** @param  Closure(): string  $newId */
    public function __construct(public Page $kit, public Closure $newId)
    {
    }

    public function apply(Page $page): Page
    {
        [$waiting, $lying] = [[], []];
        foreach ($this->kit->elements() as $element) {
            $this->kit->isBeside($element->frame()) ? ($waiting[] = $element) : ($lying[] = $element);
        }
        $page = $page->withTray($this->tray($page));
        $laid = [];
        $groups = [];
        $kept = [...$this->lying($lying, $page), ...$this->waiting($waiting, $page)];
        // In the kit's own order: what lies over what stays so.
        foreach ($this->kit->ids() as $id) {
            $group = $kept[$id]->group();
            if ($group !== null) {
                $groups[$group] ??= ($this->newId)();
            }
            $laid[] = $kept[$id]
                ->identified(($this->newId)())
                ->grouped($group === null ? null : $groups[$group]);
        }

        return (new Place($laid))->apply($page);
    }

    /** The page's own tray, deep enough for what comes; where it has none, the kit's. */
    private function tray(Page $page): ?Tray
    {
        $waiting = array_filter($this->kit->parts(), fn (Part $part): bool => $this->kit->isBeside($part->frame));
        if ($waiting === [] || $this->kit->tray === null) {
            return $page->tray;
        }
        $tray = $page->tray ?? $this->kit->tray;

        return new Tray($tray->side, max($tray->depth, $this->kit->tray->depth), $tray->open);
    }

    /**
     * @param  list<Element>  $elements
     * @return array<string, Element> by id
     */
    private function lying(array $elements, Page $page): array
    {
        if ($elements === []) {
            return [];
        }
        $fits = min(1.0, $page->size->width / $this->kit->size->width, $page->size->height / $this->kit->size->height);
        $taken = self::taken($page, fn (Frame $frame): bool => ! $page->isBeside($frame));
        foreach (self::SMALLER as $smaller) {
            $scale = $fits * $smaller;
            $frames = array_map(
                fn (Element $element): Frame => $element
                    ->frame()
                    ->scaled($scale)
                    ->moved(
                        ($page->size->width - $this->kit->size->width * $scale) / 2,
                        ($page->size->height - $this->kit->size->height * $scale) / 2,
                    )
                    ->keptIn($page->frame()),
                $elements,
            );
            $all = Frame::around($frames);
            $free = FreeRoom::nearest($all, $taken, $page->frame(), self::GAP);
            if ($free !== null) {
                return self::put($elements, $frames, $free->x - $all->x, $free->y - $all->y, $smaller);
            }
        }

        throw EditRefused::noRoomForKit();
    }

    /**
     * As far from the page as in the kit, held within the tray, beside what waits there already where there is room.
     *
     * @param  list<Element>  $elements
     * @return array<string, Element> by id
     */
    private function waiting(array $elements, Page $page): array
    {
        $to = $page->tray?->frame($page->size);
        if ($elements === [] || $to === null) {
            $frames = array_map(fn (Element $element): Frame => $element->frame(), $elements);

            return self::put($elements, $frames, 0.0, 0.0, 1.0);
        }
        $from = $this->kit->tray?->frame($this->kit->size) ?? $this->kit->frame();
        $turned = $page->tray->isUpright() !== ($this->kit->tray?->isUpright() ?? false);
        $frames = array_map(function (Element $element) use ($from, $to, $turned): Frame {
            $frame = $element->frame();
            [$x, $y] = [$frame->x - $from->x, $frame->y - $from->y];

            return Frame::of(
                $to->x + ($turned ? $y : $x),
                $to->y + ($turned ? $x : $y),
                min($frame->width, $to->width),
                min($frame->height, $to->height),
            )->keptIn($to);
        }, $elements);
        $all = Frame::around($frames);
        $free = FreeRoom::nearest($all, self::taken($page, $page->isBeside(...)), $to, self::GAP) ?? $all;

        return self::put($elements, $frames, $free->x - $all->x, $free->y - $all->y, 1.0);
    }

    /**
     * @param  callable(Frame): bool  $counts
     * @return list<Frame> where something lies that is not the ground of the page
     */
    private static function taken(Page $page, callable $counts): array
    {
        $ground = self::GROUND * $page->size->width * $page->size->height;
        $frames = [];
        foreach ($page->elements() as $element) {
            $frame = $element->frame();
            if ($counts($frame) && $frame->width * $frame->height < $ground) {
                $frames[] = $frame;
            }
        }

        return $frames;
    }

    /**
     * @param  list<Element>  $elements
     * @param  list<Frame>  $frames  one for each
     * @param  float  $smaller  how many times as large their words are
     * @return array<string, Element> by id
     */
    private static function put(array $elements, array $frames, float $dx, float $dy, float $smaller): array
    {
        $put = [];
        foreach ($elements as $at => $element) {
            $framed = $element->framed($frames[$at]->moved($dx, $dy));
            $put[$element->id()] = $framed instanceof Written && $smaller < 1.0 ? $framed->enlarged($smaller) : $framed;
        }

        return $put;
    }
}
