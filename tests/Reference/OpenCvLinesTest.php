<?php

declare(strict_types=1);

namespace Tests\Reference;

use OpenSlate\Blanks\Bitmap;
use OpenSlate\Blanks\BitmapMarks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Paper\Size;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/**
 * Level lines that are found on a picture of a page, against those that OpenCV finds on the same pixels (morphological
 * opening; @techstark/opencv-js 4.5.2 from the npm registry).
 */
final class OpenCvLinesTest extends TestCase
{
    private const DPI = 110;

    /** Shorter ones are letters to the one and dashes to the other. In points. */
    private const SHORTEST = 40.0;

    private const NEAR = 1.2;

    public function test_both_see_the_same_lines_on_the_same_pixels(): void
    {
        [$ours, $theirs, $both] = [0, 0, 0];
        $apart = [];
        foreach ($this->pictures() as $name => [$file, $opencv]) {
            $mine = $this->lines($file);
            $ours += count($mine);
            $theirs += count($opencv);
            foreach ($opencv as [$x, $y, $width]) {
                $same = array_filter(
                    $mine,
                    fn (Rule $rule): bool => abs($rule->at - $y) < self::NEAR &&
                        min($rule->to, $x + $width) - max($rule->from, $x) > 0.9 * $width,
                );
                $same === [] ? ($apart[] = sprintf('%s: %.0f, %.0f, %.0f wide', $name, $x, $y, $width)) : $both++;
            }
        }

        $this->assertGreaterThan(80, $theirs);
        $this->assertGreaterThan(0.95, $both / $theirs, implode("\n", $apart));
        $this->assertGreaterThan(0.9, $both / $ours, "{$ours} lines, of which OpenCV has {$both}");
    }

    /** @return list<Rule> */
    private function lines(string $file): array
    {
        preg_match('/^P5\s+(\d+)\s+(\d+)\s+\d+\s/', $picture = (string) file_get_contents($file), $head);
        [$width, $height] = [(int) ($head[1] ?? 0), (int) ($head[2] ?? 0)];
        $points = 72 / self::DPI;
        $marks = BitmapMarks::of(
            Bitmap::of(substr($picture, strlen($head[0] ?? '')), $width, $height, $points),
            Size::of($width * $points, $height * $points),
            [],
        );

        return array_values(
            array_filter($marks->rules, fn (Rule $rule): bool => $rule->level && $rule->length() >= self::SHORTEST),
        );
    }

    /** @return array<string, array{string, list<array{float, float, float}>}> file, and OpenCV's lines in points */
    private function pictures(): array
    {
        $folder = sys_get_temp_dir().'/opencv-'.bin2hex(random_bytes(4));
        mkdir($folder);
        foreach (['lines', 'tables', 'boxes', 'mixed', 'landscape'] as $name) {
            (new Process([
                'pdftoppm',
                '-gray',
                '-r',
                (string) self::DPI,
                base_path("tests/blanks/{$name}.pdf"),
                "{$folder}/{$name}",
            ]))->mustRun();
        }
        $files = glob("{$folder}/*.pgm") ?: [];
        $points = 72 / self::DPI;
        $said = (new Process([
            'node',
            base_path('tests/Reference/opencv-lines.mjs'),
            (string) (int) (self::SHORTEST / $points),
            ...$files,
        ]))
            ->setTimeout(60)
            ->mustRun()
            ->getOutput();
        $pictures = [];
        /** @var list<list<array{float, float, float}>> $pages */
        $pages = json_decode($said, true, flags: JSON_THROW_ON_ERROR);
        foreach ($pages as $index => $lines) {
            $pictures[basename($files[$index])] = [
                $files[$index],
                array_map(
                    fn (array $line): array => [$line[0] * $points, $line[1] * $points, $line[2] * $points],
                    $lines,
                ),
            ];
        }

        return $pictures;
    }
}
