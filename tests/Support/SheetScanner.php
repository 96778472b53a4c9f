<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Documents\Scans\PicturePages;
use OpenSlate\Geometry\Point;
use OpenSlate\Scan\Similarity;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** Scans pages as a feeder does that is in a hurry: grey, each a little turned and moved, with noise. */
final class SheetScanner
{
    private const DPI = 200;

    private const GLASS = 238; // of 255: what is seen where there is no paper

    private Randomizer $chance;

    private string $folder;

    private int $scanned = 0;

    public function __construct(int $seed = 1)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->folder = sys_get_temp_dir().'/slate-scanner-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    public function __destruct()
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
    }

    /**
     * Pictures of the pages of a PDF.
     *
     * @param  float  $most  degrees that they are turned at most
     * @param  int  $moved  dots that they are moved at most
     * @param  int  $noise  its standard deviation, in levels of 255
     * @return list<string> JPEGs
     */
    public function pictures(string $pdf, float $most = 3.0, int $moved = 15, int $noise = 12): array
    {
        $this->run('pdftoppm', '-cropbox', '-gray', '-r', (string) self::DPI, $pdf, $this->at('page'));
        $files = glob($this->at('page-*.pgm')) ?: [];
        natsort($files);
        $pictures = [];
        foreach ($files as $file) {
            [$width, $height] = $this->sides($file);
            $turn = ($this->chance->getInt(-1000, 1000) / 1000) * $most;
            [$a, $b, $c, $d, $e, $f] = Similarity::turning($turn, new Point($width / 2, $height / 2))->matrix();
            $e += $this->chance->getInt(-$moved, $moved);
            $f += $this->chance->getInt(-$moved, $moved);
            $this->run(
                'vips',
                'affine',
                "--odx={$e}",
                "--ody={$f}",
                "--oarea=0 0 {$width} {$height}",
                '--background='.self::GLASS,
                '--',
                $file,
                $this->at('laid.v'),
                "{$a} {$b} {$c} {$d}",
            );
            $pictures[] = $this->noisy('laid.v', "scan-{$this->scanned}.jpg", $width, $height, $noise);
            $this->scanned++;
            unlink($file);
        }

        return $pictures;
    }

    /** As a camera has it: the sheet on a dark table. */
    public function photo(string $picture): string
    {
        [$width, $height] = $this->sides($picture);
        [$a, $b, $c, $d, $e, $f] = Similarity::turning(4.0, new Point(0, 0))->scaled(1.1)->matrix();
        [$wide, $high] = [(int) ($width * 1.5), (int) ($height * 1.4)];
        [$e, $f] = [$e + 0.25 * $width, $f + 0.08 * $height];
        $this->run(
            'vips',
            'affine',
            "--odx={$e}",
            "--ody={$f}",
            "--oarea=0 0 {$wide} {$high}",
            '--background=45',
            '--',
            $picture,
            $this->at('table.jpg'),
            "{$a} {$b} {$c} {$d}",
        );

        return $this->at('table.jpg');
    }

    /** A picture turned clockwise by 90, 180 or 270 degrees. */
    public function turned(string $picture, int $degrees): string
    {
        $this->run('vips', 'rot', $picture, $turned = $this->at("turned-{$degrees}.jpg"), "d{$degrees}");

        return $turned;
    }

    /** With a word in ink on it, as high as a hand writes. */
    public function written(string $picture, string $words, int $left, int $top): string
    {
        $this->run('vips', 'text', $this->at('words.v'), $words, '--dpi', '300', '--font', 'DejaVu Sans Oblique 14');
        [$width, $height] = $this->sides($picture);
        $this->run(
            'vips',
            'embed',
            $this->at('words.v'),
            $this->at('wide.v'),
            (string) $left,
            (string) $top,
            (string) $width,
            (string) $height,
        );
        $this->run('vips', 'subtract', $picture, $this->at('wide.v'), $this->at('inked.v'));
        $this->run(
            'vips',
            'cast',
            $this->at('inked.v'),
            $written = $this->at(md5($picture.$words).'.jpg'),
            'uchar',
        );

        return $written;
    }

    /**
     * As one PDF of pictures, as scanners make it.
     *
     * @param  list<string>  $pictures
     */
    public function pdf(array $pictures, string $name = 'scan.pdf'): string
    {
        $pdf = new PicturePages();
        foreach ($pictures as $picture) {
            [$width, $height] = $this->sides($picture);
            $pdf->add($picture, [($width * 72) / self::DPI, ($height * 72) / self::DPI]);
        }

        return PdfMaker::file((string) $pdf->Output('', 'S'), $name);
    }

    private function noisy(string $from, string $name, int $width, int $height, int $noise): string
    {
        $grain = "noise-{$width}-{$height}-{$noise}.v";
        is_file($this->at($grain)) ||
            $this->run(
                'vips',
                'gaussnoise',
                $this->at($grain),
                (string) $width,
                (string) $height,
                '--mean',
                '0',
                '--sigma',
                (string) $noise,
                // Else it is another one each time.
                '--seed',
                (string) $this->chance->getInt(1, 1 << 30),
            );
        $this->run('vips', 'add', $this->at($from), $this->at($grain), $this->at('sum.v'));
        $this->run('vips', 'cast', $this->at('sum.v'), $this->at($name).'[Q=80]', 'uchar');

        return $this->at($name);
    }

    /** @return array{int, int} */
    private function sides(string $file): array
    {
        $side = fn (string $which): int => (int) $this->run('vipsheader', '-f', $which, $file);

        return [$side('width'), $side('height')];
    }

    private function at(string $name): string
    {
        return "{$this->folder}/{$name}";
    }

    private function run(string ...$command): string
    {
        return (new Process(array_values($command)))->mustRun()->getOutput();
    }
}
