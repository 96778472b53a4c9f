<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use InvalidArgumentException;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;

/** A page: its paper, what is printed on it, and the elements over that, the lowest first. */
final readonly class Page
{
    public const MOST_ELEMENTS = 500;

    /** @var array<string, Element> by id, in stacking order */
    private array $elements;

    /**
     * @param  list<Element>  $elements
     * @param  float|null  $carried  on a page that carries the one before on: how far down its things lie, in points,
     *                               from where they would be if that page went on below its foot
     *
     * @throws InvalidArgumentException when two elements have one id
     */
    public function __construct(
        public Size $size,
        public Colour $paper,
        public ?Backdrop $backdrop = null,
        array $elements = [],
        public ?float $carried = null,
    ) {
        $byId = [];
        foreach ($elements as $element) {
            if (isset($byId[$element->id()])) {
                throw new InvalidArgumentException("Two elements have the id {$element->id()}.");
            }
            $byId[$element->id()] = $element;
        }
        $this->elements = $byId;
    }

    /** @return list<Element> the lowest first */
    public function elements(): array
    {
        return array_values($this->elements);
    }

    public function element(string $id): ?Element
    {
        return $this->elements[$id] ?? null;
    }

    public function frame(): Frame
    {
        return $this->size->frame();
    }

    /** @param  list<Element>  $elements */
    public function withElements(array $elements): self
    {
        return new self($this->size, $this->paper, $this->backdrop, $elements, $this->carried);
    }

    /**
     * The same page on other paper.
     *
     * @param  list<Element>  $elements
     */
    public function onPaper(Size $size, ?Backdrop $backdrop, array $elements): self
    {
        return new self($size, $this->paper, $backdrop, $elements);
    }

    /** @return list<Link> in reading order */
    public function links(): array
    {
        return array_values(array_filter(
            ReadingOrder::of($this->elements()),
            fn (Element $element): bool => $element instanceof Link,
        ));
    }

    /** @return list<AnswerBox> in reading order */
    public function answerBoxes(): array
    {
        return array_values(array_filter(
            ReadingOrder::of($this->elements()),
            fn (Element $element): bool => $element instanceof AnswerBox,
        ));
    }

    /** @return list<Answerable> all that has places to fill in, in reading order */
    public function answerables(): array
    {
        return array_values(array_filter(
            ReadingOrder::of($this->elements()),
            fn (Element $element): bool => $element instanceof Answerable,
        ));
    }

    /** How many places there are to fill in. */
    public function placesCount(): int
    {
        return array_sum(array_map(fn (Answerable $one): int => count($one->places()), $this->answerables()));
    }
}
