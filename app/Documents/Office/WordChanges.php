<?php

declare(strict_types=1);

namespace App\Documents\Office;

use DOMDocument;
use DOMElement;

/** Tracked changes of Office Open XML (ECMA-376 part 1, 17.13.5). */
final class WordChanges
{
    private const GONE = '//w:del[not(parent::w:rPr) and not(parent::w:trPr)] | //w:moveFrom[not(parent::w:rPr)]';

    private const NEW = '//w:ins[not(parent::w:rPr) and not(parent::w:trPr)] | //w:moveTo[not(parent::w:rPr)]';

    private const ELSE = '//w:rPrChange | //w:pPrChange | //w:tblPrChange | //w:trPrChange | //w:tcPrChange | '
        .'//w:sectPrChange | //w:numberingChange | //w:tblGridChange | //w:tblPrExChange';

    private const ROWS = '//w:tr[w:trPr/w:del]';

    private const MARKS = '//w:p[w:pPr/w:rPr/w:del or w:pPr/w:rPr/w:moveFrom]';

    private const REST = '//w:rPr/w:ins | //w:rPr/w:moveTo | //w:trPr/w:ins | //w:moveFromRangeStart | '
        .'//w:moveFromRangeEnd | //w:moveToRangeStart | //w:moveToRangeEnd';

    /** @param  array<string, string>  $names  prefixes of paths */
    public static function count(DOMDocument $part, array $names): int
    {
        $paths = implode(' | ', [self::GONE, self::NEW, self::ELSE, self::ROWS, self::MARKS]);

        return count(Package::found($part, $paths, $names));
    }

    /**
     * Makes it as it is once all have been accepted.
     *
     * @param  array<string, string>  $names
     */
    public static function accept(DOMDocument $part, array $names): void
    {
        array_map(Package::remove(...), Package::found($part, self::GONE.' | '.self::ROWS.' | '.self::ELSE, $names));
        array_map(Package::unwrap(...), Package::found($part, self::NEW, $names));
        foreach (Package::found($part, self::MARKS, $names) as $paragraph) {
            self::join($paragraph, $names);
        }
        array_map(Package::remove(...), Package::found($part, self::REST, $names));
    }

    /**
     * The end of a paragraph was deleted: what it holds goes on in the next, which it takes its looks from.
     *
     * @param  array<string, string>  $names
     */
    private static function join(DOMElement $paragraph, array $names): void
    {
        $next = Package::first($paragraph, './following-sibling::*[1][self::w:p]', $names);
        if ($next === null) {
            return;
        }
        $properties = Package::first($next, './w:pPr', $names);
        $after = $properties === null ? $next->firstChild : $properties->nextSibling;
        foreach ([...$paragraph->childNodes] as $child) {
            if ($child->localName !== 'pPr') {
                $next->insertBefore($child, $after);
            }
        }
        Package::remove($paragraph);
    }
}
