<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\Scans\Flattening;
use App\Documents\Scans\Vips;
use OpenSlate\Geometry\Point;
use OpenSlate\Scan\Homography;
use OpenSlate\Scan\Otsu;
use OpenSlate\Scan\Quadrilateral;
use Symfony\Component\Process\Process;
use Tests\Support\Scene;
use Tests\TestCase;

/**
 * Sheets laid flat, against OpenCV's getPerspectiveTransform, warpPerspective and Otsu threshold (@techstark/opencv-js
 * 4.5.2 from the npm registry).
 */
final class OpenCvScanTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/opencv-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    public function test_corners_thresholds_and_flattened_pictures_are_those_of_opencv(): void
    {
        mt_srand(11);
        $pairs = array_map(fn (): array => [$this->figure(), $this->figure()], range(1, 50));
        $scene = new Scene(5, 'cloth');
        $histograms = [array_replace(array_fill(0, 256, 0), $scene->picture->histogram())];
        for ($n = 0; $n < 20; $n++) {
            $histograms[] = array_map(fn (): int => mt_rand(0, mt_rand(0, 40)), range(0, 255));
        }
        file_put_contents("{$this->folder}/picture", $scene->picture->levels);
        $corners = array_map(fn (Point $one): array => [$one->x, $one->y], $scene->corners->corners());
        $process = new Process(['node', __DIR__.'/opencv-scan.mjs'], input: json_encode([
            'pairs' => $pairs,
            'histograms' => $histograms,
            'picture' => [
                'file' => "{$this->folder}/picture",
                'width' => $scene->picture->width,
                'height' => $scene->picture->height,
            ],
            'corners' => $corners,
            'size' => $this->flatten($scene),
            'flat' => "{$this->folder}/theirs",
        ], JSON_THROW_ON_ERROR));
        $theirs = json_decode($process->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);

        $worst = 0.0;
        foreach ($pairs as $index => [$from, $to]) {
            $map = Homography::between(Quadrilateral::of($from), Quadrilateral::of($to));
            $this->assertEqualsWithDelta($theirs['matrices'][$index], $map->matrix, 1e-3);
            foreach ($from as $corner => $place) {
                $there = $map->of(new Point(...$place));
                $worst = max($worst, hypot($there->x - $to[$corner][0], $there->y - $to[$corner][1]));
            }
        }
        $this->assertLessThan(1e-6, $worst, 'corners come to lie where they should, in pixels');
        $this->assertSame(
            array_map(intval(...), $theirs['thresholds']),
            array_map(Otsu::threshold(...), $histograms),
        );

        $mine = (string) file_get_contents("{$this->folder}/mine");
        $other = (string) file_get_contents("{$this->folder}/theirs");
        $this->assertSame(strlen($other), strlen($mine));
        $apart = 0;
        for ($at = 0; $at < strlen($mine); $at++) {
            $apart += abs(ord($mine[$at]) - ord($other[$at]));
        }
        $this->assertLessThan(3.0, $apart / strlen($mine), 'levels of 255, of each pixel, in the middle');
    }

    /** @return array{int, int} the sides of what it was laid flat to */
    private function flatten(Scene $scene): array
    {
        $vips = new Vips($this->folder);
        [$width, $height] = [(string) $scene->picture->width, (string) $scene->picture->height];
        $vips->do('rawload', 'picture', 'picture.v', $width, $height, '1');
        (new Flattening($vips, false))->of('picture.v', $scene->corners, 'flat.jpg');
        $vips->do('rawsave', 'flat.v', 'mine');
        $sides = $vips->head($vips->path('flat.v'));

        return [$sides['width'], $sides['height']];
    }

    /** @return list<array{float, float}> four corners, one round, none of them near the line of two others */
    private function figure(): array
    {
        $off = fn (): float => mt_rand(-250, 250) / 10;

        return array_map(
            fn (array $corner): array => [$corner[0] + $off(), $corner[1] + $off()],
            [[40.0, 40.0], [340.0, 40.0], [340.0, 460.0], [40.0, 460.0]],
        );
    }
}
