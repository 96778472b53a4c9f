<?php

declare(strict_types=1);

namespace Tests\Support;

use OpenSlate\Geometry\Point;
use OpenSlate\Scan\GreyPicture;
use OpenSlate\Scan\Homography;
use OpenSlate\Scan\Quadrilateral;

/**
 * A photo of a printed sheet that lies on something, drawn: with its corners known, whatever the ground, the light, the
 * curl and what else lies there. Invented, all from one number.
 */
final class Scene
{
    public const GROUNDS = ['wood', 'cloth', 'paper', 'dark desk'];

    public readonly Quadrilateral $corners;

    public readonly GreyPicture $picture;

    /** @var array<int, float> */
    private array $grain = [];

    public function __construct(
        int $seed,
        public readonly string $ground,
        int $width = 360,
        int $height = 480,
        bool $isEmpty = false,
    ) {
        mt_srand($seed);
        $free = fn (float $most): float => $most * mt_rand() / mt_getrandmax();
        for ($n = 0; $n < 4096; $n++) {
            $this->grain[] = $free(2.0) - 1.0;
        }
        // A sheet looked at from a little aside, and turned.
        $turn = deg2rad($free(24.0) - 12.0);
        $corners = [];
        foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$x, $y]) {
            $x *= $width * (0.33 + $free(0.06)) * (1 - 0.06 * $y);
            $y *= $height * (0.35 + $free(0.05));
            $corners[] = [
                $width / 2 + $x * cos($turn) - $y * sin($turn),
                $height / 2 + $x * sin($turn) + $y * cos($turn),
            ];
        }
        $this->corners = Quadrilateral::of($corners);
        $onto = Homography::between($this->corners, Quadrilateral::rectangle(210, 297));
        $shadow = [$free($width), $free($height), $free(2 * M_PI)];
        $curl = $seed % 3 === 0 ? 1.4 : 0.0;
        $clutter = $seed % 2 === 0 ? [$free(0.1) * $width, $free(0.2) * $height, 0.16 * $width] : null;
        $light = [0.75 + $free(0.25), $free(0.35) - 0.17, $free(0.35) - 0.17];
        $levels = '';
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $place = $onto->of(new Point($x + 0.5, $y + 0.5));
                $bow = $curl * sin(M_PI * max(0.0, min(1.0, $place->y / 297)));
                $isOn = ! $isEmpty && $place->x > $bow && $place->x < 210 - $bow && $place->y > 0 && $place->y < 297;
                $level = $isOn ? $this->print($place) : $this->below($x, $y);
                if (! $isOn && $clutter !== null && hypot($x - $clutter[0], $y - $clutter[1]) < $clutter[2]) {
                    $level = 235.0; // A cup.
                }
                $shade = $light[0] + $light[1] * ($x / $width - 0.5) + $light[2] * ($y / $height - 0.5);
                // The shadow of who takes the photo, with a soft edge.
                $into = ($x - $shadow[0]) * cos($shadow[2]) + ($y - $shadow[1]) * sin($shadow[2]);
                $shade *= 1 - 0.28 / (1 + exp(-$into / 9));
                $grain = $this->grain[($x * 131 + $y * 977) & 4095];
                $levels .= chr((int) max(0, min(255, $level * $shade + 4 * $grain)));
            }
        }
        $this->picture = new GreyPicture($levels, $width, $height);
    }

    private function print(Point $place): float
    {
        [$x, $y] = [$place->x, $place->y];
        if ($x < 20 || $x > 190 || $y < 22 || $y > 275) {
            return 246.0;
        }
        if ($y > 200) { // A table, with its rules.
            return fmod($y - 200, 15) < 0.8 || fmod($x - 20, 42) < 0.8 ? 60.0 : 246.0;
        }
        $line = fmod($y - 22, 9);
        $isInk = $line < 3.2 && $this->grain[((int) ($x * 1.1) * 7 + (int) ($y / 9) * 59) & 4095] > 0.1;

        return $isInk ? 70.0 : 246.0;
    }

    private function below(int $x, int $y): float
    {
        $grain = $this->grain[($x * 17 + $y * 4051) & 4095];

        return match ($this->ground) {
            'wood' => 128 + 22 * sin($y / 7 + 2 * sin($x / 60)) + 10 * sin($y / 2.3 + $x / 90) + 6 * $grain,
            'cloth' => 96 + 26 * ((($x >> 4) + ($y >> 4)) & 1) + 14 * (($x + $y) & 1) + 8 * $grain,
            // Another sheet, of greyer paper, with print on it.
            'paper' => ($y % 22) < 6 && $this->grain[(intdiv($x, 3) * 31 + intdiv($y, 22)) & 4095] > 0.2 ? 106 : 196,
            default => 42 + 8 * $grain,
        };
    }
}
