<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenSlate\Handout\Mode;

/** Gives a teacher a trial copy of a worksheet as it stands; the one before is thrown away. */
final class TryWorksheet
{
    public function __construct(private FreezeEdition $freeze, private GiveCopies $give, private EndTrials $end)
    {
    }

    public function __invoke(Teacher $teacher, Worksheet $worksheet): Copy
    {
        return DB::transaction(function () use ($teacher, $worksheet): Copy {
            ($this->end)($teacher->trials());
            $edition = ($this->freeze)($worksheet);
            $edition->update(['trial' => true]);
            $handout = Handout::create([
                'teacher_id' => $teacher->id,
                'title' => $worksheet->name,
                'directions' => '',
                'reads_aloud' => true,
                'trial' => true,
            ]);
            $item = HandoutItem::create([
                'handout_id' => $handout->id,
                'edition_id' => $edition->id,
                'position' => 1,
                'mode' => Mode::OwnCopy,
            ]);
            // Nobody can come in as this student: it is in no class, and its PIN is known to nobody.
            $student = Student::create(['name' => $teacher->name, 'pin' => Str::random(32)]);
            ($this->give)($handout, [$student->id]);

            return $item->copies()->sole();
        });
    }
}
