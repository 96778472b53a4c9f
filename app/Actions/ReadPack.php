<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\PageLinks;
use App\Documents\PageTexts;
use App\Models\Worksheet;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenSlate\Trim\PackReading;

/** Notes on the pages of a new master what each seems to be for, which section it belongs to, and its links. */
final class ReadPack
{
    public function __construct(private PageTexts $texts, private PageLinks $links)
    {
    }

    /** @throws FileRefused when reading takes too much */
    public function __invoke(Worksheet $master, string $path): void
    {
        $pages = $master->original()->firstOrFail()->pdfPages();
        $reading = PackReading::of($this->texts->read($path, $pages));
        $links = $this->links->read($path, count($pages));
        DB::transaction(function () use ($master, $reading, $links): void {
            foreach ($master->pages as $page) {
                $verdict = $reading->verdicts[$page->position];
                $page->update([
                    'role' => $verdict->role,
                    'role_reason' => Str::limit($verdict->reason, 240),
                    'section' => $reading->sectionOf($page->position)?->label,
                    'links' => $links[$page->position] ?? [],
                ]);
            }
        });
    }
}
