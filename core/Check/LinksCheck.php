<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** Links: whether they lead somewhere, and say where. */
final class LinksCheck implements Check
{
    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        $anchors = array_map(fn (CheckedPage $page): string => $page->anchor, $sheet->pages);
        foreach ($sheet->pages as $page) {
            foreach ($page->page->links() as $link) {
                if (! $link->on) {
                    continue;
                }
                $to = $link->target->anchor();
                if ($to !== null && ! in_array($to, $anchors, true)) {
                    yield $page->finding(
                        'dead-link',
                        Severity::Mend,
                        "{$page->tag($link)} leads to a page that is not here.",
                        $link,
                    );
                }
                $other = $link->target->worksheetId();
                if ($other !== null && ! in_array($other, $sheet->others, true)) {
                    yield $page->finding(
                        'dead-link',
                        Severity::Mend,
                        "{$page->tag($link)} leads to a worksheet that is not on your shelf.",
                        $link,
                    );
                }
                if ($to === $page->anchor) {
                    yield $page->finding(
                        'link-to-itself',
                        Severity::Look,
                        "{$page->tag($link)} leads to the page that it is on.",
                        $link,
                    );
                }
                if (trim($link->text) === '') {
                    yield $page->finding(
                        'link-without-words',
                        Severity::Mend,
                        "{$page->tag($link)} does not say where it leads.",
                        $link,
                    );
                }
            }
        }
    }
}
