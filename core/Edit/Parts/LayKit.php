<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Parts;

use Closure;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;

/**
 * Lays what is on a kit's page on another page: what waits in the kit's tray in this page's, all else in the middle,
 * made smaller where the page is.
 */
final readonly class LayKit implements Edit
{
    /** @param  Closure(): string  $newId */
    public function __construct(public Page $kit, public Closure $newId)
    {
    }

    public function apply(Page $page): Page
    {
        $tray = $this->tray($page);
        $page = $page->withTray($tray);
        $scale = min(1.0, $page->size->width / $this->kit->size->width, $page->size->height / $this->kit->size->height);
        $groups = [];
        $laid = array_map(function (Element $element) use ($page, $scale, &$groups): Element {
            $frame =
                $this->kit->isBeside($element->frame()) && $page->tray !== null
                    ? $this->waiting($element->frame(), $page, $page->tray)
                    : $this->inTheMiddle($element->frame(), $page, $scale);
            $group = $element->group();
            if ($group !== null) {
                $groups[$group] ??= ($this->newId)();
            }

            return $element
                ->identified(($this->newId)())
                ->framed($frame)
                ->grouped($group === null ? null : $groups[$group]);
        }, $this->kit->elements());

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

    /** As far from the page as in the kit, held within the tray. */
    private function waiting(Frame $frame, Page $page, Tray $tray): Frame
    {
        $from = $this->kit->tray?->frame($this->kit->size) ?? $this->kit->frame();
        $to = $tray->frame($page->size);
        $turned = $tray->isUpright() !== ($this->kit->tray?->isUpright() ?? false);
        [$x, $y] = [$frame->x - $from->x, $frame->y - $from->y];
        $moved = Frame::of(
            $to->x + ($turned ? $y : $x),
            $to->y + ($turned ? $x : $y),
            min($frame->width, $to->width),
            min($frame->height, $to->height),
        );

        return $moved->keptIn($to);
    }

    private function inTheMiddle(Frame $frame, Page $page, float $scale): Frame
    {
        $moved = $frame
            ->scaled($scale)
            ->moved(
                ($page->size->width - $this->kit->size->width * $scale) / 2,
                ($page->size->height - $this->kit->size->height * $scale) / 2,
            );

        return $moved->keptIn($page->frame());
    }
}
