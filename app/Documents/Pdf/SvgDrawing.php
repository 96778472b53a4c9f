<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use DOMElement;
use XMLReader;

/**
 * Reads the paths and pictures of a page from the SVG that cairo makes of it, in the order in which they are painted,
 * each as far as it is seen.
 *
 * @phpstan-type Drawn array{
 *     path: SvgPath, isPicture: bool, fill: float|null, hollow: bool, stroke: float|null, weight: float, dashed: bool
 * }
 */
final class SvgDrawing
{
    /** What is defined to be drawn elsewhere, or only cuts other things off. */
    private const NOT_DRAWN = ['symbol', 'clipPath', 'mask', 'pattern', 'linearGradient', 'radialGradient'];

    /** So many clips are kept, since what follows is mostly cut off by the same. */
    private const MOST_CLIPS = 1000;

    private const IDENTITY = [1.0, 0.0, 0.0, 1.0, 0.0, 0.0];

    /**
     * @param  float  $unit  points for each unit of the drawing
     * @return iterable<Drawn> in points; fill and stroke are how light they are, 0 to 1, and null where there is none;
     *                         hollow: what lies in two parts of the path is not filled; of a picture, the path is its
     *                         outline
     */
    public static function read(string $svg, float $unit): iterable
    {
        $known = [];
        foreach (self::elements($svg) as $one) {
            $matrix = self::matrix($one['transform'], $unit);
            $known = count($known) > self::MOST_CLIPS ? [] : $known;
            $clip = null;
            $chain = '';
            foreach ($one['clips'] as $id => [$outline, $transform]) {
                $chain .= $id;
                $clip = $known[$chain] ??= SvgClip::by(
                    SvgPath::parse($outline, self::matrix($transform, $unit)),
                    $clip,
                );
            }
            if ($one['name'] === 'image') {
                [$width, $height] = $one['size'];
                $path = SvgPath::parse("M 0 0 L {$width} 0 L {$width} {$height} L 0 {$height} Z", $matrix);
                $drawn = ['fill' => null, 'hollow' => false, 'stroke' => null, 'weight' => 0.0, 'dashed' => false];

                yield ['path' => $clip?->filled($path) ?? $path, 'isPicture' => true] + $drawn;

                continue;
            }
            $style = $one['style'];
            $isSeen = preg_match('~(fill|stroke)-opacity:0(\.0+)?;~', $style) !== 1;
            preg_match('~stroke-width:([\d.]+)~', $style, $width);
            $path = SvgPath::parse($one['d'], $matrix);
            $fill = $isSeen ? self::lightness('~(?<!-)\bfill:', $style) : null;
            $stroke = $isSeen ? self::lightness('~\bstroke:', $style) : null;
            $drawn = [
                'isPicture' => false,
                'hollow' => str_contains($style, 'fill-rule:evenodd'),
                'weight' => (float) ($width[1] ?? 1) * sqrt(abs($matrix[0] * $matrix[3] - $matrix[1] * $matrix[2])),
                'dashed' => str_contains($style, 'stroke-dasharray:') &&
                    ! str_contains($style, 'stroke-dasharray:none'),
            ];
            if ($clip === null || $clip->holds($path)) {
                yield ['path' => $path, 'fill' => $fill, 'stroke' => $stroke] + $drawn;
            } else {
                yield ['path' => $clip->filled($path), 'fill' => $fill, 'stroke' => null] + $drawn;
                yield ['path' => $clip->stroked($path), 'fill' => null, 'stroke' => $stroke] + $drawn;
            }
        }
    }

    /**
     * A picture that is defined once is given where it is used. Clips are what the groups around cut it off by, by
     * their names, the outermost first: their path and how it is transformed.
     *
     * @return iterable<array{
     *     name: string, style: string, d: string, transform: string, size: array{float, float},
     *     clips: array<string, array{string, string}>
     * }>
     */
    private static function elements(string $svg): iterable
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
        $pictures = $clips = $within = [];
        for ($more = @$reader->read(); $more;) {
            if ($reader->nodeType !== XMLReader::ELEMENT) {
                $more = @$reader->read();

                continue;
            }
            $name = $reader->localName;
            $of = fn (string $attribute): string => (string) $reader->getAttribute($attribute);
            if ($name === 'clipPath') {
                $clips["url(#{$of('id')})"] = self::outline($reader);
            }
            if (in_array($name, self::NOT_DRAWN, true)) {
                $more = @$reader->next(); // With all that is in it.

                continue;
            }
            if ($name === 'g') {
                $within = array_filter($within, fn (int $depth): bool => $depth < $reader->depth, ARRAY_FILTER_USE_KEY);
                isset($clips[$of('clip-path')]) && ($within[$reader->depth] = $of('clip-path'));
            } elseif ($name !== 'use' || isset($pictures[$of('xlink:href')])) {
                // Most of what is used are letters.
                $around = array_filter($within, fn (int $depth): bool => $depth < $reader->depth, ARRAY_FILTER_USE_KEY);
                $one = [
                    'name' => $name,
                    'style' => $of('style'),
                    'd' => $of('d'),
                    'transform' => $of('transform'),
                    'size' => [(float) $of('width'), (float) $of('height')],
                    'clips' => array_combine($around, array_map(fn (string $id): array => $clips[$id], $around)),
                ];
                if ($name === 'image' && $of('id') !== '') {
                    $pictures['#'.$of('id')] = $one;
                } elseif ($name === 'use') {
                    yield ['transform' => $one['transform'], 'clips' => $one['clips']] + $pictures[$of('xlink:href')];
                } elseif ($name === 'path' || $name === 'image') {
                    yield $one;
                }
            }
            $more = @$reader->read();
        }
    }

    /**
     * The path of what cuts others off, and how it is transformed.
     *
     * @return array{string, string}
     */
    private static function outline(XMLReader $reader): array
    {
        $clip = @$reader->expand();
        $path = $clip instanceof DOMElement ? $clip->getElementsByTagName('path')->item(0) : null;

        return [$path?->getAttribute('d') ?? '', $path?->getAttribute('transform') ?? ''];
    }

    /** @return array{float, float, float, float, float, float} */
    private static function matrix(string $transform, float $unit): array
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

    /** Of a paint in percent of red, green and blue; relative luminance without gamma is near enough. */
    private static function lightness(string $paint, string $style): ?float
    {
        return preg_match("{$paint}rgb\(([\d.]+)%,([\d.]+)%,([\d.]+)%\)~", $style, $rgb) === 1
            ? (0.2126 * (float) $rgb[1] + 0.7152 * (float) $rgb[2] + 0.0722 * (float) $rgb[3]) / 100
            : null;
    }
}
