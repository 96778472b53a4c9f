<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** How it is to be handed out: a title that students know it by, and a time by which it is wanted. */
final class PlanCheck implements Check
{
    private const FILE = '/\.(?:pdf|docx?|odt|pptx?|odp|rtf|jpe?g|png|heic|tiff?)\s*$/iu';

    /** What cameras, scanners and copying give their files for names. */
    private const MACHINES = '/^(?:scan|img|image|dsc|document|untitled|copy of|new)[\s_-]*\(?\d*\)?$|_\w*_/iu';

    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        $title = $plan === null ? $sheet->name : $plan->title;
        if (preg_match(self::FILE, $title) === 1 || preg_match(self::MACHINES, trim($title)) === 1) {
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
