<?php

declare(strict_types=1);

namespace App\Documents\Scans;

use App\Documents\Conversion;
use App\Documents\Converted;
use App\Documents\Deadline;
use App\Documents\FileKind;
use App\Documents\FileRefused;
use OpenSlate\Geometry\Point;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Scan\CornerFinder;
use OpenSlate\Scan\GreyPicture;
use OpenSlate\Scan\Quadrilateral;
use OpenSlate\Scan\ScanChoices;
use OpenSlate\Scan\ScanCut;
use OpenSlate\Scan\ScannedPicture;
use OpenSlate\Scan\ScanPaper;
use OpenSlate\Scan\Skew;

/** Makes pages of photos and scans: upright, cut out, flattened, straightened, with the light evened out. */
final class ScanConversion implements Conversion
{
    /** Pixels that are read at all; the check is on the file's head, before anything of it is unpacked. */
    private const MOST_PIXELS = 140_000_000;

    /** The longer side that is worked with, in pixels, and that of what is looked at for corners and skew. */
    private const LONGEST = 4000;

    private const LOOKED_AT = 1000;

    /** Of what is shown of the picture in a browser. */
    private const SHOWN = 1400;

    public function __construct(private Deadline $deadline)
    {
    }

    public function kindOf(string $path, string $head): ?FileKind
    {
        return PictureKind::of($head);
    }

    public function convert(string $path, array $choices, string $folder): Converted
    {
        $choices = ScanChoices::of($choices);
        $vips = new Vips($folder);
        copy($path, $vips->path('sent'));
        // Of what is cut off after its head, only that can be read.
        $sides = @getimagesize($path) ?: [0, 0];
        self::checkSides($sides[0], $sides[1]);
        // Frames of what moves, and pictures beside the one that was taken, are no pages.
        $isOfPages = PictureKind::of((string) file_get_contents($path, length: 64)) === PictureKind::Tiff;
        $count = $isOfPages ? max(1, $vips->head($vips->path('sent'))['n-pages'] ?? 1) : 1;
        $most = (int) config('slate.files.most_pictures');
        if ($count > $most) {
            throw FileRefused::tooManyPages($count, $most);
        }
        $this->deadline->more($count * (float) config('slate.files.seconds_for_each_picture'));
        $pdf = new PicturePages;
        $pictures = $shown = [];
        for ($number = 1; $number <= $count; $number++) {
            $from = $vips->path('sent').($count > 1 ? '[page='.($number - 1).']' : '');
            $shown[] = $vips->path("shown-{$number}.jpg");
            $pictures[] = $this->picture($vips, $from, $number, $choices, $pdf);
        }
        $pdf->Output($vips->path('pages.pdf'), 'F');

        return new Converted($vips->path('pages.pdf'), $pictures, $shown);
    }

    /** @throws FileRefused */
    private static function checkSides(int $width, int $height): void
    {
        if ($width * $height > self::MOST_PIXELS) {
            throw FileRefused::pictureTooLarge($width, $height);
        }
    }

    private function picture(
        Vips $vips,
        string $from,
        int $number,
        ScanChoices $choices,
        PicturePages $pdf,
    ): ScannedPicture {
        $head = $vips->head($from);
        self::checkSides($head['width'] ?? 0, $head['height'] ?? 0);
        $vips->read($from, 'upright.v', self::LONGEST);
        // Without what is see-through, and in the colours of screens.
        if (in_array($vips->head($vips->path('upright.v'))['bands'], [2, 4], true)) {
            $vips->do('flatten', 'upright.v', 'opaque.v', '--background', '255');
            rename($vips->path('opaque.v'), $vips->path('upright.v'));
        }
        $vips->do('colourspace', 'upright.v', 'colour.v', $choices->colour ? 'srgb' : 'b-w');
        ['width' => $width, 'height' => $height] = $vips->head($vips->path('colour.v'));
        $grey = $this->grey($vips, 'colour.v', self::LOOKED_AT);
        $found = CornerFinder::find($grey);
        $found = $found === null ? null : self::shares($found, $grey->width, $grey->height);
        $cut = $choices->cuts[$number] ?? new ScanCut($found);
        $this->page($vips, $cut, $choices, $grey, [$width, $height], $pdf);

        $shown = "shown-{$number}.jpg";
        $vips->fit('colour.v', $shown, self::SHOWN);
        // The sides of the whole picture, as it stands upright.
        $sides = [$head['width'], $head['height']];
        $isTurned = ($sides[0] > $sides[1]) !== ($width > $height);

        return new ScannedPicture(
            (string) hash_file('sha256', $vips->path($shown)),
            $isTurned ? $sides[1] : $sides[0],
            $isTurned ? $sides[0] : $sides[1],
            $found,
            $cut,
        );
    }

