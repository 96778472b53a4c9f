<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/**
 * Pages that take long to come on a slow network. A page that is drawn from print weighs some hundred kilobytes, a
 * photo of a phone some megabytes (common practice, no source).
 */
final class WeightCheck implements Check
{
    /** Bytes of a page from which on it is said. */
    public const HEAVY = 2_000_000;

    private const CLASS_OF = 30;

    private const MEGABYTE = 1_000_000;

    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        foreach ($sheet->pages as $page) {
            if ($page->bytes >= self::HEAVY) {
                yield $page->finding('heavy-page', Severity::Look, sprintf(
                    'This page is heavy: each device loads %.1f MB of pictures for it, %d MB for a class of %d.',
                    $page->bytes / self::MEGABYTE,
                    (int) round($page->bytes * self::CLASS_OF / self::MEGABYTE),
                    self::CLASS_OF,
                ));
            }
        }
    }
}
