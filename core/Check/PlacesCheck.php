<?php

declare(strict_types=1);

namespace OpenSlate\Check;

use OpenSlate\Answers\AnswerKind;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Overlaps;

/** Places to fill in: whether there are any, can be reached, are named, and are large enough to write in. */
final class PlacesCheck implements Check
{
    /** Points of height below which nobody writes: common practice, no source. */
    private const LOWEST = 9.0;

    /** Points by which something may lie over an edge unseen. */
    private const SLACK = 0.5;

    /** Kinds of boxes that are typed or written in. */
    private const WRITTEN = [AnswerKind::Short, AnswerKind::Lines, AnswerKind::Number];

    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        $places = 0;
        foreach ($sheet->pages as $page) {
            $places += $page->page->placesCount() + ($page->page->hasMoves() ? 1 : 0);
            yield from $this->reached($page);
            foreach ($page->page->answerBoxes() as $box) {
                yield from $this->box($page, $box);
            }
        }
        if ($places === 0 && $sheet->pages !== [] && ($plan === null || $plan->givesCopies)) {
            yield new Finding(
                'nothing-to-fill',
                Severity::Mend,
                'There is nothing to fill in or to move. Is it only to be read?',
            );
        }
    }

    /** @return iterable<Finding> */
    private function reached(CheckedPage $page): iterable
    {
        foreach (Overlaps::of($page->page) as [$below, $above]) {
            $one = $page->page->element($below);
            $other = $page->page->element($above);
            if ($one !== null && $other !== null) {
                yield $page->finding(
                    'overlap',
                    Severity::Mend,
                    "{$page->tag($one)} lies under {$page->tag($other)}, so that students cannot reach both.",
                    $one,
                );
            }
        }
        $above = [];
        foreach (array_reverse($page->page->elements()) as $element) {
            if ($element instanceof Answerable || $element instanceof Recording) {
                foreach ($above as $cover) {
                    if ($this->covers($cover, $element)) {
                        yield $page->finding(
                            'covered',
                            Severity::Mend,
                            "{$page->tag($element)} is covered by {$page->tag($cover)}.",
                            $element,
                        );
                        break;
                    }
                }
            }
            if (
                $element instanceof Patch ||
                $element instanceof Picture ||
                $element instanceof Recording ||
                ($element instanceof Clip && ! $element->kept)
            ) {
                $above[] = $element;
            }
            if ($this->isOff($element, $page->page->reach($element))) {
                yield $page->finding(
                    'off-page',
                    Severity::Mend,
                    "{$page->tag($element)} lies partly off the page.",
                    $element,
                );
            }
        }
    }

    /** @return iterable<Finding> */
    private function box(CheckedPage $page, AnswerBox $box): iterable
    {
        $kind = $box->form->kind();
        if (trim($box->prompt) === '' && trim($page->asked[$box->id] ?? '') === '') {
            yield $page->finding(
                'no-name',
                Severity::Look,
                "{$page->tag($box)} has no prompt and no words beside it: who hears the page cannot tell what it asks.",
                $box,
            );
        }
        if (in_array($kind, self::WRITTEN, true) && $box->frame->height < self::LOWEST) {
            yield $page->finding('too-low', Severity::Mend, "{$page->tag($box)} is too low to write in.", $box);
        }
    }

    private function isOff(Element $element, Frame $reach): bool
    {
        $frame = $element->frame();

        return $frame->x < $reach->x - self::SLACK ||
            $frame->y < $reach->y - self::SLACK ||
            $frame->right() > $reach->right() + self::SLACK ||
            $frame->bottom() > $reach->bottom() + self::SLACK;
    }

    private function covers(Element $cover, Element $element): bool
    {
        return $cover->frame()->contains($element->frame());
    }
}
