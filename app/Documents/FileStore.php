<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\StoredFile;
use Illuminate\Support\Facades\Storage;
use RuntimeException;
use Symfony\Component\Filesystem\Filesystem;

/** Keeps files by the SHA-256 of their bytes: the same file twice is one file. Outside the web root. */
final class FileStore
{
    public function __construct(private Filesystem $folders)
    {
    }

    /** Takes a copy of a file. */
    public function keep(string $path, string $mediaType): StoredFile
    {
        return $this->store($path, $mediaType, move: false);
    }

    /** Takes the file itself; afterwards it is no longer where it was. */
    public function take(string $path, string $mediaType): StoredFile
    {
        return $this->store($path, $mediaType, move: true);
    }

    /** Throws a file away that nothing names any more. */
    public function forget(string $sha256): void
    {
        StoredFile::query()->where('sha256', $sha256)->delete();
        @unlink($this->path($sha256));
    }

    /** Where the file is on this machine. */
    public function path(string $sha256): string
    {
        return Storage::disk('local')->path('files/'.substr($sha256, 0, 2).'/'.$sha256);
    }

    /**
     * A folder for work in progress, on the same disk as the store so that results can be moved in.
     *
     * @template T
     *
     * @param  callable(string): T  $work
     * @return T
     */
    public function inWorkFolder(callable $work): mixed
    {
        $folder = Storage::disk('local')->path('work/'.bin2hex(random_bytes(8)));
        $this->folders->mkdir($folder, 0700);
        try {
            return $work($folder);
        } finally {
            $this->folders->remove($folder);
        }
    }

    /**
     * Work that only one does at a time, whichever process it is in: the others wait.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function alone(string $name, callable $work): mixed
    {
        $this->folders->mkdir(Storage::disk('local')->path('locks'), 0700);
        $lock =
            fopen(Storage::disk('local')->path('locks/'.substr(hash('sha256', $name), 0, 2)), 'c') ?:
            throw new RuntimeException('Cannot make a lock.');
        try {
            flock($lock, LOCK_EX);

            return $work();
        } finally {
            fclose($lock);
        }
    }

    private function store(string $path, string $mediaType, bool $move): StoredFile
    {
        $sha256 = hash_file('sha256', $path) ?: throw new RuntimeException("Cannot read {$path}.");
        $bytes = (int) filesize($path);
        $target = $this->path($sha256);
        if (is_file($target) && filesize($target) === $bytes) {
            $move && unlink($path);
        } else {
            $this->folders->mkdir(dirname($target), 0700);
            // Written beside the target and renamed, so that nobody ever reads half a file.
            $whole = $target.'.'.bin2hex(random_bytes(4));
            ($move ? rename(...) : copy(...))($path, $whole) && rename($whole, $target) ?:
            throw new RuntimeException("Cannot store {$path}.");
            chmod($target, 0600);
        }
        $file = new StoredFile(['sha256' => $sha256, 'bytes' => $bytes, 'media_type' => $mediaType]);
        // Taken again, it is as new: see SweepPictures.
        StoredFile::query()->upsert([...$file->getAttributes(), 'created_at' => now()], ['sha256'], ['created_at']);

        return $file;
    }
}
