<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** Makes elements as wide, as high, or as large as the one that was selected first. What is locked stays as it is. */
final readonly class SameSize implements Edit
{
    public function __construct(public Selection $selection, public Side $side)
    {
    }

    public function apply(Page $page): Page
    {
        $this->selection->on($page);
        $model = $page->element($this->selection->ids[0])?->frame() ?? throw EditRefused::missing();

        return $this->selection->change($page, function (Element $element) use ($model, $page): Element {
            $frame = $element->frame();
            $width = $this->side === Side::Height ? $frame->width : $model->width;
            $height = $this->side === Side::Width ? $frame->height : $model->height;

            return $element->isLocked()
                ? $element
                : $element->framed(
                    Frame::of(
                        max(0.0, min($frame->x, $page->size->width - $width)),
                        max(0.0, min($frame->y, $page->size->height - $height)),
                        $width,
                        $height,
                    ),
                );
        });
    }
}
