<?php

declare(strict_types=1);

namespace OpenSlate\Check;

use OpenSlate\Elements\Recording;

/** What is said on a page: whether those who do not hear it can read it (WCAG 2.2, 1.2.1 and 1.2.2). */
final class HeardCheck implements Check
{
    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        foreach ($sheet->pages as $page) {
            foreach ($page->page->elements() as $element) {
                if ($element instanceof Recording && trim($element->words) === '') {
                    yield $page->finding(
                        'no-words',
                        Severity::Look,
                        "{$page->tag($element)} has no words for those who do not hear it.",
                        $element,
                    );
                }
            }
        }
    }
}
