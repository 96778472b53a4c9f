<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\EditionFrozen;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Support\Facades\DB;
use OpenSlate\Handout\Mode;

/** Worksheets on the shelf of a class, as they are now. One that is there already is there as it is now, and once. */
final class PutOnClassShelf
{
    public function __construct(private FreezeEdition $freeze, private GiveCopies $give)
    {
    }

    /** @param  list<Worksheet>  $worksheets */
    public function __invoke(Teacher $teacher, SchoolClass $class, array $worksheets): void
    {
        DB::transaction(function () use ($teacher, $class, $worksheets): void {
            $shelf = $this->shelf($teacher, $class);
            foreach ($worksheets as $worksheet) {
                // Whoever took a copy of what was there before keeps it.
                HandoutItem::query()
                    ->ofShelf($class, $teacher)
                    ->whereNull('off_shelf_at')
                    ->whereHas('edition', fn ($edition) => $edition->where('worksheet_id', $worksheet->id))
                    ->update(['off_shelf_at' => now()]);
                $edition = ($this->freeze)($worksheet);
                EditionFrozen::dispatch($edition->id);
                HandoutItem::create([
                    'handout_id' => $shelf->id,
                    'edition_id' => $edition->id,
                    'position' => (int) $shelf->items()->max('position') + 1,
                    'mode' => Mode::OnRequest,
                ]);
            }
        });
    }

    private function shelf(Teacher $teacher, SchoolClass $class): Handout
    {
        $shelf = Handout::where(['teacher_id' => $teacher->id, 'shelf_of' => $class->id])->first();
        if ($shelf === null) {
            $shelf = Handout::create([
                'teacher_id' => $teacher->id,
                'shelf_of' => $class->id,
                'title' => 'Class shelf',
                'directions' => '',
                'out_at' => now(),
                'reads_aloud' => true,
            ]);
            $shelf->classes()->attach($class->id, ['whole' => true]);
            $students = array_values($class->students()->pluck('students.id')->all());
            ($this->give)($shelf, array_map(intval(...), $students));
        }

        return $shelf;
    }
}
