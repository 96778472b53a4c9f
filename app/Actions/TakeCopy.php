<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyState;

/** A student takes a copy from the class shelf; one that was thrown away comes back as it was. */
final class TakeCopy
{
    public function __invoke(HandoutItem $item, Student $student): Copy
    {
        return DB::transaction(function () use ($item, $student): Copy {
            DB::table('copies')->insertOrIgnore([
                'handout_item_id' => $item->id,
                'student_id' => $student->id,
                'state' => CopyState::NotOpened->value,
            ]);
            $copy = $student->copies()->where('handout_item_id', $item->id)->sole();
            $copy->update(['thrown_at' => null]);

            return $copy;
        });
    }
}
