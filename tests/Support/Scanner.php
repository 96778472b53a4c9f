<?php

declare(strict_types=1);

namespace Tests\Support;

use GdImage;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Makes of a page what a school's scanner would: a picture, a little askew, with dust on it, and darker at one side.
 */
final class Scanner
{
    private const DPI = 200;

    private const SPECKS = 6000;

    /**
     * @param  int  $steps  how far it lies askew, see degrees
     * @return string the path of a PDF with one page that is nothing but a picture
     */
    public static function scan(string $path, int $page, int $steps, int $seed): string
    {
        $picture = (new Process([
            'pdftoppm',
            '-r',
            (string) self::DPI,
            '-f',
            (string) $page,
            '-l',
            (string) $page,
            '-png',
            '-singlefile',
            $path,
        ]))
            ->mustRun()
            ->getOutput();
        $image = imagecreatefromstring($picture);
        if ($image === false) {
            throw new RuntimeException("Page {$page} of {$path} could not be drawn.");
        }
        [$width, $height] = [imagesx($image), imagesy($image)];
        $image = self::scanned($image, $steps, $seed);
        ob_start();
        imagejpeg($image, null, 70);
        $jpeg = (string) ob_get_clean();

        return PdfMaker::file(
            PdfMaker::picture($jpeg, $width, $height, ($width * 72) / self::DPI, ($height * 72) / self::DPI),
        );
    }

    /** The same of a page that is drawn already. */
    public static function scanned(GdImage $image, int $steps, int $seed): GdImage
    {
        $image = self::turned($image, self::degrees($steps), imagesx($image), imagesy($image));
        self::soil($image, $seed);

        return $image;
    }

    /** GD reckons sines in steps of a 256th: only by such an angle is a picture turned exactly. Clockwise. */
    public static function degrees(int $steps): float
    {
        return rad2deg(asin($steps / 256));
    }

    private static function turned(GdImage $image, float $degrees, int $width, int $height): GdImage
    {
        // A little more, so that rounding does not take a step away.
        $turned = imagerotate(
            $image,
            -$degrees - 0.005 * ($degrees <=> 0.0),
            (int) imagecolorallocate($image, 255, 255, 255),
        );
        $cut =
            $turned === false
                ? false
                : imagecrop($turned, [
                    'x' => intdiv(imagesx($turned) - $width, 2),
                    'y' => intdiv(imagesy($turned) - $height, 2),
                    'width' => $width,
                    'height' => $height,
                ]);

        return $cut === false ? throw new RuntimeException('The page could not be turned.') : $cut;
    }

    private static function soil(GdImage $image, int $seed): void
    {
        mt_srand($seed);
        [$width, $height] = [imagesx($image), imagesy($image)];
        imagealphablending($image, true);
        for ($x = 0; $x < $width; $x += 8) {
            imagefilledrectangle(
                $image,
                $x,
                0,
                $x + 7,
                $height,
                (int) imagecolorallocatealpha($image, 40, 36, 30, 127 - (int) ((45 * $x) / $width)),
            );
        }
        for ($n = 0; $n < self::SPECKS; $n++) {
            $grey = mt_rand(60, 240);
            imagesetpixel(
                $image,
                mt_rand(0, $width - 1),
                mt_rand(0, $height - 1),
                (int) imagecolorallocate($image, $grey, $grey, $grey),
            );
        }
        imagefilter($image, IMG_FILTER_GAUSSIAN_BLUR);
    }
}
