<?php

declare(strict_types=1);

namespace App\Documents\Office;

use DOMDocument;
use DOMElement;

/**
 * What a document would have fetched, from the web or from this machine, and the programs that it brings along: left
 * out before anything opens it.
 */
final class OutsideParts
{
    private const RELATIONS = 'http://schemas.openxmlformats.org/package/2006/relationships';

    /** Fields that read files (ECMA-376 part 1, 17.16.5). */
    private const FETCHING = '/\b(INCLUDEPICTURE|INCLUDETEXT|INCLUDE|IMPORT|DDE|DDEAUTO|LINK|RD|DATABASE)\s/';

    private const OPEN_DOCUMENT = [
        'office' => 'urn:oasis:names:tc:opendocument:xmlns:office:1.0',
        'text' => 'urn:oasis:names:tc:opendocument:xmlns:text:1.0',
        'draw' => 'urn:oasis:names:tc:opendocument:xmlns:drawing:1.0',
        'meta' => 'urn:oasis:names:tc:opendocument:xmlns:meta:1.0',
        'xlink' => 'http://www.w3.org/1999/xlink',
    ];

    public function __construct(private Package $package)
    {
    }

    /** @return int how many things that were to be seen */
    public function leaveOut(): int
    {
        $seen = 0;
        $isOpen = $this->package->has('mimetype');
        foreach ($this->package->names() as $name) {
            if (preg_match('/(vbaProject|vbaData)[^\/]*\.(bin|xml)$|^(Basic|Scripts|Dialogs)\//i', $name) === 1) {
                $this->package->drop($name);
            } elseif (str_ends_with($name, '.rels')) {
                $seen += $this->fromRelations($name);
            } elseif ($isOpen && preg_match('/^(.+\/)?(content|styles|meta)\.xml$/D', $name) === 1) {
                $seen += $this->fromOpenDocument($name);
            }
        }

        return $seen;
    }

    /** @param  array<string, string>  $names  prefixes of paths */
    public static function dropFieldsThatFetch(DOMDocument $part, array $names): void
    {
        foreach (Package::found($part, '//w:fldSimple', $names) as $field) {
            if (preg_match(self::FETCHING, $field->getAttributeNS($names['w'], 'instr')) === 1) {
                Package::unwrap($field);
            }
        }
        // The words of a field may be cut into several runs: looked at together, they are all taken away together.
        foreach (Package::found($part, '//w:p[.//w:instrText]', $names) as $paragraph) {
            $said = Package::found($paragraph, './/w:instrText', $names);
            $words = implode('', array_map(fn (DOMElement $one): string => $one->textContent, $said));
            if (preg_match(self::FETCHING, $words) === 1) {
                array_map(Package::remove(...), $said);
            }
        }
    }

    private function fromRelations(string $name): int
    {
        $relations = $this->package->xml($name);
        $seen = 0;
        $gone = false;
        foreach (Package::found($relations, '//p:Relationship', ['p' => self::RELATIONS]) as $one) {
            $isLink = str_ends_with($one->getAttribute('Type'), '/hyperlink');
            $isOutside = $one->getAttribute('TargetMode') === 'External' ||
                self::isElsewhere($one->getAttribute('Target'));
            if ($isOutside && ! $isLink) {
                $seen += preg_match('#/attachedTemplate$#', $one->getAttribute('Type')) === 1 ? 0 : 1;
                Package::remove($one);
                $gone = true;
            }
        }
        $gone && $this->package->put($name, $relations);

        return $seen;
    }

    private function fromOpenDocument(string $name): int
    {
        $part = $this->package->xml($name);
        $names = self::OPEN_DOCUMENT;
        $seen = 0;
        $found = Package::found($part, '//*[@xlink:href][not(self::text:a) and not(self::draw:a)]', $names);
        foreach ($found as $one) {
            $target = $one->getAttributeNS($names['xlink'], 'href');
            if (self::isElsewhere($target) || preg_match('#^(/|\.\./)#', $target) === 1) {
                $seen += $one->namespaceURI === $names['meta'] ? 0 : 1;
                Package::remove($one);
            }
        }
        $active = Package::found(
            $part,
            '//office:scripts | //office:event-listeners | //office:dde-source | //text:dde-connection-decls | '
                .'//text:database-display | //text:execute-macro | //text:script | //meta:auto-reload',
            $names,
        );
        array_map(Package::remove(...), $active);
        $found === [] && $active === [] || $this->package->put($name, $part);

        return $seen;
    }

    /** Whether it has a scheme, a drive or a machine; parts of the package are named from where they are used. */
    private static function isElsewhere(string $target): bool
    {
        return preg_match('#^\s*([a-z][a-z0-9+.-]*:|//|\\\\)#i', $target) === 1;
    }
}
