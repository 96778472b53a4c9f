<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\PageTexts;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenSlate\Trim\PackReading;

/** Notes on the pages of a new master what each seems to be for, and which section it belongs to. */
final class ReadPack
{
    public function __construct(private PageTexts $texts)
    {
    }

    /** @throws FileRefused when reading takes too much */
    public function __invoke(Worksheet $master, string $path): void
    {
        $reading = PackReading::of($this->texts->read($path, $master->original()->firstOrFail()->pdfPages()));
        DB::transaction(function () use ($master, $reading): void {
            foreach ($master->pages as $page) {
                $verdict = $reading->verdicts[$page->position];
                WorksheetPage::whereKey($page->id)->update([
                    'role' => $verdict->role,
                    'role_reason' => Str::limit($verdict->reason, 240),
                    'section' => $reading->sectionOf($page->position)?->label,
                ]);
            }
        });
    }
}
