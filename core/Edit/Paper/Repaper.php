<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Paper;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;
use OpenSlate\Edit\Edit;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Written;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Size;

/**
 * Puts a page on paper of another size. What would lie off the paper is moved in, and made smaller only if it must be.
 */
final readonly class Repaper implements Edit
{
    public function __construct(public Size $size, public Fit $fit)
    {
    }

    public function apply(Page $page): Page
    {
        return $page
            ->onPaper(
                $this->size,
                $page->backdrop === null ? null : $this->print($page->backdrop, $page),
                array_map(
                    fn (Element $element): Element => $page->isBeside($element->frame())
                        ? $this->beside($element, $page)
                        : $this->element($element, $page),
                    $page->elements(),
                ),
            )
            ->withKey($page->key === null ? null : $this->key($page->key, $page));
    }

    /** The right model goes with the parts. */
    private function key(ModelKey $key, Page $page): ModelKey
    {
        $moved = fn (float $x, float $y): Point => $this->laid(Frame::of($x, $y, 0, 0), $page)->corner();
        $model = Model::of(
            array_map(function (Placed $one) use ($moved): Placed {
                $laid = $one->put($moved($one->x, $one->y));

                return $one->end === null
                    ? $laid
                    : $laid->ending($moved($one->end->x, $one->end->y), $one->end->held);
            }, Model::parse($key->model)->placed),
        );

        return new ModelKey($model->text(), $key->counts, $key->points);
    }

    /**
     * What would happen to the page, to be said before it does.
     *
     * How much all grows, how many elements would have to be moved in and made smaller, and whether some of the print
     * would lie off the paper.
     *
     * @return array{scale: float, moved: int, shrunk: int, cut: bool}
     */
    public function consequences(Page $page): array
    {
        $moved = 0;
        $shrunk = 0;
        foreach ($page->elements() as $element) {
            if ($page->isBeside($element->frame())) {
                continue;
            }
            $wanted = $this->laid($element->frame(), $page);
            $got = $this->within($wanted);
            $smaller = $got->width < $wanted->width || $got->height < $wanted->height;
            $shrunk += (int) $smaller;
            $moved += (int) (! $smaller && ($got->x !== $wanted->x || $got->y !== $wanted->y));
        }
        $print = $page->backdrop === null ? null : $this->laid($page->backdrop->frame ?? $page->frame(), $page);

        return [
            'scale' => $this->factor($page),
            'moved' => $moved,
            'shrunk' => $shrunk,
            'cut' => $print !== null &&
                ($print->right() > $this->size->width + 0.01 || $print->bottom() > $this->size->height + 0.01),
        ];
    }

    /** Print that covers the whole paper says so by having no frame. */
    private function print(Backdrop $backdrop, Page $page): Backdrop
    {
        $laid = $this->laid($backdrop->frame ?? $page->frame(), $page);

        return $laid == $this->size->frame() ? $backdrop->turned(Rotation::None, null) : $backdrop->laid($laid);
    }

    /** What waits in the tray keeps its place there. */
    private function beside(Element $element, Page $page): Element
    {
        $frame = $element->frame();
        $moved = $frame->moved(
            $frame->x >= $page->size->width ? $this->size->width - $page->size->width : 0.0,
            $frame->y >= $page->size->height ? $this->size->height - $page->size->height : 0.0,
        );
        $within = $page->onPaper($this->size, null, [])->whole();

        return $element->framed($moved->keptIn($within));
    }

    private function element(Element $element, Page $page): Element
    {
        $laid = $element->framed($this->within($this->laid($element->frame(), $page)));

        return $laid instanceof Written ? $laid->enlarged($this->factor($page)) : $laid;
    }

    private function factor(Page $page): float
    {
        return $this->fit === Fit::Keep
            ? 1.0
            : min($this->size->width / $page->size->width, $this->size->height / $page->size->height);
    }

    private function laid(Frame $frame, Page $page): Frame
    {
        if ($this->fit === Fit::Keep) {
            return $frame;
        }
        $factor = $this->factor($page);

        return $frame
            ->scaled($factor)
            ->moved(
                ($this->size->width - $page->size->width * $factor) / 2,
                ($this->size->height - $page->size->height * $factor) / 2,
            );
    }

    private function within(Frame $frame): Frame
    {
        $width = min($frame->width, $this->size->width);
        $height = min($frame->height, $this->size->height);

        return Frame::of(
            max(0.0, min($frame->x, $this->size->width - $width)),
            max(0.0, min($frame->y, $this->size->height - $height)),
            $width,
            $height,
        );
    }
}
