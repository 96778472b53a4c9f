<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\Deadline;
use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use OpenSlate\Blanks\Bitmap;
use OpenSlate\Blanks\BitmapMarks;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Shade;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Text\PageText;
use XMLReader;

/**
 * Reads what is drawn on the pages of a PDF: rules, filled areas, rings and drawings, from the SVG that cairo makes of
 * it.
 */
final class PageMarks
{
    /** A page with more than this is a picture drawn in strokes; nothing is looked for on it. */
    private const MOST_BYTES = 12_000_000;

    /** Thicker than this is an area and not a line, in points. */
    private const THICKEST = 3.2;

    private const LEVEL = 0.4;

    /** Fine enough for a hairline, coarse enough to be quick. */
    private const SEEN_DPI = 110.0;

    private const MOST_PIXELS = 2400;

    private const PIXELS_AT_ONCE = 16;

    private const MOST_OF_A_PAGE = 0.5;

    /** What is defined to be drawn elsewhere, or only cuts other things off. */
    private const NOT_DRAWN = ['symbol', 'clipPath', 'mask', 'pattern', 'linearGradient', 'radialGradient'];

    private const IDENTITY = [1.0, 0.0, 0.0, 1.0, 0.0, 0.0];

    /** @var array<string, array<int, list<Blank>>> form fields of the file that was read last, by its path */
    private array $known = [];

    public function __construct(private FormFields $fields)
    {
    }

    /**
     * @param  list<SourcePage>  $pages
     * @param  list<PageText>  $texts  of the same pages, with their words
     * @param  list<int>  $numbers  of the pages that are wanted
     * @return array<int, Marks> by number
     *
     * @throws FileRefused
     */
    public function read(string $path, array $pages, array $texts, array $numbers): array
    {
        // A file is looked through some pages at a time: what it says once is read once.
        $fields = $this->known[$path] ?? $this->fields->read($path);
        $this->known = [$path => $fields];
        $deadline = app(Deadline::class);
        $marks = [];
        foreach ($numbers as $number) {
            $deadline->check();
            if ($this->isPicture($path, $pages[$number - 1], $texts[$number - 1])) {
                $marks[$number] = $this->seen(
                    $path,
                    $pages[$number - 1],
                    $texts[$number - 1],
                    $fields[$number] ?? [],
                );

                continue;
            }
            $svg = LimitedProcess::run([
                'pdftocairo',
                '-svg',
                '-f',
                (string) $number,
                '-l',
                (string) $number,
                $path,
                '-',
            ])->getOutput();
            $marks[$number] = $this->marks(
                strlen($svg) > self::MOST_BYTES ? '' : $svg,
                $pages[$number - 1]->userUnit,
                $texts[$number - 1],
                $fields[$number] ?? [],
            );
        }

        return $marks;
    }

    /** Whether a page has no words, and a picture over most of it. */
    public function isPicture(string $path, SourcePage $page, PageText $text): bool
    {
        if ($text->wordCount() > 0 || ($text->ink ?? 0.0) === 0.0) {
            return false;
        }
        $list = LimitedProcess::run([
            'pdfimages',
            '-list',
            '-f',
            (string) $page->number,
            '-l',
            (string) $page->number,
            $path,
        ])->getOutput();
        // page num type width height color comp bpc enc interp object-ID gen x-ppi y-ppi …
        preg_match_all(
            '/^\s*\d+\s+\d+\s+image\s+(\d+)\s+(\d+)(?:\s+\S+){7}\s+(\d+)\s+(\d+)\s/m',
            $list,
            $images,
            PREG_SET_ORDER,
        );
        foreach ($images as [, $width, $height, $across, $down]) {
            $area =
                ((int) $width / max(1, (int) $across)) *
                ((int) $height / max(1, (int) $down)) *
                72 *
                72 *
                $page->userUnit ** 2;
            if ($area >= self::MOST_OF_A_PAGE * $page->size->width * $page->size->height) {
                return true;
            }
        }

        return false;
    }

