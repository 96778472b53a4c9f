<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Backdrop;
use App\Models\StoredFile;
use App\Models\WorksheetPage;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Page\Page;
use OpenSlate\Weight\PageWeight;
use OpenSlate\Weight\WeighedFile;
use OpenSlate\Weight\WeighedKind;

/** What students' devices load for pages, in as many questions for one as for a hundred. */
final class WeighPages
{
    /**
     * @param  Collection<int, WorksheetPage>  $rows  with what they are at present
     * @return array<int, PageWeight> by the id of the page
     */
    public function __invoke(Collection $rows): array
    {
        $pages = $rows->mapWithKeys(fn (WorksheetPage $row): array => [$row->id => $row->current->page()])->all();
        $backdrops = $this->backdrops($pages);
        $pictures = array_map(
            fn (Page $page): array => array_merge(...array_map($this->pictures(...), $page->elements()), ...[[]]),
            $pages,
        );
        $bytes = StoredFile::query()
            ->whereIn('sha256', [
                ...array_map(fn (array $picture): string => $picture[1], array_merge(...$pictures, ...[[]])),
                ...array_map(fn (Backdrop $backdrop): string => $backdrop->image, $backdrops),
                ...array_filter(array_map(fn (Backdrop $backdrop): ?string => $backdrop->light, $backdrops)),
            ])
            ->toBase()
            ->pluck('bytes', 'sha256')
            ->map(fn (mixed $size): int => (int) $size)
            ->all();
        $shown = $this->shown($rows);
        $weights = [];
        foreach ($pages as $id => $page) {
            $weights[$id] = new PageWeight([
                ...$this->print($page, $backdrops, $bytes, $shown[$id] ?? []),
                ...$this->clips($page, $backdrops, $bytes, $shown[$id] ?? []),
                ...array_map(
                    fn (array $picture): WeighedFile => new WeighedFile(
                        $picture[0],
                        $picture[1],
                        $shown[$id][ShowPicture::ELEMENT.$picture[2]] ?? $bytes[$picture[1]] ?? 0,
                        $picture[2],
                    ),
                    $pictures[$id],
                ),
            ]);
        }

        return $weights;
    }

    /**
     * What is cut or covered is sent as a picture of its own, once it was handed out; until then it weighs about what
     * it is made of.
     *
     * @param  Collection<int, WorksheetPage>  $rows
     * @return array<int, array<string, int>> bytes by the id of the page and what ShowPicture calls it
     */
    private function shown(Collection $rows): array
    {
        $pages = $rows->mapWithKeys(fn (WorksheetPage $row): array => [$row->current->id => $row->id])->all();
        $bytes = [];
        foreach (
            DB::table('shown_pictures')
                ->join('stored_files', 'stored_files.sha256', '=', 'shown_pictures.sha256')
                ->whereIn('page_revision_id', array_keys($pages))
                ->get(['page_revision_id', 'name', 'bytes']) as $row
        ) {
            $bytes[$pages[(int) $row->page_revision_id]][(string) $row->name] = (int) $row->bytes;
        }

        return $bytes;
    }

    /** @return list<string> the files that an element shows or plays as they are, by SHA-256 */
    public static function sources(Element $element): array
    {
        return match (true) {
            $element instanceof Picture, $element instanceof Recording => [$element->source],
            $element instanceof Part => array_values(array_filter([$element->source, ...$element->set])),
            default => [],
        };
    }

    /** @return list<array{WeighedKind, string, string}> as what it weighs, its file and its element */
    private function pictures(Element $element): array
    {
        $kind = match (true) {
            $element instanceof Recording => WeighedKind::Recording,
            $element instanceof Part => WeighedKind::Part,
            default => WeighedKind::Picture,
        };

        return array_map(
            fn (string $source): array => [$kind, $source, $element->id()],
            self::sources($element),
        );
    }

    /**
     * @param  array<string, Backdrop>  $backdrops
     * @param  array<string, int>  $bytes
     * @param  array<string, int>  $shown
     * @return list<WeighedFile>
     */
    private function print(Page $page, array $backdrops, array $bytes, array $shown): array
    {
        $print = $page->backdrop;
        $backdrop = $print === null ? null : $backdrops["{$print->source} {$print->page}"] ?? null;
        if ($print === null || $backdrop === null) {
            return [];
        }
        $file = $print->light ? $backdrop->light ?? $backdrop->image : $backdrop->image;

        return [new WeighedFile(WeighedKind::Print, $file, $shown[ShowPicture::PAGE] ?? $bytes[$file] ?? 0)];
    }

    /**
     * Of a clip, students are sent what shows: about as large a share of the file as it is of its page.
     *
     * @param  array<string, Backdrop>  $backdrops
     * @param  array<string, int>  $bytes
     * @param  array<string, int>  $shown
     * @return list<WeighedFile>
     */
    private function clips(Page $page, array $backdrops, array $bytes, array $shown): array
    {
        $files = [];
        foreach ($page->elements() as $element) {
            $backdrop = $element instanceof Clip ? $backdrops["{$element->source} {$element->page}"] ?? null : null;
            if ($element instanceof Clip && $backdrop !== null) {
                $share = $element->across * $element->down;
                $files[] = new WeighedFile(
                    WeighedKind::Clip,
                    "{$backdrop->image} {$element->id}",
                    $shown[ShowPicture::ELEMENT.$element->id] ??
                        (int) round($share * ($bytes[$backdrop->image] ?? 0)),
                    $element->id,
                );
            }
        }

        return $files;
    }

    /**
     * @param  array<int, Page>  $pages
     * @return array<string, Backdrop> all printed pages that these show, by file and page
     */
    private function backdrops(array $pages): array
    {
        $sources = [];
        foreach ($pages as $page) {
            $sources[] = $page->backdrop?->source;
            foreach ($page->elements() as $element) {
                $sources[] = $element instanceof Clip ? $element->source : null;
            }
        }

        return Backdrop::query()
            ->whereIn('source', array_values(array_unique(array_filter($sources))))
            ->get(['source', 'page', 'image', 'light'])
            ->keyBy(fn (Backdrop $backdrop): string => "{$backdrop->source} {$backdrop->page}")
            ->all();
    }
}
