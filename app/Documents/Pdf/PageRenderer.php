<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\DrawnPage;
use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use Fidry\CpuCoreCounter\CpuCoreCounter;
use Generator;
use OpenSlate\Paper\Raster;
use OpenSlate\Paper\SourcePage;
use Symfony\Component\Process\Exception\ProcessTimedOutException;

/**
 * Draws the pages of a PDF as pictures at two sizes, on all cores.
 *
 * JPEG, because it is as fast to write as raw pixels where PNG takes seven times as long, and is a tenth of PNG's
 * size on photographed pages.
 */
final class PageRenderer
{
    private const QUALITY = 'quality=90,progressive=n,optimize=n';

    /** No run of pages holds its worker for longer, in seconds of the processor. */
    private const SECONDS_FOR_A_RUN = 10.0;

    private const SECONDS_FOR_A_PAGE = 0.75;

    private const POLL_MICROSECONDS = 10000;

    /** Fewer pages than these are not worth starting another program for. */
    private const WORTH_A_START = 4;

    /**
     * Draws the pages; each is handed over as soon as both its pictures are there, not always in order.
     *
     * @param  list<SourcePage>  $pages
     * @param  string  $folder  an empty folder to work in
     * @return Generator<DrawnPage>
     *
     * @throws FileRefused when a page cannot be drawn within the limits
     */
    public function draw(string $path, array $pages, string $folder): Generator
    {
        $waiting = $this->commands($path, $pages, $folder);
        $byNumber = array_column($pages, null, 'number');
        $parts = [];
        $running = [];
        $said = [];
        try {
            while ($waiting !== [] || $running !== []) {
                while ($waiting !== [] && count($running) < $this->processes()) {
                    $process = LimitedProcess::of(
                        array_shift($waiting),
                        $folder,
                        self::SECONDS_FOR_A_RUN + self::SECONDS_FOR_A_PAGE * count($pages),
                    );
                    $process->start();
                    $running[] = $process;
                    $said[array_key_last($running)] = '';
                }
                foreach ($running as $key => $process) {
                    $ended = ! $process->isRunning();
                    $process->checkTimeout();
                    foreach ($this->written($said[$key], $process->getIncrementalErrorOutput()) as [$number, $file]) {
                        $parts[$number][] = $file;
                        if (count($parts[$number]) === 2 && isset($byNumber[$number])) {
                            yield $this->drawn($byNumber[$number], $parts[$number]);
                            unset($byNumber[$number]);
                        }
                    }
                    if ($ended) {
                        unset($running[$key]);
                        if ($process->hasBeenSignaled()) {
                            throw FileRefused::tooMuchWork();
                        }
                    }
                }
                usleep(self::POLL_MICROSECONDS);
            }
        } catch (ProcessTimedOutException $limit) {
            throw FileRefused::tooMuchWork($limit);
        } finally {
            foreach ($running as $process) {
                $process->stop(0);
            }
        }
        if ($byNumber !== []) {
            throw FileRefused::pageUnreadable(min(array_keys($byNumber)));
        }
    }

    /**
     * The first page alone, so that there is something to see; then all others, split between the cores: the quick
     * thumbnails first, so that all cores end together and each image completes its page.
     *
     * @param  list<SourcePage>  $pages
     * @return list<non-empty-list<string>>
     */
    private function commands(string $path, array $pages, string $folder): array
    {
        $thumbnails = $images = [];
        foreach ($this->runs($pages) as [$from, $to, $thumbnailDpi, $imageDpi]) {
            $thumbnails[] = $this->command($path, $from, $to, $thumbnailDpi, "{$folder}/t");
            $images[] = $this->command($path, $from, $to, $imageDpi, "{$folder}/p");
        }

        $alone = ($pages[0]->number ?? 0) === 1 ? 1 : 0;

        return [
            ...array_splice($thumbnails, 0, $alone),
            ...array_splice($images, 0, $alone),
            ...$thumbnails,
            ...$images,
        ];
    }

    /**
     * Runs of pages that are drawn at the same resolutions, cut so that every core has work; each run is one start of
     * a program.
     *
     * @param  list<SourcePage>  $pages
     * @return list<array{int, int, string, string}> first and last page, resolution of thumbnail and of image
     */
    private function runs(array $pages): array
    {
        $alike = [];
        foreach ($pages as $page) {
            $thumbnail = $this->resolution(Raster::thumbnail($page->size), $page);
            $image = $this->resolution(Raster::page($page->size), $page);
            $last = array_key_last($alike);
            if (
                $last !== null &&
                [$alike[$last][1] + 1, $alike[$last][2], $alike[$last][3]] === [$page->number, $thumbnail, $image]
            ) {
                $alike[$last][1] = $page->number;
            } else {
                $alike[] = [$page->number, $page->number, $thumbnail, $image];
            }
        }
        $runs = [];
        foreach ($alike as $index => [$from, $to, $thumbnail, $image]) {
            if ($index === 0 && $from === 1) {
                $runs[] = [$from, $from, $thumbnail, $image];
                $from++;
            }
            $share = (int) max(self::WORTH_A_START, ceil(($to - $from + 1) / $this->processes()));
            for (; $from <= $to; $from += $share) {
                $runs[] = [$from, min($to, $from + $share - 1), $thumbnail, $image];
            }
        }

        return $runs;
    }

    /** poppler does not know /UserUnit: a page of larger units is drawn finer by as much. */
    private function resolution(Raster $raster, SourcePage $page): string
    {
        return sprintf('%.3F', $raster->dpi * $page->userUnit);
    }

    /** @return non-empty-list<string> */
    private function command(string $path, int $from, int $to, string $dpi, string $prefix): array
    {
        return [
            'pdftoppm',
            '-cropbox',
            '-progress',
            '-jpeg',
            '-jpegopt',
            self::QUALITY,
            '-f',
            (string) $from,
            '-l',
            (string) $to,
            '-r',
            $dpi,
            $path,
            $prefix,
        ];
    }

    /**
     * The files that a process tells it has finished, in lines of "page last-page file"; what is left of a line
     * that is not whole yet stays in the buffer.
     *
     * @return list<array{int, string}> page number and file
     */
    private function written(string &$buffer, string $more): array
    {
        $lines = explode("\n", $buffer.$more);
        $buffer = (string) array_pop($lines);
        $files = [];
        foreach ($lines as $line) {
            if (preg_match('/^(\d+) \d+ (.+\.jpg)$/', $line, $match) === 1) {
                $files[] = [(int) $match[1], $match[2]];
            }
        }

        return $files;
    }

    /** @param  list<string>  $files */
    private function drawn(SourcePage $page, array $files): DrawnPage
    {
        [$image, $thumbnail] = str_contains(basename($files[0]), 'p-') ? $files : array_reverse($files);

        return new DrawnPage($page, $image, $thumbnail);
    }

    private function processes(): int
    {
        static $cores = null;
        $cores ??= (int) config('slate.tools.processes') ?: (new CpuCoreCounter)->getCountWithFallback(1);

        return $cores;
    }
}
