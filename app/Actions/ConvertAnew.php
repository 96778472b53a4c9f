<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\FileStage;
use App\Models\Original;
use App\Models\PageRevision;
use App\Models\StoredFile;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Support\Facades\DB;

/**
 * Makes the pages of a document again, otherwise: in the place of those that nobody has laid anything on, else as a
 * worksheet of their own beside it.
 */
final class ConvertAnew
{
    /** @param  array<string, mixed>  $choices  see App\Documents\Conversion */
    public function __invoke(Worksheet $worksheet, Original $document, array $choices): Worksheet
    {
        return DB::transaction(function () use ($worksheet, $document, $choices): Worksheet {
            $file = StoredFile::findOrFail($document->untouched());
            $original = Original::of($worksheet->teacher()->firstOrFail(), $file, $document->name, $choices);
            TeacherFile::give($worksheet->teacher_id, ...$original->files());
            $fresh = [
                'original_id' => $original->id,
                'state' => WorksheetState::Preparing,
                'pages_total' => count($original->pages),
                'spent' => 0.0,
            ];
            if (self::replaces($worksheet, $document)) {
                $worksheet->allPages()->get()->each->delete();
                $worksheet->update($fresh);
            } else {
                $worksheet = Worksheet::create(
                    ['teacher_id' => $worksheet->teacher_id, 'name' => $worksheet->name] + $fresh,
                );
            }
            FileTurns::add($worksheet, $original->isToBeMade() ? FileStage::Convert : FileStage::Read);

            return $worksheet;
        });
    }

    /** Whether all that there is came out of the document, and nothing was done with it. */
    public static function replaces(Worksheet $worksheet, Original $document): bool
    {
        $pages = $worksheet->allPages()->pluck('id');

        return $worksheet->original_id === $document->id &&
            $worksheet->isMaster() &&
            $worksheet->arranged === 0 &&
            in_array($worksheet->stage, [null, FileStage::Blanks, FileStage::Words], true) &&
            $worksheet->sets()->withTrashed()->doesntExist() &&
            $worksheet->editions()->doesntExist() &&
            PageRevision::whereIn('page_id', $pages)->count() === $pages->count();
    }
}
