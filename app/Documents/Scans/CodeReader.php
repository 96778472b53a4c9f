<?php

declare(strict_types=1);

namespace App\Documents\Scans;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use OpenSlate\Geometry\Point;
use OpenSlate\Scan\Quadrilateral;
use OpenSlate\Scan\Similarity;
use Symfony\Component\Process\ExecutableFinder;

/**
 * Reads QR codes (ISO/IEC 18004) in pictures, with zxing-cpp, which says where they lie. What it cannot read as it is
 * is tried without its noise, and turned: a code that stands on a corner of its squares is read more easily.
 */
final class CodeReader
{
    private const PROGRAM = 'ZXingReader';

    private const MOST_SAID = 1024 * 1024;

    /** Degrees; a sheet that was fed askew lies straight after one of them, nearly. */
    private const TURNS = [0.0, 2.5, -2.5];

    public static function isThere(): bool
    {
        return (new ExecutableFinder)->find(self::PROGRAM) !== null;
    }

    /**
     * @param  string  $path  of a picture that was made here
     * @param  int  $wanted  how many codes there should be; as soon as they are read, no more is tried
     * @param  string  $folder  to work in
     * @return list<ReadCode>
     *
     * @throws FileRefused when a limit is reached
     */
    public function read(string $path, int $wanted, string $folder): array
    {
        $codes = $this->readIn($path);
        if (count($codes) >= $wanted) {
            return array_values($codes);
        }
        $vips = new Vips($folder);
        $vips->do('rank', $path, 'smooth.v', '3', '3', '4');
        ['width' => $width, 'height' => $height] = $vips->head($vips->path('smooth.v'));
        foreach (self::TURNS as $turn) {
            $map = Similarity::turning($turn, new Point($width / 2, $height / 2));
            $vips->lay('smooth.v', 'tried.ppm', $map, $width, $height);
            foreach ($this->readIn($vips->path('tried.ppm')) as $code) {
                $codes[$code->text] ??= new ReadCode($code->text, self::back($code->corners, $map->inverse()));
            }
            if (count($codes) >= $wanted) {
                break;
            }
        }

        return array_values($codes);
    }

    /** @return array<string, ReadCode> by what they say */
    private function readIn(string $path): array
    {
        $said = LimitedProcess::run([self::PROGRAM, '-format', 'QRCode', $path], mostSaid: self::MOST_SAID);
        preg_match_all(
            '/^Text: +"([^"\n]*)"\n(?:(?!Text:).*\n)*?Position: +(\d+)x(\d+) (\d+)x(\d+) (\d+)x(\d+) (\d+)x(\d+)/m',
            $said->getOutput(),
            $found,
            PREG_SET_ORDER,
        );
        $codes = [];
        foreach ($found as [, $text, $ax, $ay, $bx, $by, $cx, $cy, $dx, $dy]) {
            $corners = [[$ax, $ay], [$bx, $by], [$cx, $cy], [$dx, $dy]];
            $codes[$text] = new ReadCode(
                $text,
                Quadrilateral::of(array_map(fn (array $at): array => [(float) $at[0], (float) $at[1]], $corners)),
            );
        }

        return $codes;
    }

    private static function back(Quadrilateral $corners, Similarity $map): Quadrilateral
    {
        return new Quadrilateral(...array_map($map->of(...), $corners->corners()));
    }
}
