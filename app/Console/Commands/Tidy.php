<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\EmptyBin;
use App\Actions\EndTrials;
use App\Actions\SweepPictures;
use App\Actions\ThinMoments;
use App\Actions\ThinRevisions;
use App\Models\Handout;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Finder\Finder;

/** Throws away what has had its time. Run once an hour; run more often it does no harm. */
final class Tidy extends Command
{
    private const LARGEST_LOG = 5 * 1024 * 1024;

    private const LOGS_KEPT = 4;

    protected $signature = 'slate:tidy';

    protected $description = 'Throw away what has had its time: worksheets in the bin, replaced pictures, old '
        .'revisions, half-done work, logs';

    public function handle(
        EndTrials $endTrials,
        EmptyBin $emptyBin,
        SweepPictures $sweepPictures,
        ThinRevisions $thin,
        ThinMoments $thinMoments,
    ): int {
        $old = Handout::query()->where('created_at', '<', now()->subDay());
        $this->line($endTrials($old).' trial copies thrown away.');
        $this->line($emptyBin().' worksheets thrown away.');
        $this->line($sweepPictures().' pictures thrown away.');
        $this->line($thin().' old revisions thrown away.');
        $this->line($thinMoments().' old moments of copies thrown away.');
        $this->halfDoneWork();
        $this->turnOverLogs();

        return self::SUCCESS;
    }

    /** Folders of work that was killed. */
    private function halfDoneWork(): void
    {
        $work = Storage::disk('local')->path('work');
        foreach (
            is_dir($work) ? Finder::create()->in($work)->depth(0)->directories()->date('< 1 day ago') : [] as $folder
        ) {
            Storage::disk('local')->deleteDirectory('work/'.$folder->getFilename());
        }
    }

    /**
     * Those of the servers; the program's own are turned over each day. They stay open, so that they are copied and
     * emptied.
     */
    private function turnOverLogs(): void
    {
        foreach (['web', 'php', 'queue'] as $name) {
            $log = dirname((string) config('logging.channels.daily.path'))."/{$name}.log";
            if (! is_file($log) || filesize($log) < self::LARGEST_LOG) {
                continue;
            }
            for ($n = self::LOGS_KEPT; $n > 1; $n--) {
                is_file("{$log}.".($n - 1)) && rename("{$log}.".($n - 1), "{$log}.{$n}");
            }
            copy($log, "{$log}.1") && chmod("{$log}.1", 0600) && file_put_contents($log, '');
        }
    }
}
