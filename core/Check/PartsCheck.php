<?php

declare(strict_types=1);

namespace OpenSlate\Check;

use OpenSlate\Elements\Part;
use OpenSlate\Elements\Spot;

/** Parts and spots: whether what is to be moved has a place, and each place something that may go there. */
final class PartsCheck implements Check
{
    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        foreach ($sheet->pages as $page) {
            $parts = array_filter($page->page->parts(), fn (Part $part): bool => ! $part->locked);
            $spots = array_filter($page->page->elements(), fn ($element): bool => $element instanceof Spot);
            foreach ($spots as $spot) {
                if (array_filter($parts, $spot->takes(...)) === []) {
                    yield $page->finding(
                        'spot-without-parts',
                        Severity::Mend,
                        "No part of this page may go into {$page->tag($spot)}.",
                        $spot,
                    );
                }
            }
            foreach ($spots === [] ? [] : $parts as $part) {
                if ($part->joints === [] && array_filter($spots, fn (Spot $spot): bool => $spot->takes($part)) === []) {
                    yield $page->finding(
                        'part-without-spot',
                        Severity::Look,
                        "{$page->tag($part)} (“{$part->named()}”) may go into none of the spots of its page.",
                        $part,
                    );
                }
            }
        }
    }
}
