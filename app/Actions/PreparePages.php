<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Models\Backdrop;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\History\Revision;
use OpenSlate\Page\Backdrop as Printed;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Paper\SourcePage;

/**
 * Makes the pages of a new master, some at a time: each gets its pictures and its first revision as soon as it is
 * drawn.
 *
 * Started again after being killed, it goes on with the pages that are missing. A file that was brought in before,
 * by whomever, is not drawn again.
 */
final class PreparePages
{
    /** Some seconds of work, as long as it is usual paper. */
    private const AT_ONCE = 40;

    public function __construct(private PrintBackdrops $print, private FileStore $files)
    {
    }

    /**
     * Draws some of the pages that are missing.
     *
     * @return bool whether there are more
     *
     * @throws FileRefused when a page cannot be drawn
     */
    public function __invoke(Worksheet $master): bool
    {
        $original = $master->original()->firstOrFail();
        $source = $original->sha256;
        $there = $master->pages()->pluck('position')->all();
        foreach (Backdrop::where('source', $source)->whereNotIn('page', $there)->orderBy('page')->get() as $backdrop) {
            $this->addPage($master, $backdrop);
            $there[] = $backdrop->page;
        }
        $missing = array_values(
            array_filter(
                $original->sourcePages(),
                fn (SourcePage $page): bool => ! in_array($page->number, $there, true),
            ),
        );
        $some = array_slice($missing, 0, self::AT_ONCE);
        if ($some !== []) {
            $this->files->inWorkFolder(function (string $folder) use ($some, $master, $source): void {
                foreach ($this->print->of($source, $some, $folder) as $backdrop) {
                    $this->addPage($master, $backdrop);
                }
            });
        }

        return count($missing) > count($some);
    }

    private function addPage(Worksheet $master, Backdrop $printed): void
    {
        DB::transaction(function () use ($master, $printed): void {
            if (! $master->allPages()->where('position', $printed->page)->exists()) {
                WorksheetPage::begin(
                    $master->id,
                    new Page(
                        Size::of($printed->width, $printed->height),
                        Colour::of($printed->paper),
                        Printed::of($printed->source, $printed->page),
                    ),
                    ['position' => $printed->page, 'backdrop_id' => $printed->id],
                );
            }
        });
    }
}
