<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

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

    /** @var list<Question> whole ones, without those that are their parts; in page coordinates */
    public array $questions;

    /** Null where nothing is asked. */
    public ?PageHead $head;

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
        $this->head = $this->headOf($lines);
    }

    /**
     * @param  list<string>  $numbers
     * @return list<Frame> what is cut out of the page for these questions
     */
    public function questionStrips(array $numbers): array
    {
        $chosen = array_filter(
            $this->questions,
            fn (Question $question): bool => in_array($question->number, $numbers, true),
        );

        return array_values(array_map(fn (Question $question): Frame => $this->round($question->frame), $chosen));
    }

    /**
     * What stands above the first of its questions, without the rows that have been read above others already.
     *
     * @param  list<string>  $read  as PageHead has their words
     * @return list<Frame>
     */
    public function headStrips(array $read): array
    {
        return array_map($this->round(...), $this->head?->strips($read) ?? []);
    }

    /** @throws UnusableRange where parts are to be moved there: what they belong to may lie elsewhere */
    public function expectNoParts(Frame $strip): void
    {
        foreach ($this->page->elements() as $element) {
            $isPart = $element instanceof Part || $element instanceof Spot;
            if ($isPart && $strip->holds($element->frame()->centre())) {
                throw UnusableRange::hasParts($this->number);
            }
        }
    }

    /** @param  list<TextLine>  $lines */
    private function headOf(array $lines): ?PageHead
    {
        if ($this->questions === []) {
            return null;
        }
        $frames = array_map(fn (Question $one): Frame => $one->frame, $this->questions);
        $shown = array_map(
            fn (TextLine $line): TextLine => new TextLine($line->text, $this->shown($line->frame)),
            $lines,
        );

        return new PageHead(
            $shown,
            min(array_map(fn (Frame $one): float => $one->y, $frames)),
            2 * self::ROOM,
            Frame::around($frames),
            $this->page->size->height,
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
