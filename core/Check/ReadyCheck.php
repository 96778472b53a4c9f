<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** All that may be wrong with a worksheet before it goes out: what is about the whole first, then page by page. */
final class ReadyCheck
{
    /**
     * @param  CheckedPlan|null  $plan  how it is to be handed out; null while nobody has said
     * @return list<Finding> the worst first on each page
     */
    public static function of(CheckedSheet $sheet, ?CheckedPlan $plan = null): array
    {
        $findings = [];
        foreach (self::checks() as $check) {
            foreach ($check->findings($sheet, $plan) as $finding) {
                $findings[] = $finding;
            }
        }
        $order = fn (Finding $finding): array => [$finding->page ?? 0, $finding->severity->value];
        usort($findings, fn (Finding $one, Finding $other): int => $order($one) <=> $order($other));

        return $findings;
    }

    /** @return list<Check> */
    private static function checks(): array
    {
        return [
            new PagesCheck,
            new WeightCheck,
            new PlacesCheck,
            new WordsCheck,
            new HeardCheck,
            new LinksCheck,
            new PartsCheck,
            new KeyCheck,
            new DirectionsCheck,
            new PlanCheck,
        ];
    }
}
