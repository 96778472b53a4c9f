<?php

declare(strict_types=1);

namespace OpenSlate\Check;

use OpenSlate\Weight\PageWeight;

/** Pages that take long to come on a slow network. */
final class WeightCheck implements Check
{
    private const MEGABYTE = 1_000_000;

    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        foreach ($sheet->pages as $page) {
            if ($page->weight->isHeavy()) {
                yield $page->finding('heavy-page', Severity::Look, sprintf(
                    'This page is heavy: each device loads %.1f MB for it, %d MB for a class of %d.',
                    $page->weight->loaded() / self::MEGABYTE,
                    (int) round($page->weight->loaded() * PageWeight::CLASS_OF / self::MEGABYTE),
                    PageWeight::CLASS_OF,
                ));
            }
        }
    }
}