    /**
     * What can be seen on a page that is nothing but a picture.
     *
     * @param  list<Blank>  $fields
     */
    private function seen(string $path, SourcePage $page, PageText $text, array $fields): Marks
    {
        $dots = min(self::SEEN_DPI, (72 * self::MOST_PIXELS) / max($page->size->width, $page->size->height));
        [$width, $height, $levels] = $this->grey($path, $page, $dots);

        return $width === 0
            ? new Marks($text->size, fields: $fields)
            : BitmapMarks::of(
                Bitmap::of($levels, $width, $height, $page->size->width / $width),
                $text->size,
                $fields,
            );
    }

    /**
     * The page in grey: its green, by which light is mostly measured. Drawn in colour, since poppler takes twice as
     * long to turn a picture grey by its colour profile.
     *
     * @return array{int, int, string} width, height, and a byte for each pixel
     */
    private function grey(string $path, SourcePage $page, float $dpi): array
    {
        $picture = LimitedProcess::run([
            'pdftoppm',
            '-cropbox',
            '-r',
            sprintf('%.4F', $dpi * $page->userUnit),
            '-f',
            (string) $page->number,
            '-l',
            (string) $page->number,
            $path,
        ])->getOutput();
        if (preg_match('/^P6\s+(\d+)\s+(\d+)\s+\d+\s/', $picture, $head) !== 1) {
            return [0, 0, ''];
        }
        [$width, $height] = [(int) $head[1], (int) $head[2]];
        $pixels = substr($picture, strlen($head[0]), 3 * $width * $height);
        // Some pixels at a time, which is many times as quick as one by one.
        $most = 3 * self::PIXELS_AT_ONCE;
        $pattern = '/'.str_repeat('.(.).', self::PIXELS_AT_ONCE).'/s';
        $green = implode('', array_map(fn (int $n): string => '${'.$n.'}', range(1, self::PIXELS_AT_ONCE)));
        $padded = $pixels.str_repeat("\0", ($most - (strlen($pixels) % $most)) % $most);

        return [$width, $height, substr((string) preg_replace($pattern, $green, $padded), 0, $width * $height)];
    }

    /**
     * @param  float  $unit  points for each unit of the drawing, which is the page as displayed
     * @param  list<Blank>  $fields
     */
    private function marks(string $svg, float $unit, PageText $text, array $fields): Marks
    {
        $rules = $shades = $rings = $drawings = [];
        foreach ($this->drawn($svg) as $drawn) {
            ['name' => $name, 'style' => $style, 'd' => $d, 'transform' => $transform, 'size' => $size] = $drawn;
            $matrix = $this->matrix($transform, $unit);
            if ($name === 'image') {
                $drawings[] = $this->image($size, $matrix);

                continue;
            }
            $path = SvgPath::parse($d, $matrix);
            preg_match('~(?<!-)\bfill:rgb\(([\d.]+)%,([\d.]+)%,([\d.]+)%\)~', $style, $fill);
            preg_match('~\bstroke:rgb\(([\d.]+)%,([\d.]+)%,([\d.]+)%\)~', $style, $stroke);
            $opaque = preg_match('~(fill|stroke)-opacity:0(\.0+)?;~', $style) !== 1;
            if (count($fill) === 4 && $opaque) {
                $this->filled($path, $this->lightness($fill), $rules, $shades, $drawings);
            }
            if (count($stroke) === 4 && $opaque && $this->lightness($stroke) < 0.97) {
                preg_match('~stroke-width:([\d.]+)~', $style, $width);
                $weight =
                    (float) ($width[1] ?? 1) * sqrt(abs($matrix[0] * $matrix[3] - $matrix[1] * $matrix[2]));
                $this->stroked(
                    $path,
                    $weight,
                    str_contains($style, 'stroke-dasharray:') && ! str_contains($style, 'stroke-dasharray:none'),
                    $rules,
                    $rings,
                    $drawings,
                );
            }
        }

        return new Marks($text->size, $rules, $shades, $rings, $drawings, $text->lines, $fields);
    }

