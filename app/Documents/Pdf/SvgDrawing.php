<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use XMLReader;

/**
 * Reads the paths and pictures of a page from the SVG that cairo makes of it, in the order in which they are painted.
 *
 * @phpstan-type Drawn array{
 *     path: SvgPath, isPicture: bool, fill: float|null, stroke: float|null, weight: float, dashed: bool
 * }
 */
final class SvgDrawing
{
    /** What is defined to be drawn elsewhere, or only cuts other things off. */
    private const NOT_DRAWN = ['symbol', 'clipPath', 'mask', 'pattern', 'linearGradient', 'radialGradient'];

    private const IDENTITY = [1.0, 0.0, 0.0, 1.0, 0.0, 0.0];

    /**
     * @param  float  $unit  points for each unit of the drawing
     * @return iterable<Drawn> in points; fill and stroke are how light they are, 0 to 1, and null where there is none;
     *                         of a picture, the path is its outline
     */
    public static function read(string $svg, float $unit): iterable
    {
        foreach (self::elements($svg) as $one) {
            $matrix = self::matrix($one['transform'], $unit);
            if ($one['name'] === 'image') {
                [$width, $height] = $one['size'];
                $outline = "M 0 0 L {$width} 0 L {$width} {$height} L 0 {$height} Z";

                yield [
                    'path' => SvgPath::parse($outline, $matrix),
                    'isPicture' => true,
                    'fill' => null,
                    'stroke' => null,
                    'weight' => 0.0,
                    'dashed' => false,
                ];

                continue;
            }
            $style = $one['style'];
            $isSeen = preg_match('~(fill|stroke)-opacity:0(\.0+)?;~', $style) !== 1;
            preg_match('~stroke-width:([\d.]+)~', $style, $width);

            yield [
                'path' => SvgPath::parse($one['d'], $matrix),
                'isPicture' => false,
                'fill' => $isSeen ? self::lightness('~(?<!-)\bfill:', $style) : null,
                'stroke' => $isSeen ? self::lightness('~\bstroke:', $style) : null,
                'weight' => (float) ($width[1] ?? 1) * sqrt(abs($matrix[0] * $matrix[3] - $matrix[1] * $matrix[2])),
                'dashed' => str_contains($style, 'stroke-dasharray:') &&
                    ! str_contains($style, 'stroke-dasharray:none'),
            ];
        }
    }

    /**
     * A picture that is defined once is given where it is used.
     *
     * @return iterable<array{name: string, style: string, d: string, transform: string, size: array{float, float}}>
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
