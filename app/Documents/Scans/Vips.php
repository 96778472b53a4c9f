<?php

declare(strict_types=1);

namespace App\Documents\Scans;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use OpenSlate\Scan\Similarity;

/** The operations of libvips that pages are made with, on pictures in one folder, by their names. */
final class Vips
{
    /**
     * For pictures that were made here. The modules for what only strangers send take half of the time in which it
     * starts, twenty times a page; where its home is no folder it finds none.
     */
    private const PLAIN = ['VIPS_CONCURRENCY' => '2', 'VIPSHOME' => '/nowhere'];

    public function __construct(private string $folder)
    {
    }

    /** Does one operation, with its arguments as libvips orders them: mostly what goes in, then what comes out. */
    public function do(string ...$arguments): void
    {
        $process = LimitedProcess::run(
            ['vips', ...array_values($arguments)],
            $this->folder,
            environment: self::PLAIN,
        );
        $process->isSuccessful() || throw FileRefused::noPicture();
    }

    /**
     * A picture that somebody sent, made upright and no larger than is used.
     *
     * @param  string  $from  with the number of a page, where it has several
     */
    public function read(string $from, string $to, int $longest): void
    {
        $process = LimitedProcess::run(
            ['vipsthumbnail', $from, '--size', "{$longest}x{$longest}>", '--output', "{$this->folder}/{$to}[strip]"],
            $this->folder,
            environment: ['VIPS_BLOCK_UNTRUSTED' => '1', 'VIPS_CONCURRENCY' => '2'],
        );
        $process->isSuccessful() && is_file("{$this->folder}/{$to}") || throw FileRefused::noPicture();
        if (preg_match('/Premature end|not enough data/i', $process->getErrorOutput()) === 1) {
            throw FileRefused::noPicture();
        }
    }

    /** A picture no larger than so many pixels either way. */
    public function fit(string $from, string $to, int $longest): void
    {
        $sides = [(string) $longest, '--height', (string) $longest];
        $this->do('thumbnail', $from, "{$to}[strip]", ...$sides, ...['--size', 'down', '--no-rotate']);
    }

    /**
     * Turned, moved and scaled, and cut to so many pixels; where nothing comes to lie it is white.
     *
     * @param  Similarity  $map  from pixels to pixels
     */
    public function lay(string $from, string $to, Similarity $map, int $width, int $height): void
    {
        [$a, $b, $c, $d, $e, $f] = array_map(fn (float $one): string => sprintf('%.9F', $one), $map->matrix());
        $this->do(
            'affine',
            "--odx={$e}",
            "--ody={$f}",
            "--oarea=0 0 {$width} {$height}",
            '--background=255',
            '--interpolate=bicubic',
            // What follows may begin with a minus, and is no option.
            '--',
            $from,
            $to,
            "{$a} {$b} {$c} {$d}",
        );
    }

    /**
     * What the head of a picture says of it.
     *
     * @return array<string, int> width, height, bands, and for files with several pictures n-pages
     */
    public function head(string $path): array
    {
        $said = LimitedProcess::run(
            ['vipsheader', '-a', $path],
            $this->folder,
            // What was made here is in a format that is not for strangers.
            environment: str_ends_with($path, '.v') ? self::PLAIN : ['VIPS_BLOCK_UNTRUSTED' => '1'],
        );
        $said->isSuccessful() || throw FileRefused::noPicture();
        preg_match_all('/^(width|height|bands|n-pages): (\d+)/m', $said->getOutput(), $found);

        return array_combine($found[1], array_map(intval(...), $found[2]));
    }

    public function path(string $name): string
    {
        return "{$this->folder}/{$name}";
    }
}
