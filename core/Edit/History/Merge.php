<?php

declare(strict_types=1);

namespace OpenSlate\Edit\History;

use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Paper\Fit;
use OpenSlate\Edit\Paper\Repaper;
use OpenSlate\Elements\Element;
use OpenSlate\Format\ElementCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/**
 * Brings the changes of a master's page into the page of a set that was cut from it: a three-way merge on the identity
 * of elements.
 *
 * What the set left as it was takes the master's; what both changed, each in its own way, is a conflict, and stays the
 * set's until it is settled. What the page has as a whole is merged like that too.
 */
final readonly class Merge
{
    /**
     * @param  array<string, Element>  $taken  the elements as merged, conflicts as the set has them
     * @param  list<string>  $order  of all ids, the lowest first
     * @param  array<string, Conflict>  $conflicts  by element id
     * @param  list<PageProperty>  $masters  those of which the master's is taken
     * @param  list<PageProperty>  $disputed  those that both changed, each in its own way
     */
    private function __construct(
        private Page $set,
        private Page $master,
        private array $taken,
        private array $order,
        public array $conflicts,
        private array $masters,
        public array $disputed,
    ) {
    }

    /**
     * @param  Page  $base  the master's page as it was when the two were last the same
     * @param  Page  $set  the set's page now
     * @param  Page  $master  the master's page now
     */
    public static function of(Page $base, Page $set, Page $master): self
    {
        $order = self::order($base, $set, $master);
        $taken = [];
        $conflicts = [];
        foreach ($order as $id) {
            [$was, $mine, $theirs] = [$base->element($id), $set->element($id), $master->element($id)];
            $kept = self::same($theirs, $was) || self::same($mine, $theirs);
            if (! $kept && ! self::same($mine, $was)) {
                $conflicts[$id] = new Conflict($id, $mine, $theirs);
                $kept = true;
            }
            $element = $kept ? $mine : $theirs;
            if ($element !== null) {
                $taken[$id] = $element;
            }
        }
        $changed = array_filter(
            PageProperty::cases(),
            fn (PageProperty $one): bool => ! $one->isAlike($master, $base) && ! $one->isAlike($master, $set),
        );
        $masters = array_filter($changed, fn (PageProperty $one): bool => $one->isAlike($set, $base));

        return new self(
            $set,
            $master,
            $taken,
            $order,
            $conflicts,
            array_values($masters),
            array_values(array_filter($changed, fn (PageProperty $one): bool => ! $one->isAlike($set, $base))),
        );
    }

    public function isClean(): bool
    {
        return $this->conflicts === [] && $this->disputed === [];
    }

    /**
     * The merged page. What the merge would leave off the paper is moved in.
     *
     * @param  list<string>  $fromMaster  the ids of conflicts that are settled the master's way
     * @param  list<PageProperty>  $properties  those that, where they are disputed, are settled the master's way
     *
     * @throws EditRefused when the page would hold too much
     */
    public function page(array $fromMaster = [], array $properties = []): Page
    {
        $elements = [];
        foreach ($this->order as $id) {
            $conflict = in_array($id, $fromMaster, true) ? $this->conflicts[$id] ?? null : null;
            $element = $conflict === null ? $this->taken[$id] ?? null : $conflict->master;
            if ($element !== null) {
                $elements[] = $element;
            }
        }
        if (count($elements) > Page::MOST_ELEMENTS) {
            throw EditRefused::tooMany();
        }
        $of = fn (PageProperty $one): Page => in_array($one, $this->masters, true) ||
        (in_array($one, $this->disputed, true) && in_array($one, $properties, true))
            ? $this->master
            : $this->set;
        $under = $of(PageProperty::Paper);
        $page = new Page(
            $under->size,
            $under->paper,
            $under->backdrop,
            $elements,
            $this->set->carried,
            $of(PageProperty::Tray)->tray,
            $of(PageProperty::Key)->key,
            $of(PageProperty::Counting)->countsParts,
        );
        if ($under !== $this->set) {
            return (new Repaper($under->size, Fit::Keep))->apply($page);
        }

        return PageProperty::Tray->isAlike($page, $this->set)
            ? $page
            : $page->withElements(
                array_map(
                    fn (Element $one): Element => $one->framed(self::held($one->frame(), $page->reach($one))),
                    $elements,
                ),
            );
    }

    /** As near as it can be within. */
    private static function held(Frame $frame, Frame $within): Frame
    {
        return $frame->keptIn($within);
    }

    /**
     * The stacking order: the master's where the set kept the order it had, else the set's; what only the other has
     * goes in above what it lay above there.
     *
     * @return list<string>
     */
    private static function order(Page $base, Page $set, Page $master): array
    {
        $ids = fn (Page $page): array => array_map(fn (Element $element): string => $element->id(), $page->elements());
        [$was, $mine, $theirs] = [$ids($base), $ids($set), $ids($master)];
        $setKept = array_values(array_intersect($mine, $was)) === array_values(array_intersect($was, $mine));
        [$order, $other] = $setKept ? [$theirs, $mine] : [$mine, $theirs];
        $below = null;
        foreach ($other as $id) {
            if (! in_array($id, $order, true)) {
                $at = $below === null ? 0 : (int) array_search($below, $order, true) + 1;
                array_splice($order, $at, 0, [$id]);
            }
            $below = $id;
        }

        return $order;
    }

    private static function same(?Element $a, ?Element $b): bool
    {
        return $a === null || $b === null ? $a === $b : ElementCodec::encode($a) === ElementCodec::encode($b);
    }
}
