<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\ExportAsked;
use App\Models\Export;
use App\Models\ExportKind;
use App\Models\ExportState;
use App\Models\Teacher;

/** Notes what a teacher wants made, where not too much is under way for them already; the queue makes it. */
final class AskForExport
{
    private const MOST_AT_ONCE = 6;

    /**
     * @param  array{kind: ExportKind, name: string, choices: array<string, mixed>}  $asked  and what it is of
     * @return bool whether it is noted
     */
    public function __invoke(Teacher $teacher, array $asked): bool
    {
        $underWay = Export::where('teacher_id', $teacher->id)
            ->whereIn('state', [ExportState::Waiting, ExportState::Working])
            ->count();
        if ($underWay >= self::MOST_AT_ONCE) {
            return false;
        }
        $export = Export::create(['teacher_id' => $teacher->id, 'state' => ExportState::Waiting] + $asked);
        ExportAsked::dispatch($export->id);

        return true;
    }
}
