<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Assembly\Hold;
use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Assembly\Placed;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Spot;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;
use OpenSlate\Page\Page;

/** The parts and the spots of a page, and where a student's model has them. */
final readonly class Scene
{
    /** @var array<string, Part> by id */
    public array $parts;

    /** @var array<string, Spot> by id, the lowest first */
    public array $spots;

    public function __construct(public Page $page)
    {
        $parts = $spots = [];
        foreach ($page->elements() as $element) {
            if ($element instanceof Part) {
                $parts[$element->id] = $element;
            } elseif ($element instanceof Spot) {
                $spots[$element->id] = $element;
            }
        }
        [$this->parts, $this->spots] = [$parts, $spots];
    }

    /** @return list<string> ids of all the parts there are, copies of a stock one by one */
    public function ids(): array
    {
        $keys = [];
        foreach ($this->parts as $id => $part) {
            for ($n = 1; $n <= $part->stock; $n++) {
                $keys[] = "{$id}.{$n}";
            }
        }

        return $keys;
    }

    /** @throws ModelRefused when there is no such part, or not so many of it */
    public function part(string $key): Part
    {
        [$id, $number] = [...explode('.', $key), '0'];
        $part = $this->parts[$id] ?? null;

        return $part === null || (int) $number < 1 || (int) $number > $part->stock
            ? throw ModelRefused::noSuchPart()
            : $part;
    }

    /** Where a part is: where the model has it, or else where the teacher put it. */
    public function where(string $key, Model $model): Placed
    {
        return $model->find($key) ?? $this->home($key);
    }

    public function home(string $key): Placed
    {
        $part = $this->part($key);
        if ($part->form !== PartForm::Connector) {
            return new Placed($key, $part->frame->x, $part->frame->y, Hold::nothing());
        }
        [$from, $to] = $part->ends();

        return (new Placed($key, $from->x, $from->y, Hold::nothing()))->ending($to, Hold::nothing());
    }

    public function frame(Placed $placed): Frame
    {
        $part = $this->part($placed->id);
        if ($placed->end !== null) {
            return Frame::of(
                min($placed->x, $placed->end->x),
                min($placed->y, $placed->end->y),
                abs($placed->end->x - $placed->x),
                abs($placed->end->y - $placed->y),
            );
        }

        return $placed->frame($part->frame->width, $part->frame->height);
    }

    /**
     * Where the joints of a part are.
     *
     * @return array<string, Point> by the joint's id
     */
    public function joints(Placed $placed): array
    {
        $part = $this->part($placed->id);
        $points = [];
        foreach ($part->form === PartForm::Connector ? [] : $part->joints as $joint) {
            $points[$joint->id] = new Point(
                $placed->x + $joint->x * $part->frame->width,
                $placed->y + $joint->y * $part->frame->height,
            );
        }

        return $points;
    }

    /**
     * What a moved part may be lined up with: the parts on the page, where a model has them. What waits in a stock, and
     * connectors, are left out.
     *
     * @return array<string, Frame> by key
     */
    public function lined(Model $model): array
    {
        $frames = [];
        foreach ($this->parts as $id => $part) {
            for ($n = 1; $part->form !== PartForm::Connector && $n <= $part->stock; $n++) {
                $key = "{$id}.{$n}";
                $placed = $model->find($key);
                if ($placed === null && $part->stock > 1) {
                    continue;
                }
                $frame = $placed?->frame($part->frame->width, $part->frame->height) ?? $part->frame;
                if (! $this->page->isBeside($frame)) {
                    $frames[$key] = $frame;
                }
            }
        }

        return $frames;
    }

    /** Whether a part is on the page, and not in the tray beside it. */
    public function isOnPage(Placed $placed): bool
    {
        return ! $this->page->isBeside($this->frame($placed));
    }
}