    /** @param  array{int, int}  $sides  of the picture, in pixels */
    private function page(
        Vips $vips,
        ScanCut $cut,
        ScanChoices $choices,
        GreyPicture $grey,
        array $sides,
        PicturePages $pdf,
    ): void {
        $corners = $cut->corners === null ? null : self::pixels($cut->corners, ...$sides);
        // A whole picture is set straight by the lines on it; what was cut out is, by its edges.
        $skew = $corners === null ? Skew::of($grey) : 0.0;
        $sheet = $corners ?? self::turned($sides, $skew);
        $flat = new Flattening($vips, $choices->even);
        $flat->of('colour.v', $sheet, 'flat.jpg');
        [$across, $down] = $sheet->sides();
        $turn = (new Upright($vips))->turn('flat.jpg');
        if ($turn !== Rotation::None) {
            $flat->turn('flat.jpg', $turn);
            [$across, $down] = $turn->swapsSides() ? [$down, $across] : [$across, $down];
        }
        [$left, $right] = $cut->isSpread ? [$across / 2, $across / 2] : [$across, 0.0];
        foreach (array_filter([$left, $right]) as $index => $part) {
            $name = 'flat.jpg';
            if ($cut->isSpread) {
                $name = "half-{$index}.jpg";
                $flat->half('flat.jpg', $index, $name);
            }
            $paper = $choices->paper ?? ScanPaper::guessed($part, $down);
            $pdf->add($vips->path($name), $paper->size($part, $down));
        }
    }

    private function grey(Vips $vips, string $from, int $longest): GreyPicture
    {
        $vips->fit($from, 'small.v', $longest);
        $vips->do('colourspace', 'small.v', 'grey.v', 'b-w');
        $vips->do('rawsave', 'grey.v', 'grey.raw');
        ['width' => $width, 'height' => $height] = $vips->head($vips->path('grey.v'));

        return new GreyPicture((string) file_get_contents($vips->path('grey.raw')), $width, $height);
    }

    private static function shares(Quadrilateral $corners, int $width, int $height): Quadrilateral
    {
        return Quadrilateral::of(array_map(
            fn (Point $corner): array => [$corner->x / $width, $corner->y / $height],
            $corners->corners(),
        ));
    }

    private static function pixels(Quadrilateral $shares, int $width, int $height): Quadrilateral
    {
        return Quadrilateral::of(array_map(
            fn (Point $corner): array => [$corner->x * $width, $corner->y * $height],
            $shares->corners(),
        ));
    }

    /**
     * The whole picture, turned about its middle by so many degrees.
     *
     * @param  array{int, int}  $sides
     */
    private static function turned(array $sides, float $degrees): Quadrilateral
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        [$x, $y] = [$sides[0] / 2, $sides[1] / 2];

        return Quadrilateral::of(array_map(fn (array $corner): array => [
            $x + $corner[0] * $x * $cos - $corner[1] * $y * $sin,
            $y + $corner[0] * $x * $sin + $corner[1] * $y * $cos,
        ], [[-1.0, -1.0], [1.0, -1.0], [1.0, 1.0], [-1.0, 1.0]]));
    }
}
