<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Edition;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Geometry\Frame;
use OpenSlate\Marking\MarkedPlace;
use OpenSlate\Marking\PlaceFrames;
use OpenSlate\Marking\Scheme;
use OpenSlate\Page\Page;

/** A question as it is marked: what it asks, what is right, where it lies, and what is seen of its page. */
final readonly class MarkedQuestion
{
    /** Above a place stands what it asks: so much of the page is seen over it, and under it, in points. */
    private const ABOVE = 46.0;

    private const BELOW = 16.0;

    private function __construct(
        public MarkedPlace $place,
        public string $words,
        public Page $page,
        public Frame $frame,
        public Frame $seen,
    ) {
    }

    /** @return array<string, self> by place, in reading order */
    public static function all(Edition $edition, Scheme $scheme): array
    {
        $pages = $edition->frozenPages();
        $printed = EditionWords::of($edition);
        $questions = $names = $frames = [];
        foreach ($scheme->places() as $id => $place) {
            $number = $place->place->page();
            $page = $pages[$number - 1];
            $names[$number] ??= PlaceNames::of($page, $printed->asked($page, $printed->on($page)));
            $frames[$number] ??= PlaceFrames::of($page);
            $name = $place->place->name();
            $frame = $frames[$number][$name] ?? $page->frame();
            $questions[$id] = new self(
                $place,
                $name === ModelAnswer::PLACE ? "Parts of page {$number}" : $names[$number][$name] ?? "Place {$name}",
                $page,
                $frame,
                Frame::of(
                    0,
                    $frame->y - self::ABOVE,
                    $page->size->width,
                    $frame->height + self::ABOVE + self::BELOW,
                )->within($page->frame()),
            );
        }

        return $questions;
    }

    /** What is right; nothing where only a person can say. */
    public function key(): string
    {
        return $this->place->place->form->keyWords($this->place->key);
    }

    /** Whether answers to it are seen and not read. */
    public function isSeen(): bool
    {
        return $this->place->place->form->kind()->isSeen();
    }

    /** Whether answers to it are heard. */
    public function isHeard(): bool
    {
        return $this->place->place->form->kind()->isHeard();
    }

    /** An answer in words; that it is empty is said as well. */
    public function read(string $answer): string
    {
        $form = $this->place->place->form;
        $words = $form->read($answer);

        return match (true) {
            $words !== '' => $words,
            $form->isFilled($answer) && $this->isSeen() => 'to be seen',
            $form->isFilled($answer) && $this->isHeard() => 'to be heard',
            $form->countsTogether() => 'not ticked',
            default => 'left empty',
        };
    }
}
