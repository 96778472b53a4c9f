<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** How it is to be handed out: a title that students know it by, and a time by which it is wanted. */
final class PlanCheck implements Check
{
    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        $title = $plan === null ? $sheet->name : $plan->title;
        if (FileTitle::isFile($title)) {
            yield new Finding(
                'file-name',
                Severity::Mend,
                "“{$title}” is the name of a file. Give it a name that students know it by.",
            );
        }
        if ($plan !== null && ! $plan->hasDueTime) {
            yield new Finding('no-due', Severity::Look, 'It has no due time.');
        }
    }
}
