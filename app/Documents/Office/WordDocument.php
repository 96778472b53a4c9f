<?php

declare(strict_types=1);

namespace App\Documents\Office;

use App\Documents\FileRefused;
use DOMDocument;
use DOMElement;
use OpenSlate\Conversion\DocumentChoices;
use OpenSlate\Conversion\DocumentFacts;

/** A document in Office Open XML (ECMA-376 part 1, 17), read, and made ready to be put on pages. */
final class WordDocument
{
    /** Twentieths of a point. */
    private const TWIPS = 20.0;

    private const RELATIONS = 'http://schemas.openxmlformats.org/package/2006/relationships';

    /** How the strict edition of the format names relationships, and the transitional one. */
    private const MAIN = '#/officeDocument$#';

    /** @var array<string, string> prefixes of paths */
    private array $names;

    private DOMDocument $main;

    private string $mainName;

    private function __construct(private Package $package)
    {
        $this->mainName = $this->mainPart();
        $this->main = $this->package->xml($this->mainName);
        $this->names = [
            'w' => (string) $this->main->documentElement?->namespaceURI,
            'a' => 'http://schemas.openxmlformats.org/drawingml/2006/main',
            'p' => self::RELATIONS,
        ];
    }

    /**
     * @param  string  $copy  where what is prepared is put
     *
     * @throws FileRefused
     */
    public static function prepare(string $path, DocumentChoices $choices, string $copy): Prepared
    {
        $document = new self(Package::open($path)->copied($copy));
        $facts = $document->work($choices);
        $document->package->save();

        return new Prepared($copy, $facts);
    }

    private function work(DocumentChoices $choices): DocumentFacts
    {
        $outside = (new OutsideParts($this->package))->leaveOut();
        $parts = $this->parts();
        $changes = 0;
        $hidden = 0;
        foreach ($parts as $part) {
            OutsideParts::dropFieldsThatFetch($part, $this->names);
            $changes += WordChanges::count($part, $this->names);
            $choices->changes || WordChanges::accept($part, $this->names);
            $hidden += $this->hiddenWords($part);
        }
        $fonts = $this->fonts($parts);
        $boxes = $this->boxes();
        $tooWide = $this->tooWide();
        $controls = new WordControls($this->main, $this->names);
        $marked = $controls->mark();
        if ($marked !== []) {
            $this->relate($controls->relations(), $controls->relation());
            $this->addStyle();
        }
        foreach ($parts as $name => $part) {
            $this->package->put($name, $part);
        }

        return new DocumentFacts(
            fonts: $fonts,
            pages: $this->pages(),
            changes: $changes,
            comments: $this->comments(),
            hiddenWords: $hidden,
            boxes: $boxes,
            tooWide: $tooWide,
            outside: $outside,
            controls: $marked,
        );
    }

    /** @throws FileRefused when nothing says which part is the document */
    private function mainPart(): string
    {
        $relations = $this->package->xml('_rels/.rels');
        foreach (Package::found($relations, '//p:Relationship', ['p' => self::RELATIONS]) as $one) {
            if (preg_match(self::MAIN, $one->getAttribute('Type')) === 1) {
                return ltrim($one->getAttribute('Target'), '/');
            }
        }
        throw FileRefused::damagedDocument();
    }

    /** @return array<string, DOMDocument> what is printed, by the names of its parts; the document is the first */
    private function parts(): array
    {
        $printed = '#^'.preg_quote(dirname($this->mainName), '#').'/(header|footer|footnotes|endnotes)\d*\.xml$#D';
        $parts = [$this->mainName => $this->main];
        foreach ($this->package->names() as $name) {
            if (preg_match($printed, $name) === 1) {
                $parts[$name] = $this->package->xml($name);
            }
        }

        return $parts;
    }

    private function part(string $name): ?DOMDocument
    {
        $name = dirname($this->mainName).'/'.$name;

        return $this->package->has($name) ? $this->package->xml($name) : null;
    }

    private function pages(): ?int
    {
        if (! $this->package->has('docProps/app.xml')) {
            return null;
        }
        $said = $this->package->xml('docProps/app.xml')->getElementsByTagName('Pages')->item(0);
        $pages = (int) trim((string) $said?->textContent);

        return $pages > 0 ? $pages : null;
    }

    private function comments(): int
    {
        $part = $this->part('comments.xml');

        return $part === null ? 0 : count(Package::found($part, '//w:comment', $this->names));
    }

    private function hiddenWords(DOMDocument $part): int
    {
        $runs = Package::found(
            $part,
            '//w:r[w:rPr/w:vanish[not(@w:val="0" or @w:val="false" or @w:val="off")]]/w:t',
            $this->names,
        );

        return (int) preg_match_all(
            '/[\p{L}\p{N}]+/u',
            implode(' ', array_map(fn (DOMElement $run): string => $run->textContent, $runs)),
        );
    }

    /**
     * The families that words are set in: of runs, and of the styles that are in use, as far as they go.
     *
     * @param  array<string, DOMDocument>  $parts
     * @return list<string>
     */
    private function fonts(array $parts): array
    {
        $named = [];
        $used = [];
        foreach ($parts as $part) {
            array_push($named, ...Package::found($part, '//w:r[w:t]/w:rPr/w:rFonts', $this->names));
            foreach (Package::found($part, '//w:pStyle | //w:rStyle | //w:tblStyle', $this->names) as $style) {
                $used[$this->value($style)] = true;
            }
        }
        $styles = $this->part('styles.xml');
        if ($styles !== null) {
            array_push($named, ...Package::found($styles, '/w:styles/w:docDefaults//w:rFonts', $this->names));
            foreach ($this->inUse($styles, $used) as $style) {
                array_push($named, ...Package::found($style, './w:rPr/w:rFonts', $this->names));
            }
        }
        $themes = $this->themes();
        $families = [];
        foreach ($named as $fonts) {
            foreach (['ascii' => 'asciiTheme', 'hAnsi' => 'hAnsiTheme'] as $plain => $theme) {
                $scheme = str_starts_with($this->value($fonts, $theme), 'major') ? 'major' : 'minor';
                $families[] = $this->value($fonts, $theme) === ''
                    ? $this->value($fonts, $plain)
                    : $themes[$scheme];
            }
        }

        return array_values(array_unique(array_filter($families, fn (string $family): bool => $family !== '')));
    }

