<?php

declare(strict_types=1);

namespace App\Documents\Office;

use DOMDocument;
use DOMElement;
use DOMNode;

/** Tracked changes of OpenDocument (OpenDocument 1.3 part 3, 5.5). */
final class TextChanges
{
    public static function count(DOMDocument $content): int
    {
        return count(self::found($content, '//text:changed-region'));
    }

    /** What was put in stays, what was deleted goes, wherever the file keeps it. */
    public static function accept(DOMDocument $content): void
    {
        $deleted = [];
        foreach (self::found($content, '//text:changed-region[text:deletion]') as $region) {
            $deleted[$region->getAttributeNS(TextDocument::NAMES['text'], 'id')] = true;
            $deleted[$region->getAttribute('xml:id')] = true;
        }
        foreach (self::found($content, '//text:change-start') as $start) {
            if (isset($deleted[$start->getAttributeNS(TextDocument::NAMES['text'], 'change-id')])) {
                self::remove($content, $start);
            }
        }
        array_map(
            Package::remove(...),
            self::found($content, '//text:tracked-changes | //text:change | //text:change-start | //text:change-end'),
        );
    }

    /** Takes away what is between the start and the end of a change, and joins the paragraphs that they stand in. */
    private static function remove(DOMDocument $content, DOMElement $start): void
    {
        $id = $start->getAttributeNS(TextDocument::NAMES['text'], 'change-id');
        $end = null;
        foreach (self::found($content, '//text:change-end') as $one) {
            $end = $one->getAttributeNS(TextDocument::NAMES['text'], 'change-id') === $id ? $one : $end;
        }
        if ($end === null) {
            return;
        }
        for ($node = $start; $node !== null && $node !== $end; $node = $next) {
            $next = self::after($node, $end);
            if ($node !== $start && $node->firstChild === null) {
                Package::remove($node);
            }
        }
        [$first, $last] = [self::paragraphOf($start), self::paragraphOf($end)];
        if ($first !== null && $last !== null && $first !== $last) {
            while ($last->firstChild !== null) {
                $first->appendChild($last->firstChild);
            }
            for ($node = $first->nextSibling; $node !== null && $node !== $last; $node = $next) {
                $next = $node->nextSibling;
                Package::remove($node);
            }
            Package::remove($last);
        }
    }

    /** The next node in the order of the document; null when there is none. */
    private static function after(DOMNode $node, DOMNode $end): ?DOMNode
    {
        if ($node->firstChild !== null && $node !== $end) {
            return $node->firstChild;
        }
        while ($node !== null && $node->nextSibling === null) {
            $node = $node->parentNode;
        }

        return $node?->nextSibling;
    }

    private static function paragraphOf(DOMNode $node): ?DOMElement
    {
        while ($node !== null && ! in_array($node->nodeName, ['text:p', 'text:h'], true)) {
            $node = $node->parentNode;
        }

        return $node instanceof DOMElement ? $node : null;
    }

    /** @return list<DOMElement> */
    private static function found(DOMDocument $content, string $path): array
    {
        return Package::found($content, $path, TextDocument::NAMES);
    }
}