    /**
     * The paths and pictures of a drawing, one after the other; a picture that is defined once where it is used.
     *
     * @return iterable<array{name: string, style: string, d: string, transform: string, size: array{float, float}}>
     */
    private function drawn(string $svg): iterable
    {
        $reader = new XMLReader();
        if (
            $svg === '' ||
            $reader->XML(
                $svg,
                null,
                LIBXML_NONET | LIBXML_PARSEHUGE | LIBXML_COMPACT | LIBXML_NOERROR | LIBXML_NOWARNING,
            ) !== true
        ) {
            return;
        }
        $pictures = [];
        for ($more = @$reader->read(); $more;) {
            if ($reader->nodeType !== XMLReader::ELEMENT) {
                $more = @$reader->read();

                continue;
            }
            $name = $reader->localName;
            if (in_array($name, self::NOT_DRAWN, true)) {
                $more = @$reader->next(); // With all that is in it.

                continue;
            }
            $of = fn (string $attribute): string => (string) $reader->getAttribute($attribute);
            $one = [
                'name' => $name,
                'style' => $of('style'),
                'd' => $of('d'),
                'transform' => $of('transform'),
                'size' => [(float) $of('width'), (float) $of('height')],
            ];
            if ($name === 'image' && $of('id') !== '') {
                $pictures['#'.$of('id')] = $one;
            } elseif ($name === 'use' && isset($pictures[$of('xlink:href')])) {
                yield ['transform' => $one['transform']] + $pictures[$of('xlink:href')];
            } elseif ($name === 'path' || $name === 'image') {
                yield $one;
            }
            $more = @$reader->read();
        }
    }

    /**
     * @param  list<Rule>  $rules
     * @param  list<Shade>  $shades
     * @param  list<Frame>  $drawings
     */
    private function filled(
        SvgPath $path,
        float $lightness,
        array &$rules,
        array &$shades,
        array &$drawings,
    ): void {
        $frames = array_map(fn (array $part): Frame => $this->around($part['points']), $path->parts);
        // A frame is drawn as one rectangle within another, the inner one left out.
        if (
            count($frames) === 2 &&
            $frames[0]->contains($frames[1]) &&
            ! $path->parts[0]['curved'] &&
            $frames[1]->x - $frames[0]->x <= self::THICKEST &&
            $frames[0]->right() - $frames[1]->right() <= self::THICKEST &&
            $lightness < 0.97
        ) {
            array_push($rules, ...$this->sides(Frame::around($frames), max(0.5, $frames[1]->x - $frames[0]->x)));

            return;
        }
        foreach ($path->parts as $index => $part) {
            $frame = $frames[$index];
            $thin = min($frame->width, $frame->height);
            if ($lightness >= 0.97) {
                continue;
            }
            if (
                $thin <= self::THICKEST &&
                (! $part['curved'] || max($frame->width, $frame->height) <= self::THICKEST)
            ) {
                $level = $frame->width >= $frame->height;
                $rules[] = $level
                    ? new Rule(true, $frame->middle(), $frame->x, $frame->right(), $frame->height)
                    : new Rule(false, $frame->x + $frame->width / 2, $frame->y, $frame->bottom(), $frame->width);
            } elseif (! $part['curved'] && $this->isUpright($part['points'])) {
                $shades[] = new Shade($frame, $lightness);
            } elseif (max($frame->width, $frame->height) > 5) {
                $drawings[] = $frame;
            }
        }
    }

