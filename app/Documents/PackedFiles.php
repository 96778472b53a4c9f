<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Package\Manifest;
use OpenSlate\Package\PackageRefused;
use OpenSlate\Package\PackedFile;
use OpenSlate\Package\PackedOriginal;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageFile;
use OpenSlate\Paper\SourcePage;

/**
 * The files of a package, each looked at for what it is used as. Pages may name no others: a file that only somebody
 * else has here stays theirs, whatever its hash is called.
 */
final class PackedFiles
{
    public function __construct(
        private FileStore $files,
        private Sources $sources,
        private Pictures $pictures,
        private Recordings $recordings,
    ) {
    }

    /**
     * Keeps what the pages name, once all of it is in order.
     *
     * @param  list<Page>  $pages
     * @param  string  $folder  to work in
     * @return array<string, list<SourcePage>> of each original its pages, by SHA-256; none of what has no pages
     *
     * @throws PackageRefused|FileRefused
     */
    public function take(Archive $archive, Manifest $manifest, array $pages, string $folder): array
    {
        $packed = [];
        foreach ($manifest->files as $file) {
            $packed[$file->sha256] = $file;
        }
        $sources = $kept = [];
        foreach ($this->named($manifest, $pages) as $sha256 => $uses) {
            $file = $packed[$sha256] ?? throw PackageRefused::damaged();
            $path = "{$folder}/{$sha256}";
            $archive->write($file->path(), $path, $file->bytes, $sha256);
            foreach ($uses as $use => $last) {
                $sources[$sha256] = $this->checked($use, $last, $file, $path);
            }
            $kept[$path] = $file->type;
        }
        foreach ($kept as $path => $type) {
            $this->files->take($path, $type);
        }

        return $sources;
    }

    /**
     * @param  list<Page>  $pages
     * @return array<string, array<string, int>> by SHA-256 what a file is used as, and the last of its pages that is
     */
    private function named(Manifest $manifest, array $pages): array
    {
        $named = [];
        foreach ($pages as $page) {
            foreach (PageFile::of($page) as $file) {
                $use = match (true) {
                    $file->isRecording => 'recording',
                    $file->page > 0 => 'print',
                    default => 'picture',
                };
                $named[$file->sha256][$use] = max($file->page, $named[$file->sha256][$use] ?? 0);
            }
        }
        $madeFrom = array_filter(array_map(
            fn (PackedOriginal $original): ?string => isset($named[$original->sha256]) ? $original->madeFrom : null,
            $manifest->originals,
        ));
        foreach ($madeFrom as $sha256) {
            $named[$sha256]['document'] ??= 0;
        }

        return $named;
    }

    /** @return list<SourcePage> */
    private function checked(string $use, int $last, PackedFile $file, string $path): array
    {
        if ($use === 'print') {
            $pages = $this->sources->of($path)->pages($path);

            return $file->type === 'application/pdf' && $last <= count($pages)
                ? $pages
                : throw PackageRefused::damaged();
        }
        $is = match ($use) {
            'recording' => $this->recordings->typeOf($path),
            'picture' => $this->pictures->typeOf($path),
            default => $this->sources->kindOf($path)->mediaType(),
        };

        return $is === $file->type ? [] : throw PackageRefused::damaged();
    }
}
