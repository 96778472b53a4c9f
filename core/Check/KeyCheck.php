<?php

declare(strict_types=1);

namespace OpenSlate\Check;

use OpenSlate\Elements\Answerable;
use OpenSlate\Page\Tally;

/** Right answers and points: whether some are missing where others are there, and whether points add up. */
final class KeyCheck implements Check
{
    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        $keyed = $keyable = 0;
        $points = 0.0;
        foreach ($sheet->pages as $page) {
            $tally = Tally::of($page->page);
            $keyed += $tally->keyed;
            $keyable += $tally->keyable;
            $points += $this->points($page);
        }
        foreach ($keyed === 0 || $keyed === $keyable ? [] : $sheet->pages as $page) {
            foreach ($page->page->answerables() as $element) {
                $missing = count($this->keyable($element)) - count($element->keys());
                if ($missing > 0) {
                    $lacks = $missing === 1 ? 'has no right answer' : "lacks {$missing} right answers";
                    yield $page->finding(
                        'no-key',
                        Severity::Look,
                        "{$page->tag($element)} {$lacks}, and others have one.",
                        $element,
                    );
                }
            }
        }
        if ($plan?->points !== null && $points > 0.0 && abs($points - $plan->points) > 0.001) {
            yield new Finding(
                'points-differ',
                Severity::Mend,
                sprintf(
                    'Its places are worth %s together, and it is handed out for %d points.',
                    $this->said($points),
                    $plan->points,
                ),
            );
        }
    }

    private function points(CheckedPage $page): float
    {
        $points = $page->page->key->points ?? 0.0;
        foreach ($page->page->answerables() as $element) {
            $points += ($element->points() ?? 0.0) * count($this->keyable($element));
        }

        return $points;
    }

    /** @return array<array-key, mixed> */
    private function keyable(Answerable $element): array
    {
        return array_filter($element->places(), fn ($form): bool => $form->kind()->canBeKeyed());
    }

    private function said(float $points): string
    {
        return ((float) (int) $points === $points ? (string) (int) $points : (string) $points)
            .($points === 1.0 ? ' point' : ' points');
    }
}
