<?php

declare(strict_types=1);

namespace App\Exports;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Models\Export;
use App\Models\Original;
use App\Models\StoredFile;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Support\Collection;
use OpenSlate\Format\PageCodec;
use OpenSlate\Package\Manifest;
use OpenSlate\Package\PackedFile;
use OpenSlate\Package\PackedOriginal;
use OpenSlate\Package\PackedPage;
use OpenSlate\Package\PackedWorksheet;
use OpenSlate\Page\PageFile;
use ZipArchive;

/** Worksheets as a package: their pages, their keys apart, and all files that they are of. See docs/package.md. */
final class PackageZip
{
    public function __construct(private FileStore $files)
    {
    }

    /**
     * @param  string  $folder  to work in
     * @return string where the ZIP is
     *
     * @throws FileRefused
     */
    public function make(Export $export, string $folder): string
    {
        $worksheets = self::chosen((int) $export->teacher_id, (array) ($export->choices['worksheets'] ?? []));
        if ($worksheets->isEmpty()) {
            throw FileRefused::missing();
        }
        $withKeys = ($export->choices['keys'] ?? false) === true;
        $zip = new ZipArchive;
        $zip->open("{$folder}/package.zip", ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $packed = [];
        /** @var array<string, PageFile> $named */
        $named = [];
        foreach ($worksheets as $worksheet) {
            $pages = $worksheet->pages()->with('current')->get();
            $packed[] = $this->worksheet($zip, $worksheet, $pages, $withKeys, $named);
        }
        $originals = $this->originals((int) $export->teacher_id, $named);
        $files = $this->filesOf($named, $originals);
        foreach ($files as $file) {
            $zip->addFile($this->files->path($file->sha256), $file->path());
            // Pictures, PDFs and recordings are packed already.
            $zip->setCompressionName($file->path(), ZipArchive::CM_STORE);
        }
        $zip->addFromString(Manifest::PATH, (new Manifest($packed, $originals, $files))->encode());
        if (! $zip->close()) {
            throw FileRefused::notWritten();
        }

        return "{$folder}/package.zip";
    }

    /**
     * @param  array<array-key, mixed>  $ids
     * @return Collection<int, Worksheet> in the order in which they are named
     */
    private static function chosen(int $teacherId, array $ids): Collection
    {
        $order = array_flip(array_values(array_filter($ids, is_int(...))));

        return Worksheet::with('unit', 'original')
            ->where('teacher_id', $teacherId)
            ->where('state', WorksheetState::Ready)
            ->shelved()
            ->findMany(array_keys($order))
            ->sortBy(fn (Worksheet $worksheet): int => $order[$worksheet->id])
            ->values()
            ->toBase();
    }

    /**
     * @param  Collection<int, WorksheetPage>  $pages
     * @param  array<string, PageFile>  $named  what pages name, to which those of this one come
     */
    private function worksheet(
        ZipArchive $zip,
        Worksheet $worksheet,
        Collection $pages,
        bool $withKeys,
        array &$named,
    ): PackedWorksheet {
        $numbers = $pages->mapWithKeys(fn (WorksheetPage $page): array => [$page->id => $page->number()])->all();
        $packed = [];
        foreach ($pages as $row) {
            $content = $row->current->page();
            $bare = $content->withoutKeys();
            $name = "{$worksheet->id}-{$row->number()}.json";
            $zip->addFromString("pages/{$name}", PageCodec::encode($bare));
            $withKeys && $zip->addFromString("keys/{$name}", $row->current->content);
            foreach (PageFile::of($withKeys ? $content : $bare) as $file) {
                $named[$file->identity()] = $file;
            }
            $packed[] = new PackedPage(
                path: "pages/{$name}",
                key: $withKeys ? "keys/{$name}" : null,
                anchor: $row->anchor,
                role: $row->role,
                reason: (string) $row->role_reason,
                section: $row->section,
                answers: array_values(array_intersect_key($numbers, array_flip($row->answers ?? []))),
                refused: $row->refused ?? [],
                questions: $row->arranged()->questions,
            );
        }

        return new PackedWorksheet(
            $worksheet->id,
            $worksheet->name,
            $worksheet->unit?->name,
            $worksheet->original?->sha256,
            $packed,
        );
    }

    /**
     * The files that pages are printed in. What they were made of goes along where it is a document: it may be mended
     * and made anew.
     *
     * @param  array<string, PageFile>  $named
     * @return list<PackedOriginal>
     */
    private function originals(int $teacherId, array $named): array
    {
        $originals = [];
        $sources = array_unique(array_map(
            fn (PageFile $file): string => $file->sha256,
            array_filter($named, fn (PageFile $file): bool => $file->page > 0),
        ));
        foreach ($sources as $sha256) {
            $known = Original::where('sha256', $sha256)
                ->orderByRaw('teacher_id = ? desc', [$teacherId])
                ->orderBy('id')
                ->first();
            $isDocument = $known?->teacher_id === $teacherId && $known->pictures === null;
            $originals[] = new PackedOriginal(
                $known->name ?? 'pages.pdf',
                $sha256,
                $isDocument ? $known->made_from : null,
            );
        }

        return $originals;
    }

    /**
     * @param  array<string, PageFile>  $named
     * @param  list<PackedOriginal>  $originals
     * @return list<PackedFile>
     */
    private function filesOf(array $named, array $originals): array
    {
        $hashes = array_values(array_unique([
            ...array_values(array_map(fn (PageFile $file): string => $file->sha256, $named)),
            ...array_values(array_filter(
                array_map(fn (PackedOriginal $original): ?string => $original->madeFrom, $originals),
            )),
        ]));

        return array_values(StoredFile::findMany($hashes)
            ->map(fn (StoredFile $file): PackedFile => new PackedFile($file->sha256, $file->bytes, $file->media_type))
            ->all());
    }
}
