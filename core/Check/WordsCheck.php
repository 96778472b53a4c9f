<?php

declare(strict_types=1);

namespace OpenSlate\Check;

use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Shape;
use OpenSlate\Paper\Colour;

/** Words that were laid on the page: whether they are there, large and dark enough to be read, and fit their frame. */
final class WordsCheck implements Check
{
    /** WCAG 2.2, 1.4.3, of words that are not large. */
    private const CONTRAST = 4.5;

    /** WCAG 2.2, 1.4.3, of words of 18 points, or of 14 points and bold. */
    private const CONTRAST_LARGE = 3.0;

    /** Points below which children do not read with ease: common practice, no source. */
    private const SMALLEST = 8.0;

    /** What the tool for labels lays, until something else is typed. */
    private const AS_LAID = 'Directions';

    /** The mean width of a letter and the height of a line, in sizes of the words: less than most faces take. */
    private const LETTER = 0.42;

    private const LINE = 1.1;

    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        foreach ($sheet->pages as $page) {
            foreach ($page->page->elements() as $element) {
                if ($element instanceof Label) {
                    yield from $this->label($page, $element);
                }
                if ($element instanceof Part && trim($element->text) !== '') {
                    $behind = $element->fill?->over($page->page->paper, $element->opacity) ?? $page->page->paper;
                    yield from $this->seen($page, $element, $element->ink->contrastWith($behind));
                }
            }
        }
    }

    /** @return iterable<Finding> */
    private function label(CheckedPage $page, Label $label): iterable
    {
        $tag = $page->tag($label);
        $text = trim($label->text);
        if ($text === '' && $label->fills === LabelText::Own) {
            yield $page->finding('empty-label', Severity::Mend, "{$tag} has no words.", $label);

            return;
        }
        if ($text === self::AS_LAID) {
            yield $page->finding(
                'label-as-laid',
                Severity::Look,
                "{$tag} says only “{$text}”, as it was laid. Are the directions missing?",
                $label,
            );
        }
        $behind = $this->behind($page, $label);
        if ($behind !== null) {
            yield from $this->seen(
                $page,
                $label,
                ($label->colour ?? Colour::of('#111111'))->contrastWith($behind),
            );
        }
        if ($label->size < self::SMALLEST) {
            yield $page->finding('small-words', Severity::Mend, "{$tag} is too small to be read with ease.", $label);
        }
        if ($this->height($label) > $label->frame->height + $label->size * 0.5) {
            yield $page->finding('cut-words', Severity::Mend, "The words of {$tag} do not fit into it.", $label);
        }
    }

    /** @return iterable<Finding> */
    private function seen(CheckedPage $page, Label|Part $words, float $contrast): iterable
    {
        $isLarge = $words->size >= 18 || ($words->bold && $words->size >= 14);
        if ($contrast < ($isLarge ? self::CONTRAST_LARGE : self::CONTRAST)) {
            yield $page->finding(
                'faint-words',
                Severity::Mend,
                sprintf('The words of %s are too faint: %.1f to 1.', $page->tag($words), $contrast),
                $words,
            );
        }
    }

    /** The colour behind a label; null where nobody can tell: on print, on pictures, on the edge of a shape. */
    private function behind(CheckedPage $page, Label $label): ?Colour
    {
        $behind = $page->page->backdrop === null ? $page->page->paper : null;
        foreach ($page->page->elements() as $element) {
            if ($element === $label) {
                break;
            }
            if (! $element->frame()->meets($label->frame)) {
                continue;
            }
            $isUnder = $element->frame()->contains($label->frame);
            $behind = match (true) {
                $element instanceof Patch => $isUnder ? $page->page->paper : null,
                $element instanceof Shape && $element->fill !== null && $behind !== null && $isUnder => $element->fill
                    ->over($behind, $element->opacity),
                $element instanceof Shape && $element->fill !== null,
                $element instanceof Picture,
                $element instanceof Clip => null,
                default => $behind,
            };
        }

        return $behind;
    }

    /** What its words need at the least. */
    private function height(Label $label): float
    {
        $lines = 0;
        foreach (explode("\n", $label->text) as $line) {
            $lines += max(1, (int) ceil((mb_strlen($line) * $label->size * self::LETTER) / $label->frame->width));
        }

        return $lines * $label->size * self::LINE;
    }
}
