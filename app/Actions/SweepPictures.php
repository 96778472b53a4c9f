<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileStore;
use App\Models\PaperFile;
use App\Models\PaperSheet;
use App\Models\StoredFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Throws pictures away that students put on a copy and replaced: those that neither the copy nor its history has named
 * for a day, and that nothing else names.
 */
final class SweepPictures
{
    private const ROWS_AT_ONCE = 500;

    /** Everything that may name a kept file: table and column. */
    private const NAMES = [
        ['copy_files', 'sha256'],
        ['teacher_files', 'sha256'],
        ['revision_files', 'sha256'],
        ['shown_pictures', 'sha256'],
        ['originals', 'sha256'],
        ['originals', 'made_from'],
        ['comments', 'sound'],
        ['backdrops', 'source'],
        ['backdrops', 'image'],
        ['backdrops', 'thumbnail'],
        ['backdrops', 'light'],
        ['lighter_pictures', 'made'],
        ['exports', 'sha256'],
        ['paper_files', 'sha256'],
        ['paper_sheets', 'sha256'],
    ];

    public function __construct(private FileStore $files)
    {
    }

    /** @return int how many were thrown away */
    public function __invoke(): int
    {
        $before = now()->subDay();
        $gone = [];
        $rows = DB::table('copy_files')->where('created_at', '<', $before)->orderBy('copy_id')->orderBy('sha256');
        foreach ($rows->lazy(self::ROWS_AT_ONCE)->groupBy('copy_id') as $copyId => $pictures) {
            $named = $this->namedBy((int) $copyId);
            foreach ($pictures as $picture) {
                str_contains($named, $picture->sha256) || ($gone[] = [(int) $copyId, $picture->sha256]);
            }
        }
        foreach ($gone as [$copyId, $sha256]) {
            DB::table('copy_files')
                ->where(['copy_id' => $copyId, 'sha256' => $sha256])
                ->where('created_at', '<', $before)
                ->delete();
        }
        $old = StoredFile::whereIn('sha256', array_column($gone, 1))
            ->where('created_at', '<', $before)
            ->pluck('sha256');

        return $old
            ->merge($this->sounds($before))
            ->merge($this->offered($before))
            ->merge($this->left($before))
            ->merge($this->onPaper())
            ->unique()
            ->filter(fn (string $sha256): bool => $this->isNamed($sha256) ? false : $this->forget($sha256))
            ->count();
    }

    /** @return Collection<int, string> sounds that no moment of a copy names either */
    private function sounds(Carbon $before): Collection
    {
        return StoredFile::whereLike('media_type', 'audio/%')
            ->where('created_at', '<', $before)
            ->pluck('sha256')
            ->toBase()
            ->reject(fn (string $sha256): bool => DB::table('moments')->whereLike('comments', "%{$sha256}%")->exists());
    }

    /** @return Collection<int, string> lighter pictures that were offered; those that were taken are named elsewhere */
    private function offered(Carbon $before): Collection
    {
        $offers = DB::table('lighter_pictures')->where('created_at', '<', $before);
        $made = $offers->pluck('made');
        $offers->delete();

        return $made;
    }

    /** @return Collection<int, string> files that were made to leave, and had their day */
    private function left(Carbon $before): Collection
    {
        $exports = DB::table('exports')->where('created_at', '<', $before);
        $made = $exports->clone()->whereNotNull('sha256')->pluck('sha256');
        $exports->delete();

        return $made;
    }

    /** @return Collection<int, string> sheets of paper that nobody has put into a copy for long */
    private function onPaper(): Collection
    {
        $old = PaperFile::where('created_at', '<', now()->subDays(PaperSheet::DAYS));
        $pictures = PaperSheet::whereIn('paper_file_id', $old->clone()->select('id'))->pluck('sha256')->toBase();
        $whole = $old->clone()->whereNotNull('sha256')->pluck('sha256')->toBase();
        $old->delete();

        return $pictures->merge($whole);
    }

    /** All that a copy is, was at its moments, and has waiting. */
    private function namedBy(int $copy): string
    {
        $now = DB::table('copies')->where('id', $copy)->first(['work', 'waiting']);

        return implode("\n", [
            (string) $now?->work,
            (string) $now?->waiting,
            ...DB::table('moments')->where('copy_id', $copy)->pluck('changes')->all(),
        ]);
    }

    /** Throws a file away at once, unless something names it. */
    public function now(string $sha256): void
    {
        $this->isNamed($sha256) || $this->files->forget($sha256);
    }

    private function isNamed(string $sha256): bool
    {
        foreach (self::NAMES as [$table, $column]) {
            if (DB::table($table)->where($column, $sha256)->exists()) {
                return true;
            }
        }

        return false;
    }

    private function forget(string $sha256): bool
    {
        $this->files->forget($sha256);

        return true;
    }
}
