<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Parts;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;

/** Puts a tray beside the page, changes it, or takes it away. What waits in it goes with it. */
final readonly class SetTray implements Edit
{
    /** @param  Tray|null  $tray  null takes it away */
    public function __construct(public ?Tray $tray)
    {
    }

    public function apply(Page $page): Page
    {
        $waiting = array_filter($page->parts(), fn (Part $part): bool => $page->isBeside($part->frame));
        if ($this->tray === null) {
            return $waiting === [] ? $page->withTray(null) : throw EditRefused::partsInTheTray();
        }
        $next = $page->withTray($this->tray);

        return $next->withElements(
            array_map(
                fn (Element $element): Element => $element instanceof Part && $page->isBeside($element->frame)
                    ? $element->framed($this->carried($element->frame, $page, $next))
                    : $element,
                $page->elements(),
            ),
        );
    }

    /** As far along the new tray, and as deep in it, as it was in the old one. */
    private function carried(Frame $frame, Page $page, Page $next): Frame
    {
        if ($page->tray === null || $next->tray === null) {
            return $frame;
        }
        [$from, $to] = [$page->tray->frame($page->size), $next->tray->frame($next->size)];
        [$along, $deep] = $page->tray->isUpright()
            ? [$frame->y - $from->y, $frame->x - $from->x]
            : [$frame->x - $from->x, $frame->y - $from->y];
        $moved = Frame::of(
            $to->x + ($next->tray->isUpright() ? $deep : $along),
            $to->y + ($next->tray->isUpright() ? $along : $deep),
            $frame->width,
            $frame->height,
        );

        return $moved->keptIn($to);
    }
}
