<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\PackReader;
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
    public function __construct(private Sources $sources, private PackReader $reader)
    {
    }

    /** @throws FileRefused when reading takes too much */
    public function __invoke(Worksheet $master, string $path): void
    {
        $pages = $master->original()->firstOrFail()->sourcePages();
        $source = $this->sources->of($path);
        $texts = $source->texts($path, $pages);
        $links = $source->links($path, $texts);
        $reading = $this->reader->read($path, $pages, $texts);
        DB::transaction(function () use ($master, $links, $texts, $reading): void {
            $this->keepLines($master->original()->firstOrFail()->sha256, $texts);
            $this->note($master, $reading);
            foreach ($master->pages()->with('current')->get() as $page) {
                $this->layLinks($page->current, $links[$page->number()] ?? []);
            }
        });
    }

    /**
     * Once the words of its pictures are read, too. What somebody has arranged meanwhile stays as they have it, and
     * what was cut from it.
     *
     * @throws FileRefused when reading takes too much
     */
    public function anew(Worksheet $master, string $path): void
    {
        $original = $master->original()->firstOrFail();
        $lines = Backdrop::where(['source' => $original->sha256, 'looked_for_words' => true])
            ->get()
            ->mapWithKeys(fn (Backdrop $one): array => [$one->page => $one->text()->lines])
            ->filter();
        if ($lines->isEmpty() || $master->sets()->withTrashed()->exists()) {
            return;
        }
        $pages = $original->sourcePages();
        $texts = array_map(
            fn (PageText $text): PageText => isset($lines[$text->number])
                ? $text->withRead($lines[$text->number])
                : $text,
            $this->sources->of($path)->texts($path, $pages),
        );
        $reading = $this->reader->read($path, $pages, $texts);
        DB::transaction(function () use ($master, $reading): void {
            $locked = Worksheet::query()->lockForUpdate()->findOrFail($master->id);
            $locked->arranged === 0 && $this->note($locked, $reading);
        });
    }

    private function note(Worksheet $master, PackReading $reading): void
    {
        $rows = $master->pages()->get()->keyBy('position');
        $ids = $rows->map(fn (WorksheetPage $page): int => $page->id)->all();
        foreach ($rows as $number => $page) {
            $verdict = $reading->verdicts[$number] ?? null;
            $answered = array_values(array_intersect_key($ids, array_flip($reading->answers[$number] ?? [])));
            $verdict === null || $page->update([
                'role' => $verdict->role,
                'role_reason' => Str::limit($verdict->reason, 240),
                'role_confidence' => $verdict->confidence,
                'section' => $reading->sectionOf($number)?->label,
                'answers' => $answered === [] ? null : $answered,
            ]);
        }
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
