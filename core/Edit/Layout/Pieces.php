<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** The selected elements as pieces that move as one: each group is one piece, and each element in no group. */
final readonly class Pieces
{
    /** @param  non-empty-list<Piece>  $all */
    private function __construct(public array $all)
    {
    }

    /** @throws EditRefused when there is none */
    public static function of(Selection $selection, Page $page): self
    {
        return new self(self::grouped($selection->on($page)));
    }

    /** @return list<Piece> all that is on a page, in stacking order */
    public static function inOrder(Page $page): array
    {
        return $page->elements() === [] ? [] : self::grouped($page->elements());
    }

    /**
     * @param  non-empty-list<Element>  $elements
     * @return non-empty-list<Piece>
     */
    private static function grouped(array $elements): array
    {
        $pieces = [];
        foreach ($elements as $element) {
            $pieces[$element->group() === null ? "one {$element->id()}" : "group {$element->group()}"][] = $element;
        }

        return array_values(array_map(fn (array $elements): Piece => new Piece($elements), $pieces));
    }

    public function around(): Frame
    {
        return Frame::around(array_map(fn (Piece $piece): Frame => $piece->frame, $this->all));
    }

    /**
     * The page with each piece moved; what would leave the page is held back, and what is locked stays.
     *
     * @param  callable(Piece): array{float, float}  $step  how far, in points
     */
    public function moved(Page $page, callable $step): Page
    {
        $frames = [];
        foreach ($this->all as $piece) {
            if (! $piece->isLocked()) {
                [$dx, $dy] = $piece->frame->moveWithin(...[...$step($piece), $piece->reach($page)]);
                foreach ($piece->elements as $element) {
                    $frames[$element->id()] = $element->frame()->moved($dx, $dy);
                }
            }
        }

        return $page->withElements(
            array_map(
                fn (Element $element): Element => isset($frames[$element->id()])
                    ? $element->framed($frames[$element->id()])
                    : $element,
                $page->elements(),
            ),
        );
    }
}