    /**
     * The default styles, those that are named, and those that these are based on.
     *
     * @param  array<string, true>  $used
     * @return list<DOMElement>
     */
    private function inUse(DOMDocument $styles, array $used): array
    {
        $all = [];
        foreach (Package::found($styles, '/w:styles/w:style', $this->names) as $style) {
            $all[$this->value($style, 'styleId')] = $style;
            if (in_array($this->value($style, 'default'), ['1', 'true', 'on'], true)) {
                $used[$this->value($style, 'styleId')] = true;
            }
        }
        $kept = [];
        $next = array_keys($used);
        while ($next !== []) {
            $id = (string) array_pop($next);
            if (isset($all[$id]) && ! isset($kept[$id])) {
                $kept[$id] = $all[$id];
                foreach (Package::found($all[$id], './w:basedOn', $this->names) as $based) {
                    $next[] = $this->value($based);
                }
            }
        }

        return array_values($kept);
    }

    /** @return array{major: string, minor: string} the families that a theme names */
    private function themes(): array
    {
        $theme = $this->part('theme/theme1.xml');
        $families = [];
        foreach (['major', 'minor'] as $which) {
            $latin = $theme === null ? null : Package::first($theme, "//a:{$which}Font/a:latin", $this->names);
            $families[$which] = (string) $latin?->getAttribute('typeface');
        }

        return $families;
    }

    /** @return list<string> the words of each text box; where it is written twice, for older programs, once */
    private function boxes(): array
    {
        $boxes = Package::found(
            $this->main,
            '//w:txbxContent[not(ancestor::*[local-name()="Fallback"])]',
            $this->names,
        );

        return array_map(fn (DOMElement $box): string => implode(' ', array_map(
            fn (DOMElement $words): string => $words->textContent,
            Package::found($box, './/w:p', $this->names),
        )), $boxes);
    }

    /** @return list<float> by how many points tables reach over the right edge of the paper */
    private function tooWide(): array
    {
        $section = Package::found($this->main, '//w:sectPr', $this->names);
        $last = $section === [] ? null : $section[count($section) - 1];
        $size = $last === null ? null : Package::first($last, './w:pgSz', $this->names);
        $margins = $last === null ? null : Package::first($last, './w:pgMar', $this->names);
        $room = $size === null ? 0.0 : (float) $this->value($size, 'w');
        if ($room <= 0) {
            return [];
        }
        $left = $margins === null ? 0.0 : (float) $this->value($margins, 'left');
        $over = [];
        foreach (Package::found($this->main, '//w:body/w:tbl', $this->names) as $table) {
            $widths = array_map(
                fn (DOMElement $column): float => (float) $this->value($column, 'w'),
                Package::found($table, './w:tblGrid/w:gridCol', $this->names),
            );
            $indent = Package::first($table, './w:tblPr/w:tblInd[@w:type="dxa"]', $this->names);
            $isFixed = Package::found($table, './w:tblPr/w:tblLayout[@w:type="fixed"]', $this->names) !== [];
            $from = $left + ($indent === null ? 0.0 : (float) $this->value($indent, 'w'));
            $beyond = $from + array_sum($widths) - $room;
            if ($isFixed && $beyond > self::TWIPS) {
                $over[] = $beyond / self::TWIPS;
            }
        }

        return $over;
    }

    /** @param  array<string, string>  $relations  addresses of links by id */
    private function relate(array $relations, string $type): void
    {
        $name = dirname($this->mainName).'/_rels/'.basename($this->mainName).'.rels';
        $all = new DOMDocument;
        if ($this->package->has($name)) {
            $all = $this->package->xml($name);
        } else {
            $all->appendChild($all->createElementNS(self::RELATIONS, 'Relationships'));
        }
        foreach ($relations as $id => $address) {
            $one = $all->createElementNS(self::RELATIONS, 'Relationship');
            $one->setAttribute('Id', $id);
            $one->setAttribute('Type', $type);
            $one->setAttribute('Target', $address);
            $one->setAttribute('TargetMode', 'External');
            $all->documentElement?->appendChild($one);
        }
        $this->package->put($name, $all);
    }

    /** Links without a style of their own are not told by the office program; this one changes no looks. */
    private function addStyle(): void
    {
        $styles = $this->part('styles.xml');
        if ($styles === null) {
            return;
        }
        $style = $styles->createElementNS($this->names['w'], 'w:style');
        $style->setAttributeNS($this->names['w'], 'w:type', 'character');
        $style->setAttributeNS($this->names['w'], 'w:customStyle', '1');
        $style->setAttributeNS($this->names['w'], 'w:styleId', WordControls::STYLE);
        $name = $styles->createElementNS($this->names['w'], 'w:name');
        $name->setAttributeNS($this->names['w'], 'w:val', WordControls::STYLE);
        $style->appendChild($name);
        $styles->documentElement?->appendChild($style);
        $this->package->put(dirname($this->mainName).'/styles.xml', $styles);
    }

    private function value(DOMElement $element, string $name = 'val'): string
    {
        return $element->getAttributeNS($this->names['w'], $name);
    }
}
