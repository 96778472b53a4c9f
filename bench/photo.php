<?php

// A photo of twelve megapixels made into a page (read, its corners found, flattened, its light evened out), against
// ImageMagick's own -distort Perspective of it with the corners given. Needs Debian's imagemagick, which the program
// itself does not use.

declare(strict_types=1);

use App\Documents\FileStore;
use App\Documents\Scans\ScanConversion;
use Bench\Bench;
use OpenSlate\Geometry\Point;
use Symfony\Component\Process\Process;
use Tests\Support\Scene;

return function (Bench $bench): void {
    $program = '/usr/bin/convert';
    is_executable($program) || throw new RuntimeException('Install imagemagick first: it is what is measured against.');
    $scene = new Scene(5, 'cloth', 3000, 4000);
    file_put_contents("{$bench->data}/photo.pgm", "P5\n3000 4000\n255\n".$scene->picture->levels);
    $photo = "{$bench->data}/photo.jpg";
    (new Process(['vips', 'jpegsave', "{$bench->data}/photo.pgm", $photo, '--Q', '92']))->mustRun();
    [$across, $down] = $scene->corners->sides();
    [$width, $height] = [(int) round($across * 2339 / $down), 2339];
    $onto = [[0, 0], [$width, 0], [$width, $height], [0, $height]];
    $pairs = array_map(
        fn (Point $from, array $to): string => "{$from->x},{$from->y} {$to[0]},{$to[1]}",
        $scene->corners->corners(),
        $onto,
    );
    $flat = [$program, $photo, '-distort', 'Perspective', implode(' ', $pairs), '-crop', "{$width}x{$height}+0+0"];
    $alone = fn () => (new Process([...$flat, "{$bench->data}/flat.jpg"]))->mustRun();
    $ours = fn () => app(FileStore::class)->inWorkFolder(
        fn (string $folder) => app(ScanConversion::class)->convert($photo, [], $folder),
    );
    [$mine, $theirs] = [$bench->seconds($ours, 3), $bench->seconds($alone, 3)];
    $bench->report('photo', $mine / $theirs, 2, sprintf('%.2f s against %.2f s', $mine, $theirs));
};
