<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Paper;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;
use OpenSlate\Edit\Edit;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Parts\Scene;

/**
 * Turns a page clockwise by quarters, with the print, all that lies on it, its tray and the right model of its parts.
 * Words in boxes and labels stay upright.
 */
final readonly class Turn implements Edit
{
    public function __construct(public Rotation $by)
    {
    }

    public function apply(Page $page): Page
    {
        [$width, $height] = [$page->size->width, $page->size->height];

        return $page
            ->onPaper(
                $page->size->turned($this->by),
                $page->backdrop?->turned($this->by, $page->backdrop->frame?->turned($this->by, $width, $height)),
                array_map(function (Element $element) use ($width, $height): Element {
                    $laid = $element->framed($element->frame()->turned($this->by, $width, $height));

                    return $laid instanceof Clip ? $laid->turned($this->by) : $laid;
                }, $page->elements()),
            )
            ->withTray(
                $page->tray === null
                    ? null
                    : new Tray($page->tray->side->turned($this->by), $page->tray->depth, $page->tray->open),
            )
            ->withKey(
                $page->key === null
                    ? null
                    : new ModelKey($this->model($page->key->model, $page), $page->key->counts, $page->key->points),
            );
    }

    private function model(string $model, Page $page): string
    {
        $scene = new Scene($page);
        $turned = fn (Frame $frame): Frame => $frame->turned($this->by, $page->size->width, $page->size->height);

        return Model::of(
            array_map(function (Placed $one) use ($scene, $turned): Placed {
                if ($one->end === null) {
                    return $one->put($turned($scene->frame($one))->corner());
                }
                $point = fn (float $x, float $y): Point => $turned(Frame::of($x, $y, 0, 0))->corner();

                return $one->put($point($one->x, $one->y))->ending(
                    $point($one->end->x, $one->end->y),
                    $one->end->held,
                );
            }, Model::parse($model)->only($scene->ids())->placed),
        )->text();
    }
}
