<?php

// Finding the blanks of twelve pages, and of a scan of one, against pdftoppm drawing each of those pages at 150 dpi.

declare(strict_types=1);

use App\Documents\Pdf\PageMarks;
use App\Documents\Pdf\PageTexts;
use App\Documents\Pdf\PdfReader;
use Bench\Bench;
use OpenSlate\Blanks\BlankFinder;
use Symfony\Component\Process\Process;

return function (Bench $bench): void {
    $measure = function (string $name, string $path, array $numbers, float $most) use ($bench): void {
        $pages = app(PdfReader::class)->pages($path);
        $texts = app(PageTexts::class)->read($path, $pages);
        $ratios = [];
        for ($n = 0; $n < 5; $n++) {
            $ours = $bench->seconds(
                fn () => array_map(
                    BlankFinder::find(...),
                    app(PageMarks::class)->read($path, $pages, $texts, $numbers),
                ),
                1,
            );
            $theirs = $bench->seconds(function () use ($path, $numbers): void {
                foreach ($numbers as $number) {
                    (new Process([
                        'pdftoppm',
                        '-r',
                        '150',
                        '-f',
                        (string) $number,
                        '-l',
                        (string) $number,
                        $path,
                    ]))->mustRun();
                }
            }, 1);
            $ratios[] = $ours / $theirs;
        }
        sort($ratios);
        $bench->report($name, $ratios[2], $most, count($numbers).' pages');
    };
    $measure('blanks', dirname(__DIR__).'/database/demo/working-harbour-pack.pdf', range(6, 17), 1.0);
    $measure('blanks-seen', dirname(__DIR__).'/database/demo/knots-photo.pdf', [1], 2.0);
};
