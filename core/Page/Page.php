<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use InvalidArgumentException;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Spot;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Withers;

/** A page: its paper, what is printed on it, and the elements over that, the lowest first. */
final readonly class Page
{
    use Withers;

    public const MOST_ELEMENTS = 500;

    /** @var array<string, Element> by id, in stacking order */
    private array $elements;

    /**
     * @param  list<Element>  $elements
     * @param  float|null  $carried  on a page that carries the one before on: how far down its things lie, in points,
     *                               from where they would be if that page went on below its foot
     * @param  bool  $countsParts  whether each part that is to be moved counts as a place, and not all of them as one
     *
     * @throws InvalidArgumentException when two elements have one id
     */
    public function __construct(
        public Size $size,
        public Colour $paper,
        public ?Backdrop $backdrop = null,
        array $elements = [],
        public ?float $carried = null,
        public ?Tray $tray = null,
        public ?ModelKey $key = null,
        public bool $countsParts = false,
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

    /** @return list<string> of its elements, in their order */
    public function ids(): array
    {
        return array_map(fn (Element $element): string => $element->id(), $this->elements());
    }

    public function element(string $id): ?Element
    {
        return $this->elements[$id] ?? null;
    }

    public function frame(): Frame
    {
        return $this->size->frame();
    }

    /** The page and the tray beside it. */
    public function whole(): Frame
    {
        return $this->tray === null ? $this->frame() : Frame::around([$this->frame(), $this->tray->frame($this->size)]);
    }

    /** Where an element may lie: parts also in the tray. */
    public function reach(Element $element): Frame
    {
        return $element instanceof Part ? $this->whole() : $this->frame();
    }

    /** Whether something with this frame is not on the page: more of it lies beside it. */
    public function isBeside(Frame $frame): bool
    {
        [$x, $y] = [$frame->x + $frame->width / 2, $frame->middle()];

        return $x < 0 || $y < 0 || $x > $this->size->width || $y > $this->size->height;
    }

    /** @param  list<Element>  $elements */
    public function withElements(array $elements): self
    {
        return $this->with(elements: $elements);
    }

    public function withPrint(?Backdrop $backdrop): self
    {
        return new self(
            $this->size,
            $this->paper,
            $backdrop,
            $this->elements(),
            $this->carried,
            $this->tray,
            $this->key,
            $this->countsParts,
        );
    }

    /**
     * The same page on other paper.
     *
     * @param  list<Element>  $elements
     */
    public function onPaper(Size $size, ?Backdrop $backdrop, array $elements): self
    {
        return new self($size, $this->paper, $backdrop, $elements, null, $this->tray, $this->key, $this->countsParts);
    }

    /**
     * The page as those are sent it who fill it in: without clips that are kept back from them, and without what a
     * patch hides whole. What it hides in part is cut where it is drawn: see Showing.
     *
     * @param  bool  $answers  whether the clips that are answers show
     */
    public function forStudents(bool $answers): self
    {
        $shown = [];
        $over = [];
        foreach (array_reverse($this->elements()) as $element) {
            $kept = $element instanceof Clip && $element->kept && ! $answers;
            $fixed = ! $element instanceof Answerable && ! $element instanceof Part && ! $element instanceof Spot;
            $hidden =
                $fixed && array_filter($over, fn (Frame $frame): bool => $frame->contains($element->frame())) !== [];
            if (! $kept && ! $hidden) {
                $shown[] = $element;
            }
            if (Showing::covers($element)) {
                $over[] = $element->frame();
            }
        }

        return count($shown) === count($this->elements) ? $this : $this->withElements(array_reverse($shown));
    }

    /** The page without all that is an answer: keys, and clips that are kept back. */
    public function withoutKeys(): self
    {
        $left = [];
        foreach ($this->elements() as $element) {
            if (! $element instanceof Clip || ! $element->kept) {
                $left[] = $element instanceof Answerable ? $element->withoutKeys() : $element;
            }
        }

        return $this->withElements($left)->withKey(null);
    }

    /**
     * A region of the page as it is shown: of its print, the way that lies there.
     *
     * @param  Size  $printed  size of the printed page, upright
     * @param  Frame  $region  on the page
     * @param  string  $id  of the clip
     * @param  Frame  $frame  where the clip lies
     *
     * @throws InvalidArgumentException when none of the print is in the region
     */
    public function clip(Size $printed, Frame $region, string $id, Frame $frame): Clip
    {
        $backdrop = $this->backdrop ?? throw new InvalidArgumentException('That page has no print to clip.');
        $cut = $backdrop->printed($region, $printed, $this->frame());
        $share = fn (float $part, float $whole): float => round(max(0.0, min(1.0, $part / $whole)), 5);
        [$left, $top] = [$share($cut->x, $printed->width), $share($cut->y, $printed->height)];
        [$across, $down] = [
            $share($cut->right(), $printed->width) - $left,
            $share($cut->bottom(), $printed->height) - $top,
        ];
        if ($across < Clip::SMALLEST || $down < Clip::SMALLEST) {
            throw new InvalidArgumentException('There is no print in that frame.');
        }

        return new Clip(
            id: $id,
            frame: $frame,
            source: $backdrop->source,
            page: $backdrop->page,
            turn: $backdrop->turn,
            left: $left,
            top: $top,
            across: round($across, 5),
            down: round($down, 5),
        );
    }

    /** Whether there is anything to move on it: a locked part stays where it is, for students too. */
    public function hasMoves(): bool
    {
        foreach ($this->parts() as $part) {
            if (! $part->locked) {
                return true;
            }
        }

        return false;
    }

    public function withTray(?Tray $tray): self
    {
        return $this->with(tray: $tray);
    }

    public function withKey(?ModelKey $key): self
    {
        return $this->with(key: $key);
    }

    public function withPartsCounted(bool $each): self
    {
        return $this->with(countsParts: $each);
    }

    /** @return list<Part> the lowest first */
    public function parts(): array
    {
        return array_values(array_filter($this->elements, fn (Element $element): bool => $element instanceof Part));
    }

    /** @return list<Link> in reading order */
    public function links(): array
    {
        return array_values(
            array_filter(ReadingOrder::of($this->elements()), fn (Element $element): bool => $element instanceof Link),
        );
    }

    /** @return list<AnswerBox> in reading order */
    public function answerBoxes(): array
    {
        return array_values(
            array_filter(
                ReadingOrder::of($this->elements()),
                fn (Element $element): bool => $element instanceof AnswerBox,
            ),
        );
    }

    /** @return list<Answerable> all that has places to fill in, in reading order */
    public function answerables(): array
    {
        return array_values(
            array_filter(
                ReadingOrder::of($this->elements()),
                fn (Element $element): bool => $element instanceof Answerable,
            ),
        );
    }

    /** How many places there are to fill in; all parts of a page are one. */
    public function placesCount(): int
    {
        return $this->boxesCount() + (int) $this->hasMoves();
    }

    public function boxesCount(): int
    {
        return array_sum(array_map(fn (Answerable $one): int => count($one->places()), $this->answerables()));
    }
}
