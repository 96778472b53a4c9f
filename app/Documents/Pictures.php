<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\StoredFile;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Geometry\Factories\RectangleFactory;
use Intervention\Image\ImageManager;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Showing;
use OpenSlate\Paper\Colour;
use OpenSlate\Weight\Lightening;

/**
 * Takes pictures in: read, turned upright, made as small as a page needs, and written anew. What else the file had in
 * it (where it was taken, with what, and anything that is no picture) is gone.
 */
final class Pictures
{
    /** The longest side that is kept, in pixels: a Letter page at 144 dpi has 1584. */
    private const LONGEST_SIDE = 1600;

    /** What is read at all. The check is on the file's head, before anything of it is unpacked. */
    private const MOST_PIXELS = 40_000_000;

    private const LONGEST_SIDE_READ = 20_000;

    private const QUALITY = 82;

    /** Of what was a JPEG before and must not lose by it. */
    private const FINE = 92;

    /** Pixels to a side of what is looked at to see whether a picture is clear somewhere. */
    private const LOOKED_AT = 64;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_GIF, IMAGETYPE_WEBP];

    public function __construct(private FileStore $files)
    {
    }

    /**
     * A region of a picture that is kept, as a picture of its own.
     *
     * @param  array{float, float, float, float}  $region  left, top, width and height as shares of the picture's
     * @param  int  $turn  of the region once it is cut out, in degrees clockwise
     */
    public function cut(StoredFile $file, array $region, int $turn): StoredFile
    {
        return $this->files->inWorkFolder(function (string $folder) use ($file, $region, $turn): StoredFile {
            $picture = (new ImageManager(new Driver))->read($this->files->path($file->sha256));
            [$width, $height] = [$picture->width(), $picture->height()];
            $picture->crop(
                max(1, (int) round($region[2] * $width)),
                max(1, (int) round($region[3] * $height)),
                (int) round($region[0] * $width),
                (int) round($region[1] * $height),
            );
            // The library turns the other way round.
            $picture
                ->rotate(-$turn)
                ->toPng()
                ->save("{$folder}/picture");

            return $this->files->take("{$folder}/picture", 'image/png');
        });
    }

    /**
     * A picture as it shows on a page: cut to its region, turned, and with what covers it painted over in the paper's
     * colour, so that it holds nothing else.
     *
     * @param  int|null  $width  pixels that it is wide at most; null is as fine as it is
     * @param  bool  $light  whether it was made lighter, and is not to be made heavier again
     */
    public function shown(
        StoredFile $file,
        Showing $showing,
        Colour $paper,
        ?int $width = null,
        bool $light = false,
    ): StoredFile {
        $quality = $light ? Lightening::PRINT_QUALITY : self::FINE;

        return $this->files->inWorkFolder(function (string $folder) use (
            $file,
            $showing,
            $paper,
            $width,
            $quality,
        ): StoredFile {
            $picture = (new ImageManager(new Driver))->read($this->files->path($file->sha256));
            [$left, $top, $across, $down] = $showing->region;
            $sides = [$picture->width(), $picture->height()];
            // Whole pixels, none of them beyond what shows.
            [$x, $y] = [(int) round($left * $sides[0]), (int) round($top * $sides[1])];
            $picture->crop(
                max(1, (int) round(($left + $across) * $sides[0]) - $x),
                max(1, (int) round(($top + $down) * $sides[1]) - $y),
                $x,
                $y,
            );
            $picture->rotate(-$showing->turn->value);
            foreach ($this->covered($showing, $picture->width(), $picture->height()) as [$fromX, $fromY, $toX, $toY]) {
                $picture->drawRectangle(
                    $fromX,
                    $fromY,
                    fn (RectangleFactory $cover) => $cover->size($toX - $fromX, $toY - $fromY)->background($paper->hex),
                );
            }
            $width === null || $picture->scaleDown($width);
            [$kind, $encoded] =
                $file->media_type === 'image/jpeg'
                    ? ['image/jpeg', $picture->toJpeg($quality)]
                    : ['image/png', $picture->toPng()];
            $encoded->save("{$folder}/picture");

            return $this->files->take("{$folder}/picture", $kind);
        });
    }

    /** Whether a picture has somewhere what lies behind it shows through. */
    public function isSeenThrough(string $path): bool
    {
        $head = @getimagesize($path);
        if ($head === false || $head[2] !== IMAGETYPE_PNG) {
            return false;
        }
        $picture = imagecreatefrompng($path);
        if ($picture === false) {
            return true;
        }
        // Made small, each pixel is as clear as those that it stands for.
        $small = imagecreatetruecolor(self::LOOKED_AT, self::LOOKED_AT);
        imagealphablending($small, false);
        imagecopyresampled(
            ...[$small, $picture, 0, 0, 0, 0, self::LOOKED_AT, self::LOOKED_AT, imagesx($picture), imagesy($picture)],
        );
        for ($at = 0; $at < self::LOOKED_AT ** 2; $at++) {
            if (imagecolorat($small, $at % self::LOOKED_AT, intdiv($at, self::LOOKED_AT)) >> 24 > 0) {
                return true;
            }
        }

        return false;
    }

    /** The same picture, with fewer pixels and written more plainly. */
    public function lightened(StoredFile $file, Lightening $how): StoredFile
    {
        return $this->files->inWorkFolder(function (string $folder) use ($file, $how): StoredFile {
            [$kind, $name] = $how->isPhoto
                ? ['image/jpeg', "lighter.jpg[Q={$how->quality},strip,optimize_coding]"]
                : ['image/png', 'lighter.png[strip,compression=9]'];
            LimitedProcess::run(
                [
                    ...['vipsthumbnail', $this->files->path($file->sha256), '--size', "{$how->width}x>"],
                    ...['--output', "{$folder}/{$name}"],
                ],
                $folder,
                environment: ['VIPS_BLOCK_UNTRUSTED' => '1', 'VIPS_CONCURRENCY' => '1'],
            );

            return $this->files->take($folder.'/'.strtok($name, '['), $kind);
        });
    }

    /**
     * @return list<array{int, int, int, int}>  the covered pixels: left, top, right and bottom of each, outward to
     *                                          whole ones
     */
    private function covered(Showing $showing, int $width, int $height): array
    {
        $frame = $showing->frame;
        $scale = [$width / $frame->width, $height / $frame->height];
        $scale = $showing->stretched ? $scale : array_fill(0, 2, max($scale));
        [$offX, $offY] = [($frame->width * $scale[0] - $width) / 2, ($frame->height * $scale[1] - $height) / 2];

        return array_map(
            fn (Frame $over): array => [
                max(0, (int) floor(($over->x - $frame->x) * $scale[0] - $offX)),
                max(0, (int) floor(($over->y - $frame->y) * $scale[1] - $offY)),
                min($width, (int) ceil(($over->right() - $frame->x) * $scale[0] - $offX)),
                min($height, (int) ceil(($over->bottom() - $frame->y) * $scale[1] - $offY)),
            ],
            $showing->covered,
        );
    }

    /**
     * What a picture is that left from here, and so is as this keeps them.
     *
     * @throws FileRefused where it is no picture, or not as those are
     */
    public function typeOf(string $path): string
    {
        $head = @getimagesize($path);
        if (
            $head === false ||
            ! in_array($head[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG], true) ||
            max($head[0], $head[1]) > self::LONGEST_SIDE ||
            @imagecreatefromstring((string) file_get_contents($path)) === false
        ) {
            throw FileRefused::noPicture();
        }

        return $head['mime'];
    }

    /**
     * @return array{StoredFile, int, int} the picture as it is kept, its width and its height in pixels
     *
     * @throws FileRefused
     */
    public function take(string $path): array
    {
        $mostBytes = (int) config('slate.pictures.most_bytes');
        $bytes = (int) filesize($path);
        if ($bytes === 0) {
            throw FileRefused::empty();
        }
        if ($bytes > $mostBytes) {
            throw FileRefused::pictureTooHeavy($bytes, $mostBytes);
        }
        $head = @getimagesize($path);
        if ($head === false || ! in_array($head[2], self::KINDS, true)) {
            throw FileRefused::noPicture();
        }
        [$width, $height] = $head;
        if (
            $width < 1 ||
            $height < 1 ||
            max($width, $height) > self::LONGEST_SIDE_READ ||
            $width * $height > self::MOST_PIXELS
        ) {
            throw FileRefused::pictureTooLarge($width, $height);
        }

        // Photos as JPEG; what may be see-through or drawn as PNG.
        [$kind, $name] =
            $head[2] === IMAGETYPE_JPEG
                ? ['image/jpeg', 'picture.jpg[Q='.self::QUALITY.',strip]']
                : ['image/png', 'picture.png[strip]'];

        $isOfItsOwn =
            ($head['channels'] ?? 3) === 4 ||
            preg_match('/ICC_PROFILE|iCCP|ICCP/', (string) file_get_contents($path, length: 65536)) === 1;
        $colours = $isOfItsOwn ? ['--export-profile', 'srgb'] : [];

        // One at a time: however many are sent at once, the machine has room for one of the largest.
        return $this->files->alone(
            'pictures',
            fn (): array => $this->files->inWorkFolder(function (string $folder) use (
                $path,
                $kind,
                $name,
                $colours,
            ): array {
                copy($path, "{$folder}/sent");
                // Read at reduced size, and turned upright. Colours that are not those of screens are made so.
                try {
                    $said = LimitedProcess::run(
                        [
                            'vipsthumbnail',
                            "{$folder}/sent",
                            '--size',
                            self::LONGEST_SIDE.'x'.self::LONGEST_SIDE.'>',
                            ...$colours,
                            '--output',
                            "{$folder}/{$name}",
                        ],
                        $folder,
                        environment: ['VIPS_BLOCK_UNTRUSTED' => '1', 'VIPS_CONCURRENCY' => '1'],
                    )->getErrorOutput();
                } catch (FileRefused $limit) {
                    // It speaks of a picture, where the limit speaks of a PDF.
                    throw FileRefused::pictureTakesTooLong($limit);
                }
                $made = $folder.'/'.strtok($name, '[');
                $size = is_file($made) ? getimagesize($made) : false;
                if ($size === false || preg_match('/Premature end|not enough data/i', $said) === 1) {
                    throw FileRefused::noPicture();
                }

                return [$this->files->take($made, $kind), $size[0], $size[1]];
            }),
        );
    }
}
