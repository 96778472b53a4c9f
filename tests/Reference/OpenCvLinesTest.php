<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\Pdf\PageMarks;
use App\Documents\Pdf\PageTexts;
use App\Documents\Pdf\PdfReader;
use OpenSlate\Blanks\Bitmap;
use OpenSlate\Blanks\BitmapMarks;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Rules;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use Symfony\Component\Process\Process;
use Tests\Support\Scanner;
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

    /** A scan is turned by what can be told of how it lies, in points at its edges. */
    private const APART = 3.0;

    private const SCANNED = ['typeset-tides', 'typeset-sea', 'written-rivers', 'written-coast'];

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

    /**
     * Raw level lines of scans that lie askew, against those of the pages they were made of. OpenCV is told how they
     * lie; ours finds that out. Runs of underscores and dots, which are letters of the page and lines to the eye, are
     * neither right nor wrong. SLATE_SHOW=all shows precision and recall of both on every scan.
     */
    public function test_on_scans_two_of_a_hundred_lines_less_are_seen_at_the_most(): void
    {
        $folder = sys_get_temp_dir().'/opencv-scans-'.bin2hex(random_bytes(4));
        mkdir($folder);
        [$truths, $typed, $ours, $turns] = [[], [], [], []];
        foreach (getenv('SLATE_SHOW') === 'all' ? ['open', ...self::SCANNED] : self::SCANNED as $set) {
            $path = base_path("tests/blanks/classes/{$set}.pdf");
            $pages = app(PdfReader::class)->pages($path);
            $texts = app(PageTexts::class)->read($path, $pages);
            foreach (app(PageMarks::class)->read($path, $pages, $texts, range(1, count($pages))) as $number => $marks) {
                $steps = [0, 2, -3, 5, -5][(7 * ($number - 1)) % 5];
                $scan = Scanner::scan($path, $number, $steps, $number);
                $name = "{$set}-{$number}";
                (new Process([
                    'pdftoppm', '-gray', '-singlefile', '-r', (string) self::DPI, $scan, "{$folder}/{$name}",
                ]))->mustRun();
                [$page] = app(PdfReader::class)->pages($scan);
                $truths["{$name}.pgm"] = $this->level($marks);
                $typed["{$name}.pgm"] = $this->typed($marks);
                $seen = app(PageTexts::class)->read($scan, [$page]);
                $ours["{$name}.pgm"] = $this->level(app(PageMarks::class)->read($scan, [$page], $seen, [1])[1]);
                $turns["{$folder}/{$name}.pgm"] = Scanner::degrees($steps);
            }
        }
        $table = [];
        $sums = ['ours' => [0, 0, 0], 'OpenCV' => [0, 0, 0]];
        foreach ($this->seen(array_keys($turns), $turns) as $name => [, $lines]) {
            $theirs = array_map(
                fn (array $line): Rule => new Rule(true, $line[1], $line[0], $line[0] + $line[2]),
                $lines,
            );
            foreach (['ours' => $ours[$name], 'OpenCV' => $theirs] as $whose => $found) {
                $isDrawn = fn (Rule $rule): bool => ! $this->isOf($typed[$name], $rule);
                $found = array_values(array_filter($found, $isDrawn));
                $both = $this->both($truths[$name], $found);
                $table[] = sprintf(
                    '%-22s %-6s %d of %d, %d seen',
                    $name,
                    $whose,
                    $both,
                    count($truths[$name]),
                    count($found),
                );
                foreach ([$both, count($truths[$name]), count($found)] as $at => $count) {
                    $sums[$whose][$at] += $count;
                }
            }
        }
        $recall = fn (string $whose): float => $sums[$whose][0] / $sums[$whose][1];
        $precision = fn (string $whose): float => $sums[$whose][0] / max(1, $sums[$whose][2]);
        foreach (['ours', 'OpenCV'] as $whose) {
            $table[] = sprintf('%s: recall %.3f, precision %.3f', $whose, $recall($whose), $precision($whose));
        }
        getenv('SLATE_SHOW') === false || fwrite(STDERR, "\n".implode("\n", $table)."\n");

        $this->assertGreaterThan(100, $sums['ours'][1]);
        $this->assertGreaterThanOrEqual(0.9, $recall('ours'), implode("\n", $table));
        $this->assertGreaterThanOrEqual($recall('OpenCV') - 0.02, $recall('ours'), implode("\n", $table));
        $this->assertGreaterThanOrEqual($precision('OpenCV') - 0.03, $precision('ours'), implode("\n", $table));
    }

    /** @return list<Rule> the level lines of a page that are long enough to be none of its letters */
    private function level(Marks $marks): array
    {
        return array_values(
            array_filter(
                Rules::merged($marks->rules),
                fn (Rule $rule): bool => $rule->level && $rule->length() >= self::SHORTEST,
            ),
        );
    }

    /** @return list<Frame> runs of underscores and dots */
    private function typed(Marks $marks): array
    {
        $typed = [];
        foreach ($marks->lines as $line) {
            foreach ($line->words as $word) {
                preg_match('/[_.…]{4,}/u', $word->text) === 1 && ($typed[] = $word->frame);
            }
        }

        return $typed;
    }

    /** @param  list<Frame>  $typed */
    private function isOf(array $typed, Rule $rule): bool
    {
        foreach ($typed as $frame) {
            if (
                $rule->at > $frame->y - self::APART &&
                $rule->at < $frame->bottom() + self::APART &&
                min($rule->to, $frame->right()) - max($rule->from, $frame->x) > 0.5 * $rule->length()
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Rule>  $truth
     * @param  list<Rule>  $found
     * @return int how many of one are in the other
     */
    private function both(array $truth, array $found): int
    {
        $both = 0;
        foreach ($truth as $true) {
            foreach ($found as $at => $rule) {
                $common = min($rule->to, $true->to) - max($rule->from, $true->from);
                if (abs($rule->at - $true->at) < self::APART && $common > 0.8 * max($rule->length(), $true->length())) {
                    unset($found[$at]);
                    $both++;
                    break;
                }
            }
        }

        return $both;
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

        return $this->seen(glob("{$folder}/*.pgm") ?: []);
    }

    /**
     * @param  list<string>  $files
     * @param  array<string, float>  $turns  how far those lie askew that are scans, in degrees
     * @return array<string, array{string, list<array{float, float, float}>}> file, and OpenCV's lines in points
     */
    private function seen(array $files, array $turns = []): array
    {
        $points = 72 / self::DPI;
        $said = (new Process([
            'node',
            base_path('tests/Reference/opencv-lines.mjs'),
            (string) (int) (self::SHORTEST / $points),
            ...array_map(fn (string $file): string => isset($turns[$file]) ? "{$file}@{$turns[$file]}" : $file, $files),
        ]))
            ->setTimeout(120)
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
