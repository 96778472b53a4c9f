<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\PrintedLink;
use App\Documents\Sources;
use App\Models\Backdrop;
use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenSlate\Elements\Link;
use OpenSlate\Format\PageCodec;
use OpenSlate\Packs\PackReading;
use OpenSlate\Text\LinesCodec;
use OpenSlate\Text\PageText;

/** Notes on the pages of a new master what each seems to be for, which section it belongs to, and its links. */
final class ReadPack
{
    public function __construct(private Sources $sources)
    {
    }

    /** @throws FileRefused when reading takes too much */
    public function __invoke(Worksheet $master, string $path): void
    {
        $pages = $master->original()->firstOrFail()->sourcePages();
        $source = $this->sources->of($path);
        $texts = $source->texts($path, $pages);
        $reading = PackReading::of($texts);
        $links = $source->links($path, $texts);
        DB::transaction(function () use ($master, $reading, $links, $texts): void {
            $this->keepLines($master->original()->firstOrFail()->sha256, $texts);
            $rows = $master->pages()->with('current')->get()->keyBy('position');
            $ids = $rows->map(fn (WorksheetPage $page): int => $page->id)->all();
            foreach ($rows as $number => $page) {
                $verdict = $reading->verdicts[$number];
                $answered = array_values(array_intersect_key($ids, array_flip($reading->answers[$number] ?? [])));
                $page->update([
                    'role' => $verdict->role,
                    'role_reason' => Str::limit($verdict->reason, 240),
                    'section' => $reading->sectionOf($number)?->label,
                    'answers' => $answered === [] ? null : $answered,
                ]);
                $this->layLinks($page->current, $links[$number] ?? []);
            }
        });
    }

    /** @param  list<PageText>  $texts */
    private function keepLines(string $source, array $texts): void
    {
        foreach ($texts as $text) {
            Backdrop::where('source', $source)
                ->where('page', $text->number)
                ->whereNull('lines')
                ->update(['lines' => LinesCodec::encode($text->lines)]);
        }
    }

    /**
     * Lays the printed links on the page, as part of its first revision: nobody has seen the page yet.
     *
     * @param  list<PrintedLink>  $links
     */
    private function layLinks(PageRevision $first, array $links): void
    {
        $page = $first->page();
        if ($links === [] || $page->elements() !== []) {
            return; // None, or laid before the work was interrupted.
        }
        $first->update([
            'content' => PageCodec::encode(
                $page->withElements(
                    array_map(
                        fn (PrintedLink $link): Link => new Link(
                            Str::lower(Str::random(10)),
                            $link->frame,
                            $link->target,
                            Str::limit($link->words, Link::LONGEST - 5),
                            printed: true,
                        ),
                        $links,
                    ),
                ),
            ),
        ]);
    }
}
