<?php

declare(strict_types=1);

namespace App\Documents\Office;

use App\Documents\FileRefused;
use DOMDocument;
use DOMElement;
use OpenSlate\Conversion\DocumentChoices;
use OpenSlate\Conversion\DocumentFacts;

/** A document in OpenDocument (OASIS OpenDocument 1.3 part 3), read, and made ready to be put on pages. */
final class TextDocument
{
    /** Prefixes of paths. */
    public const NAMES = [
        'office' => 'urn:oasis:names:tc:opendocument:xmlns:office:1.0',
        'style' => 'urn:oasis:names:tc:opendocument:xmlns:style:1.0',
        'text' => 'urn:oasis:names:tc:opendocument:xmlns:text:1.0',
        'draw' => 'urn:oasis:names:tc:opendocument:xmlns:drawing:1.0',
        'fo' => 'urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0',
        'meta' => 'urn:oasis:names:tc:opendocument:xmlns:meta:1.0',
        'svg' => 'urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0',
        'xlink' => 'http://www.w3.org/1999/xlink',
        'field' => 'urn:openoffice:names:experimental:ooo-ms-interop:xmlns:field:1.0',
        'loext' => 'urn:org:documentfoundation:names:experimental:office:xmlns:loext:1.0',
    ];

    public const FIELD_STYLE = 'SlateField';

    /** In points. */
    private const UNITS = ['cm' => 72 / 2.54, 'mm' => 7.2 / 2.54, 'in' => 72, 'pt' => 1, 'pc' => 12, 'px' => 0.75];

    private DOMDocument $content;

    private ?DOMDocument $styles;

    private function __construct(private Package $package)
    {
        $this->content = $package->xml('content.xml');
        $this->styles = $package->has('styles.xml') ? $package->xml('styles.xml') : null;
    }

    /**
     * @param  string  $copy  where what is prepared is put
     *
     * @throws FileRefused
     */
    public static function prepare(string $path, DocumentChoices $choices, string $copy): Prepared
    {
        $package = Package::open($path)->copied($copy);
        $outside = (new OutsideParts($package))->leaveOut();
        $facts = (new self($package))->work($choices, $outside);
        $package->save();

        return new Prepared($copy, $facts);
    }

    private function work(DocumentChoices $choices, int $outside): DocumentFacts
    {
        $changes = TextChanges::count($this->content);
        $choices->changes || TextChanges::accept($this->content);
        $facts = [
            $this->fonts(),
            $this->pages(),
            count($this->found('//office:annotation')),
            $this->hiddenWords(),
            array_map(fn (DOMElement $box): string => $box->textContent, $this->found('//draw:text-box')),
        ];
        $controls = (new TextControls($this->content))->mark();
        $controls === [] || $this->addStyle();
        $this->package->put('content.xml', $this->content);

        return new DocumentFacts(
            fonts: $facts[0],
            pages: $facts[1],
            changes: $changes,
            comments: $facts[2],
            hiddenWords: $facts[3],
            boxes: $facts[4],
            tooWide: $this->tooWide(),
            outside: $outside,
            controls: $controls,
        );
    }

    /** @return list<string> families, in the order in which they are first named */
    private function fonts(): array
    {
        $families = [];
        $named = [];
        foreach (array_filter([$this->styles, $this->content]) as $part) {
            foreach (Package::found($part, '//style:font-face', self::NAMES) as $face) {
                $families[$face->getAttributeNS(self::NAMES['style'], 'name')] =
                    trim($face->getAttributeNS(self::NAMES['svg'], 'font-family'), "'\" ");
            }
            foreach ($this->stylesInUse($part) as $style) {
                foreach (Package::found($style, './style:text-properties[@style:font-name]', self::NAMES) as $looks) {
                    $named[] = $looks->getAttributeNS(self::NAMES['style'], 'font-name');
                }
            }
        }

        return array_values(array_unique(array_filter(
            array_map(fn (string $name): string => $families[$name] ?? $name, $named),
            fn (string $family): bool => $family !== '',
        )));
    }

