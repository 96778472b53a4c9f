<?php

declare(strict_types=1);

namespace App\Documents\Office;

use App\Documents\FileRefused;
use DOMDocument;
use DOMElement;
use OpenSlate\Conversion\DocumentFacts;

/** A set of slides (ECMA-376 part 1, 19; OpenDocument 1.3), read, and made ready to be put on pages. */
final class Slides
{
    private const NAMES = [
        'a' => 'http://schemas.openxmlformats.org/drawingml/2006/main',
        'p' => 'http://schemas.openxmlformats.org/presentationml/2006/main',
        'office' => 'urn:oasis:names:tc:opendocument:xmlns:office:1.0',
        'draw' => 'urn:oasis:names:tc:opendocument:xmlns:drawing:1.0',
        'style' => 'urn:oasis:names:tc:opendocument:xmlns:style:1.0',
        'presentation' => 'urn:oasis:names:tc:opendocument:xmlns:presentation:1.0',
        'svg' => 'urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0',
    ];

    /**
     * @param  string  $copy  where what is prepared is put
     *
     * @throws FileRefused
     */
    public static function prepare(string $path, OfficeKind $kind, string $copy): Prepared
    {
        $package = Package::open($path)->copied($copy);
        $outside = (new OutsideParts($package))->leaveOut();
        $facts = $kind === OfficeKind::Pptx ? self::pptx($package, $outside) : self::odp($package, $outside);
        $package->save();

        return new Prepared($copy, $facts);
    }

    private static function pptx(Package $package, int $outside): DocumentFacts
    {
        $families = [];
        $slides = 0;
        $hidden = 0;
        $comments = 0;
        foreach ($package->names() as $name) {
            if (preg_match('#^ppt/slides/[^/]+\.xml$#D', $name) === 1) {
                $slide = $package->xml($name);
                $slides++;
                $shown = (string) $slide->documentElement?->getAttribute('show');
                $hidden += in_array($shown, ['0', 'false'], true) ? 1 : 0;
                array_push($families, ...self::named($slide, '//a:r//a:latin', 'typeface'));
            } elseif (preg_match('#^ppt/theme/theme1\.xml$#D', $name) === 1) {
                array_push($families, ...self::named(
                    $package->xml($name),
                    '//a:majorFont/a:latin | //a:minorFont/a:latin',
                    'typeface',
                ));
            } elseif (preg_match('#^ppt/comments/[^/]+\.xml$#D', $name) === 1) {
                $comments += count(Package::found($package->xml($name), '//*[local-name()="cm"]', self::NAMES));
            }
        }

        return new DocumentFacts(
            fonts: array_values(array_filter(
                array_unique($families),
                fn (string $family): bool => $family !== '' && ! str_starts_with($family, '+'),
            )),
            pages: $slides - $hidden,
            comments: $comments,
            outside: $outside,
            hiddenSlides: $hidden,
        );
    }

    private static function odp(Package $package, int $outside): DocumentFacts
    {
        $content = $package->xml('content.xml');
        $hiding = self::named(
            $content,
            '//style:style[style:drawing-page-properties/@presentation:visibility="hidden"]',
            'name',
            self::NAMES['style'],
        );
        $slides = Package::found($content, '//office:presentation/draw:page', self::NAMES);
        $hidden = count(array_filter($slides, fn (DOMElement $slide): bool => in_array(
            $slide->getAttributeNS(self::NAMES['draw'], 'style-name'),
            $hiding,
            true,
        )));

        return new DocumentFacts(
            fonts: array_values(array_unique(array_map(
                fn (string $family): string => trim($family, "'\" "),
                self::named($content, '//style:font-face', 'font-family', self::NAMES['svg']),
            ))),
            pages: count($slides) - $hidden,
            comments: count(Package::found($content, '//office:annotation', self::NAMES)),
            outside: $outside,
            hiddenSlides: $hidden,
        );
    }

    /** @return list<string> the values of an attribute */
    private static function named(DOMDocument $part, string $path, string $attribute, ?string $namespace = null): array
    {
        return array_map(
            fn (DOMElement $one): string => $namespace === null
                ? $one->getAttribute($attribute)
                : $one->getAttributeNS($namespace, $attribute),
            Package::found($part, $path, self::NAMES),
        );
    }
}
