<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Spot;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\Question;
use OpenSlate\Text\TextLine;

/** A page of a worksheet with the questions that its print has, as they show on it. */
final readonly class AskedPage
{
    /** Room that is kept round what is cut out, in points. */
    private const ROOM = 4.0;

    /** Above this share of a page stands its running head. */
    private const HEAD = 0.05;

    /** @var list<Question> whole ones, without those that are their parts; in page coordinates */
    public array $questions;

    private ?Frame $heading;

    /**
     * @param  int  $number  of the page, from 1
     * @param  Size  $printed  of the printed page
     * @param  list<Question>  $questions  on the printed page
     * @param  list<TextLine>  $lines  likewise
     */
    public function __construct(
        public int $number,
        public Page $page,
        public Size $printed,
        array $questions,
        array $lines,
    ) {
        $whole = array_values(array_filter($questions, fn (Question $one): bool => $one->of === null));
        $this->questions = array_map(fn (Question $one): Question => $one->at($this->shown($one->frame)), $whole);
        $this->heading = $this->headingOf($lines);
    }

    /**
     * @param  list<string>  $numbers
     * @return list<Frame> what is cut out of the page for these questions: what heads it, and each of them
     */
    public function strips(array $numbers): array
    {
        $strips = [];
        foreach ($this->questions as $question) {
            in_array($question->number, $numbers, true) && ($strips[] = $this->round($question->frame));
        }

        return $strips === [] || $this->heading === null ? $strips : [$this->heading, ...$strips];
    }

    /**
     * @return list<Element> what lies on a piece of the page
     *
     * @throws UnusableRange where parts are to be moved there: what they belong to may lie elsewhere
     */
    public function elementsOn(Frame $strip): array
    {
        $on = [];
        foreach ($this->page->elements() as $element) {
            $middle = $element->frame()->centre();
            if (
                $middle->x < $strip->x ||
                $middle->x > $strip->right() ||
                $middle->y < $strip->y ||
                $middle->y > $strip->bottom()
            ) {
                continue;
            }
            if ($element instanceof Part || $element instanceof Spot) {
                throw UnusableRange::hasParts($this->number);
            }
            $on[] = $element;
        }

        return $on;
    }

    /** @param  list<TextLine>  $lines */
    private function headingOf(array $lines): ?Frame
    {
        if ($this->questions === []) {
            return null;
        }
        $first = min(array_map(fn (Question $one): float => $one->frame->y, $this->questions));
        $above = array_filter(
            array_map(fn (TextLine $line): Frame => $this->shown($line->frame), $lines),
            fn (Frame $line): bool => $line->bottom() <= $first + 2 &&
                $line->y >= self::HEAD * $this->page->size->height,
        );

        if ($above === []) {
            return null;
        }
        // As wide as the questions, and down to the first: what is drawn there has no words.
        $heading = Frame::around(array_values($above));
        $all = Frame::around([$heading, ...array_map(fn (Question $one): Frame => $one->frame, $this->questions)]);

        return $this->round(
            Frame::of($all->x, $heading->y, $all->width, max($heading->height, $first - 2 * self::ROOM - $heading->y)),
        );
    }

    private function shown(Frame $printed): Frame
    {
        return $this->page->backdrop?->shown($printed, $this->printed, $this->page->frame()) ?? $printed;
    }

    private function round(Frame $frame): Frame
    {
        return Frame::of(
            $frame->x - self::ROOM,
            $frame->y - self::ROOM,
            $frame->width + 2 * self::ROOM,
            $frame->height + 2 * self::ROOM,
        )->within($this->page->frame());
    }
}