    /** @return list<DOMElement> of the styles of the document itself all; of the others those that words are in */
    private function stylesInUse(DOMDocument $part): array
    {
        if ($part === $this->content) {
            return Package::found($part, '//office:automatic-styles/style:style', self::NAMES);
        }
        $used = [];
        foreach ($this->found('//@text:style-name/.. | //style:style[@style:parent-style-name]') as $one) {
            $used[$one->getAttributeNS(self::NAMES['text'], 'style-name')] = true;
            $used[$one->getAttributeNS(self::NAMES['style'], 'parent-style-name')] = true;
        }
        $all = [];
        foreach (Package::found($part, '//office:styles/style:style', self::NAMES) as $style) {
            $all[$style->getAttributeNS(self::NAMES['style'], 'name')] = $style;
        }
        $kept = [];
        $next = array_keys($used);
        while ($next !== []) {
            $name = (string) array_pop($next);
            if (isset($all[$name]) && ! isset($kept[$name])) {
                $kept[$name] = $all[$name];
                $next[] = $all[$name]->getAttributeNS(self::NAMES['style'], 'parent-style-name');
            }
        }

        return [
            ...Package::found($part, '//style:default-style[@style:family="paragraph"]', self::NAMES),
            ...array_values($kept),
        ];
    }

    private function pages(): ?int
    {
        $meta = $this->package->has('meta.xml') ? $this->package->xml('meta.xml') : null;
        $said = $meta === null ? null : Package::first($meta, '//meta:document-statistic', self::NAMES);
        $pages = (int) $said?->getAttributeNS(self::NAMES['meta'], 'page-count');

        return $pages > 0 ? $pages : null;
    }

    private function hiddenWords(): int
    {
        $hidden = [];
        foreach (array_filter([$this->styles, $this->content]) as $part) {
            $path = '//style:style[style:text-properties/@text:display="none"]';
            foreach (Package::found($part, $path, self::NAMES) as $style) {
                $hidden[$style->getAttributeNS(self::NAMES['style'], 'name')] = true;
            }
        }
        $words = '';
        foreach ($this->found('//text:span | //text:p | //text:h') as $one) {
            if (isset($hidden[$one->getAttributeNS(self::NAMES['text'], 'style-name')])) {
                $words .= ' '.$one->textContent;
            }
        }

        return (int) preg_match_all('/[\p{L}\p{N}]+/u', $words);
    }

    /** Links without a style that the document has are shown as links are; this one changes no looks. */
    private function addStyle(): void
    {
        if ($this->styles === null) {
            return;
        }
        $styles = Package::first($this->styles, '//office:styles', self::NAMES) ?? $this->styles->documentElement;
        $style = $this->styles->createElementNS(self::NAMES['style'], 'style:style');
        $style->setAttributeNS(self::NAMES['style'], 'style:name', self::FIELD_STYLE);
        $style->setAttributeNS(self::NAMES['style'], 'style:family', 'text');
        $styles?->appendChild($style);
        $this->package->put('styles.xml', $this->styles);
    }

    /** @return list<float> by how many points tables reach over the right edge of the paper */
    private function tooWide(): array
    {
        $paper = $this->styles === null
            ? null
            : Package::first($this->styles, '//style:page-layout/style:page-layout-properties', self::NAMES);
        $length = fn (DOMElement $of, string $name, string $prefix = 'fo'): float => self::points(
            $of->getAttributeNS(self::NAMES[$prefix], $name),
        );
        $room = $paper === null ? 0.0 : $length($paper, 'page-width') - $length($paper, 'margin-left');
        $over = [];
        foreach ($room > 0 ? $this->found('//style:style/style:table-properties[@style:width]') : [] as $table) {
            $beyond = $length($table, 'margin-left') + $length($table, 'width', 'style') - $room;
            $beyond > 1.0 && $over[] = $beyond;
        }

        return $over;
    }

    /** A length in points (XSL 1.1, 5.9.13). */
    private static function points(string $length): float
    {
        return preg_match('/^(-?[\d.]+)(cm|mm|in|pt|pc|px)$/', trim($length), $match) === 1
            ? (float) $match[1] * self::UNITS[$match[2]]
            : 0.0;
    }

    /** @return list<DOMElement> */
    private function found(string $path): array
    {
        return Package::found($this->content, $path, self::NAMES);
    }
}
