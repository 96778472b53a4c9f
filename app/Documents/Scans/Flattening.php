<?php

declare(strict_types=1);

namespace App\Documents\Scans;

use OpenSlate\Geometry\Rotation;
use OpenSlate\Scan\Homography;
use OpenSlate\Scan\Quadrilateral;

/** Lays a part of a picture flat. */
final readonly class Flattening
{
    /** The longer side of what comes out, in pixels: 200 to the inch of A4. */
    private const LONGEST = 2339;

    /** The light is looked at in a picture this much smaller: print is gone in it, shadows are not. */
    private const LIGHT = 20;

    /** Round each place, so many pixels of that, of which this many are darker than the paper is. */
    private const ROUND = 9;

    private const DARKER = 68;

    /** What the light of the paper is lifted to, and print set down by, in levels of 255. */
    private const LIFTED = 286;

    private const DOWN = -26;

    private const QUALITY = 82;

    public function __construct(private Vips $vips, private bool $isEvened)
    {
    }

    public function of(string $from, Quadrilateral $sheet, string $to): void
    {
        [$across, $down] = $sheet->sides();
        $factor = min(1.0, self::LONGEST / max($across, $down));
        [$width, $height] = [max(1, (int) round($across * $factor)), max(1, (int) round($down * $factor))];
        $this->map($sheet, $width, $height);
        $this->vips->do('mapim', $from, 'flat.v', 'map.v', '--interpolate', 'bicubic', '--extend', 'copy');
        $this->isEvened && $this->even('flat.v', $width, $height);
        $this->vips->do('jpegsave', 'flat.v', $to, '--Q', (string) self::QUALITY, '--strip');
    }

    /** Turns what was laid flat clockwise. */
    public function turn(string $name, Rotation $by): void
    {
        $this->vips->do('rot', $name, "turned-{$name}[Q=".self::QUALITY.',strip]', "d{$by->value}");
        rename($this->vips->path("turned-{$name}"), $this->vips->path($name));
    }

    /** One of the two halves, from the left. */
    public function half(string $from, int $which, string $to): void
    {
        ['width' => $width, 'height' => $height] = $this->vips->head($this->vips->path($from));
        $half = intdiv($width, 2);
        $this->vips->do(
            'extract_area',
            $from,
            "{$to}[Q=".self::QUALITY.',strip]',
            (string) ($which * $half),
            '0',
            (string) $half,
            (string) $height,
        );
    }

    /** Where in the picture each pixel of the sheet comes from: the homography, for all of them. */
    private function map(Quadrilateral $sheet, int $width, int $height): void
    {
        $homography = Homography::between(Quadrilateral::rectangle($width, $height), $sheet);
        $rows = array_map(
            fn (array $row): string => implode(' ', array_map(fn (float $one): string => sprintf('%.15F', $one), $row)),
            array_chunk($homography->matrix, 3),
        );
        file_put_contents($this->vips->path('homography.mat'), "3 3 1 0\n".implode("\n", $rows)."\n");
        $this->vips->do('xyz', 'places.v', (string) $width, (string) $height);
        $this->vips->do('bandjoin_const', 'places.v', 'three.v', '1');
        $this->vips->do('recomb', 'three.v', 'far.v', 'homography.mat');
        $this->vips->do('extract_band', 'far.v', 'xy.v', '0', '--n', '2');
        $this->vips->do('extract_band', 'far.v', 'w.v', '2');
        $this->vips->do('divide', 'xy.v', 'w.v', 'map.v');
    }

    /** Against the light of the paper round each place, so that shadows go and the paper is white. */
    private function even(string $name, int $width, int $height): void
    {
        $this->vips->do('resize', $name, 'tiny.v', (string) (1 / self::LIGHT));
        $round = (string) self::ROUND;
        $this->vips->do('rank', 'tiny.v', 'paper.v', $round, $round, (string) self::DARKER);
        $this->vips->do('gaussblur', 'paper.v', 'soft.v', '1.5');
        $sides = [(string) $width, '--height', (string) $height];
        $this->vips->do('thumbnail', 'soft.v', 'light.v', ...$sides, ...['--size', 'force', '--no-rotate']);
        $this->vips->do('divide', $name, 'light.v', 'share.v');
        $this->vips->do('linear', 'share.v', 'lifted.v', '--', (string) self::LIFTED, (string) self::DOWN);
        $this->vips->do('cast', 'lifted.v', 'flat.v', 'uchar');
    }
}
