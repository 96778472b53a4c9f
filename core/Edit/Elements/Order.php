<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/** Puts elements above or below others: all the way, or past the next one. Their order among themselves stays. */
final readonly class Order implements Edit
{
    public function __construct(public Selection $selection, public OrderTo $to)
    {
    }

    public function apply(Page $page): Page
    {
        $selected = $this->selection->on($page);
        $others = array_values(
            array_filter($page->elements(), fn (Element $element): bool => ! $this->selection->has($element)),
        );
        if ($this->to === OrderTo::Front || $this->to === OrderTo::Back) {
            return $page->withElements(
                $this->to === OrderTo::Front ? [...$others, ...$selected] : [...$selected, ...$others],
            );
        }
        $elements = $page->elements();
        $forward = $this->to === OrderTo::Forward;
        // From the end towards which they go, each steps past the next one that is not itself on its way.
        $places = $forward ? array_reverse(array_keys($elements)) : array_keys($elements);
        foreach ($places as $at) {
            $next = $at + ($forward ? 1 : -1);
            if (
                isset($elements[$next]) &&
                $this->selection->has($elements[$at]) &&
                ! $this->selection->has($elements[$next])
            ) {
                [$elements[$at], $elements[$next]] = [$elements[$next], $elements[$at]];
            }
        }

        return $page->withElements(array_values($elements));
    }
}
