<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\FileStage;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use OpenSlate\Arrange\ArrangementRefused;

/** Puts the prepared pages of an added file into the worksheet they were added to. */
final class JoinArrived
{
    public function __construct(private AddPages $add)
    {
    }

    /**
     * @return bool  whether it is settled; false when the worksheet, or a file that was added before this one, is not
     *               ready
     */
    public function __invoke(Worksheet $arrived): bool
    {
        $to = Worksheet::withTrashed()->find($arrived->joins_id);
        if ($to === null || $to->state === WorksheetState::Failed) {
            $this->standAlone($arrived);

            return true;
        }
        $earlier = $to
            ->arriving()
            ->where('id', '<', $arrived->id)
            ->where('state', '!=', WorksheetState::Failed)
            ->exists();
        if ($to->state === WorksheetState::Preparing || $earlier) {
            return false;
        }
        try {
            $this->add->arrived($to, $arrived);
            // Its blanks are looked for where its pages are now.
            FileTurns::add($to->refresh(), FileStage::Blanks);
        } catch (MasterLocked|ArrangementRefused) {
            // It cannot go in any more; nothing is lost, it stands on the shelf by itself.
            $this->standAlone($arrived);
        } catch (StaleArrangement) {
            return false;
        }

        return true;
    }

    private function standAlone(Worksheet $arrived): void
    {
        // By its key: the model may have been through a joining that was rolled back.
        Worksheet::whereKey($arrived->id)->update(['joins_id' => null, 'joins_before' => null]);
    }
}
