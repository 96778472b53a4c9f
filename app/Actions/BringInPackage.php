<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\Archive;
use App\Documents\Deadline;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\PackedFiles;
use App\Models\FileStage;
use App\Models\Original;
use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Support\Facades\DB;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Format\PageCodec;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Package\Manifest;
use OpenSlate\Package\PackageRefused;
use OpenSlate\Package\PackedPage;
use OpenSlate\Package\PackedWorksheet;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageFile;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Questions\QuestionsCodec;

/**
 * Takes a package in: its worksheets stand on the shelf as they were where it left, with all their files. All of it is
 * looked at before anything is kept; what the printed pages look like is drawn afterwards, by turns (DrawPrints).
 */
final class BringInPackage
{
    private const LARGEST_MANIFEST = 8 * 1024 * 1024;

    private const LARGEST_PAGE = 4 * 1024 * 1024;

    public function __construct(private FileStore $files, private PackedFiles $packed, private Deadline $deadline)
    {
    }

    /** Whether a file is a package. */
    public static function takes(string $path): bool
    {
        return Archive::has($path, Manifest::PATH);
    }

    /**
     * @return non-empty-list<Worksheet> in the order of the package
     *
     * @throws PackageRefused|FileRefused and nothing is kept
     */
    public function __invoke(Teacher $teacher, string $path): array
    {
        $archive = Archive::open($path, (int) config('slate.packages.most_bytes'));
        $this->deadline->start((float) config('slate.packages.seconds'));
        try {
            $manifest = Manifest::decode(
                $archive->text(Manifest::PATH, self::LARGEST_MANIFEST) ?? throw PackageRefused::none(),
            );
            $contents = array_map(
                fn (PackedWorksheet $worksheet): array => $this->contents($archive, $worksheet),
                $manifest->worksheets,
            );

            return $this->files->inWorkFolder(function (string $folder) use (
                $teacher,
                $archive,
                $manifest,
                $contents,
            ): array {
                $sources = $this->packed->take($archive, $manifest, array_merge(...$contents), $folder);

                return DB::transaction(fn (): array => $this->onShelf($teacher, $manifest, $contents, $sources));
            });
        } catch (InvalidJson $problem) {
            throw PackageRefused::damaged($problem);
        } finally {
            $this->deadline->stop();
        }
    }

    /** @return list<Page> */
    private function contents(Archive $archive, PackedWorksheet $worksheet): array
    {
        $anchors = array_map(fn (PackedPage $page): string => $page->anchor, $worksheet->pages);
        if ($worksheet->pages === [] || count(array_unique($anchors)) !== count($anchors)) {
            throw PackageRefused::damaged();
        }
        $pages = [];
        foreach ($worksheet->pages as $page) {
            $at = $page->key ?? $page->path;
            try {
                $pages[] = PageCodec::decode(
                    $archive->text($at, self::LARGEST_PAGE) ?? throw PackageRefused::damaged(),
                );
            } catch (InvalidJson $problem) {
                throw PackageRefused::pageWrong($at, $problem);
            }
        }

        return $pages;
    }

    /**
     * @param  list<list<Page>>  $contents  of each worksheet
     * @param  array<string, list<SourcePage>>  $sources  of each original its pages, by SHA-256
     * @return non-empty-list<Worksheet>
     */
    private function onShelf(Teacher $teacher, Manifest $manifest, array $contents, array $sources): array
    {
        $originals = $this->originals($teacher, $manifest, $sources);
        $made = $ids = [];
        foreach ($manifest->worksheets as $at => $packed) {
            $made[$at] = Worksheet::create([
                'teacher_id' => $teacher->id,
                'original_id' => $originals[$packed->original ?? ''] ?? null,
                'unit_id' => $packed->unit === null ? null : $this->unit($teacher, $packed->unit),
                'name' => $packed->name === '' ? 'Untitled' : $packed->name,
                'state' => WorksheetState::Preparing,
                'pages_total' => count($packed->pages),
            ]);
            $ids[$packed->id] = $made[$at]->id;
        }
        foreach ($manifest->worksheets as $at => $packed) {
            $this->pages($made[$at], $packed, $contents[$at], $ids);
            foreach ($contents[$at] as $page) {
                TeacherFile::give($teacher->id, ...PageFile::of($page));
            }
            FileTurns::add($made[$at], FileStage::Prints);
        }

        return array_values($made) ?: throw PackageRefused::none();
    }

    /**
     * @param  list<Page>  $contents
     * @param  array<int, int>  $ids  of the worksheets here, by those that they have in the package
     */
    private function pages(Worksheet $worksheet, PackedWorksheet $packed, array $contents, array $ids): void
    {
        $rows = [];
        foreach ($packed->pages as $index => $page) {
            $rows[$index + 1] = WorksheetPage::begin(
                $worksheet->id,
                PageCodec::encode($this->linked($contents[$index], $ids)),
                [
                    'position' => $index + 1,
                    'anchor' => $page->anchor,
                    'role' => $page->role,
                    'role_reason' => $page->reason,
                    'section' => $page->section,
                    'refused' => $page->refused === [] ? null : $page->refused,
                    'own_questions' => $page->questions === null ? null : QuestionsCodec::encode($page->questions),
                ],
            );
        }
        foreach ($packed->pages as $index => $page) {
            $answers = array_map(
                fn (int $number): int => ($rows[$number] ?? throw PackageRefused::damaged())->id,
                $page->answers,
            );
            $answers === [] || $rows[$index + 1]->update(['answers' => $answers]);
        }
    }

    /**
     * Links between worksheets of the package lead to them here; what leads to others leads nowhere, and is left out.
     *
     * @param  array<int, int>  $ids
     */
    private function linked(Page $page, array $ids): Page
    {
        $elements = [];
        foreach ($page->elements() as $element) {
            $to = $element instanceof Link ? $element->target->worksheetId() : null;
            if ($element instanceof Link && $to !== null) {
                $element = isset($ids[$to]) ? $element->leading(LinkTarget::worksheet($ids[$to])) : null;
            }
            if ($element !== null) {
                $elements[] = $element;
            }
        }

        return $page->withElements($elements);
    }

    private function unit(Teacher $teacher, string $name): int
    {
        return $teacher
            ->units()
            ->firstOrCreate(['name' => $name], ['position' => 1 + (int) $teacher->units()->max('position')])->id;
    }

    /**
     * @param  array<string, list<SourcePage>>  $sources
     * @return array<string, int> their ids, by SHA-256
     */
    private function originals(Teacher $teacher, Manifest $manifest, array $sources): array
    {
        $originals = [];
        foreach ($manifest->originals as $packed) {
            if (! isset($sources[$packed->sha256]) || $sources[$packed->sha256] === []) {
                continue;
            }
            $original = Original::create([
                'teacher_id' => $teacher->id,
                'sha256' => $packed->sha256,
                'made_from' => isset($sources[$packed->madeFrom ?? '']) ? $packed->madeFrom : null,
                'choices' => isset($sources[$packed->madeFrom ?? '']) ? [] : null,
                'name' => $packed->name,
                'seen_at' => now(),
                'pages' => [],
            ]);
            $original->note($sources[$packed->sha256]);
            TeacherFile::give($teacher->id, ...$original->files());
            $originals[$packed->sha256] = $original->id;
        }
        if (array_diff_key(array_filter($sources), $originals) !== []) {
            throw PackageRefused::damaged();
        }

        return $originals;
    }
}
