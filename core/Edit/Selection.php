<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/** The elements that an edit is about, by id. */
final readonly class Selection
{
    /** @var array<array-key, true> by id */
    private array $chosen;

    /** @param  non-empty-list<string>  $ids */
    private function __construct(public array $ids)
    {
        $this->chosen = array_fill_keys($ids, true);
    }

    /**
     * @param  list<string>  $ids
     *
     * @throws EditRefused when there is none
     */
    public static function of(array $ids): self
    {
        $ids = array_values(array_unique($ids));

        return $ids === [] ? throw EditRefused::nothingChosen() : new self($ids);
    }

    public function has(Element $element): bool
    {
        return isset($this->chosen[$element->id()]);
    }

    /**
     * @return non-empty-list<Element> in stacking order
     *
     * @throws EditRefused when one is not on the page
     */
    public function on(Page $page): array
    {
        $found = [];
        foreach ($page->elements() as $element) {
            if ($this->has($element)) {
                $found[] = $element;
            }
        }

        return $found === [] || count($found) < count($this->ids) ? throw EditRefused::missing() : $found;
    }

    /**
     * Those that are not locked.
     *
     * @throws EditRefused when one is not on the page, or all are locked
     */
    public function unlocked(Page $page): self
    {
        $free = array_filter($this->on($page), fn (Element $element): bool => ! $element->isLocked());

        return $free === []
            ? throw EditRefused::locked()
            : self::of(array_values(array_map(fn (Element $element): string => $element->id(), $free)));
    }

    /**
     * The page with each selected element put through the change.
     *
     * @param  callable(Element): Element  $change
     *
     * @throws EditRefused
     */
    public function change(Page $page, callable $change): Page
    {
        $this->on($page);

        return $page->withElements(
            array_map(
                fn (Element $element): Element => $this->has($element) ? $change($element) : $element,
                $page->elements(),
            ),
        );
    }
}