    /**
     * @param  list<Rule>  $rules
     * @param  list<Frame>  $rings
     * @param  list<Frame>  $drawings
     */
    private function stroked(
        SvgPath $path,
        float $weight,
        bool $dashed,
        array &$rules,
        array &$rings,
        array &$drawings,
    ): void {
        foreach ($path->parts as ['points' => $points, 'curved' => $curved, 'closed' => $closed]) {
            $frame = $this->around($points);
            $end = $points[count($points) - 1];
            // Some draw back to where they began without saying that the path is closed.
            $closed = $closed || hypot($end[0] - $points[0][0], $end[1] - $points[0][1]) < 0.6;
            $all = $closed ? [...$points, $points[0]] : $points;
            $straight = [];
            $askew = 0;
            foreach (array_keys(array_slice($all, 1)) as $index) {
                $rule = $this->segment($all[$index], $all[$index + 1], $weight, $dashed);
                if ($rule !== null) {
                    $straight[] = $rule;
                } elseif (
                    hypot($all[$index + 1][0] - $all[$index][0], $all[$index + 1][1] - $all[$index][1]) > 0.5
                ) {
                    $askew++;
                }
            }
            if ($curved && $closed) {
                $level = array_sum(
                    array_map(fn (Rule $rule): float => $rule->level ? $rule->length() : 0.0, $straight),
                );
                // Round corners do not make a frame anything else.
                if ($level > 0.9 * $frame->width && count($straight) >= 4) {
                    array_push($rules, ...$this->sides($frame, $weight, $dashed));
                } elseif (abs($frame->width - $frame->height) < 0.2 * max($frame->width, $frame->height)) {
                    $rings[] = $frame;
                    max($frame->width, $frame->height) > 26 && ($drawings[] = $frame);
                } else {
                    $drawings[] = $frame;
                }
            } elseif ($askew > 0) {
                $drawings[] = $frame;
            } else {
                array_push($rules, ...$straight);
            }
        }
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private function segment(array $a, array $b, float $weight, bool $dashed): ?Rule
    {
        if (abs($a[1] - $b[1]) <= self::LEVEL && abs($a[0] - $b[0]) > self::LEVEL) {
            return new Rule(true, ($a[1] + $b[1]) / 2, min($a[0], $b[0]), max($a[0], $b[0]), $weight, $dashed);
        }

        return abs($a[0] - $b[0]) <= self::LEVEL && abs($a[1] - $b[1]) > self::LEVEL
            ? new Rule(false, ($a[0] + $b[0]) / 2, min($a[1], $b[1]), max($a[1], $b[1]), $weight, $dashed)
            : null;
    }

    /** @return list<Rule> */
    private function sides(Frame $frame, float $weight, bool $dashed = false): array
    {
        return [
            new Rule(true, $frame->y, $frame->x, $frame->right(), $weight, $dashed),
            new Rule(true, $frame->bottom(), $frame->x, $frame->right(), $weight, $dashed),
            new Rule(false, $frame->x, $frame->y, $frame->bottom(), $weight, $dashed),
            new Rule(false, $frame->right(), $frame->y, $frame->bottom(), $weight, $dashed),
        ];
    }

    /** @param  list<array{float, float}>  $points */
    private function isUpright(array $points): bool
    {
        foreach ($points as $index => $point) {
            $next = $points[($index + 1) % count($points)];
            if (abs($point[0] - $next[0]) > self::LEVEL && abs($point[1] - $next[1]) > self::LEVEL) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<array{float, float}>  $points */
    private function around(array $points): Frame
    {
        $xs = array_column($points, 0);
        $ys = array_column($points, 1);
        if ($xs === [] || $ys === []) {
            return Frame::of(0, 0, 0, 0);
        }

        return Frame::of(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
    }

    /** @return array{float, float, float, float, float, float} */
    private function matrix(string $transform, float $unit): array
    {
        $own = self::IDENTITY;
        if (preg_match('~^matrix\(([^)]*)\)$~', trim($transform), $match) === 1) {
            $numbers = array_map(floatval(...), explode(',', $match[1]));
            $own =
                count($numbers) === 6
                    ? [$numbers[0], $numbers[1], $numbers[2], $numbers[3], $numbers[4], $numbers[5]]
                    : $own;
        }

        return [
            $own[0] * $unit,
            $own[1] * $unit,
            $own[2] * $unit,
            $own[3] * $unit,
            $own[4] * $unit,
            $own[5] * $unit,
        ];
    }

    /**
     * @param  array{float, float}  $size  in the picture's own dots
     * @param  array{float, float, float, float, float, float}  $matrix
     */
    private function image(array $size, array $matrix): Frame
    {
        [$a, $b, $c, $d, $e, $f] = $matrix;
        [$w, $h] = $size;

        return $this->around([
            [$e, $f],
            [$a * $w + $e, $b * $w + $f],
            [$c * $h + $e, $d * $h + $f],
            [$a * $w + $c * $h + $e, $b * $w + $d * $h + $f],
        ]);
    }

    /** @param  array<int, string>  $rgb  in percent, from 1; relative luminance without gamma is near enough */
    private function lightness(array $rgb): float
    {
        return (0.2126 * (float) $rgb[1] + 0.7152 * (float) $rgb[2] + 0.0722 * (float) $rgb[3]) / 100;
    }
}
