<?php

declare(strict_types=1);

namespace App\Documents\Scans;

use App\Documents\LimitedProcess;
use OpenSlate\Geometry\Rotation;

/**
 * Which way up the words of a page are, by a reader of print (tesseract). Where it is missing, or not sure, the page
 * stays as it lies.
 */
final readonly class Upright
{
    /** The longer side of what is looked at, in pixels: letters of ten points are then about twenty high. */
    private const LOOKED_AT = 1600;

    /** How sure it must be that the page stands right once it is turned; of all it has seen upright it is surer. */
    private const SURE = 1.5;

    public function __construct(private Vips $vips)
    {
    }

    /** @return Rotation by which a picture is to be turned to stand upright */
    public function turn(string $name): Rotation
    {
        $this->vips->fit($name, 'words.v', self::LOOKED_AT);
        $this->vips->do('colourspace', 'words.v', 'words-grey.v', 'b-w');
        $this->vips->do('pngsave', 'words-grey.v', 'words.png');
        [$turn] = $this->said('words.png');
        if ($turn === Rotation::None) {
            return $turn;
        }
        // Pictures and tables are taken for words that lie; words that stand are known as such.
        $this->vips->do('rot', 'words-grey.v', 'turned.png', "d{$turn->value}");
        [$again, $sure] = $this->said('turned.png');

        return $again === Rotation::None && $sure >= self::SURE ? $turn : Rotation::None;
    }

    /** @return array{Rotation, float} how it is to be turned, and how sure that is */
    private function said(string $name): array
    {
        $process = LimitedProcess::run(
            ['tesseract', $name, '-', '--psm', '0'],
            $this->vips->path(''),
            environment: ['OMP_THREAD_LIMIT' => '1'],
        );
        $found =
            $process->isSuccessful() &&
            preg_match(
                '/^Rotate: (\d+)\nOrientation confidence: ([\d.]+)/m',
                $process->getOutput(),
                $said,
            ) === 1;

        return $found ? [Rotation::tryFrom((int) $said[1]) ?? Rotation::None, (float) $said[2]] : [Rotation::None, 0.0];
    }
}
