<?php

declare(strict_types=1);

namespace App\Documents\Office;

use App\Documents\Pdf\FieldMark;
use DOMDocument;
use DOMElement;
use DOMNode;
use OpenSlate\Conversion\ControlKind;
use OpenSlate\Conversion\FormControl;

/**
 * The places of an OpenDocument text that are there to be filled in: each becomes a link that the office program
 * follows through to the pages. See FieldMark.
 */
final class TextControls
{
    private const MOST = 1000;

    /** @var list<FormControl> */
    private array $controls = [];

    public function __construct(private DOMDocument $content)
    {
    }

    /** @return list<FormControl> by the numbers of their links */
    public function mark(): array
    {
        $this->markFields();
        $this->markControls();
        $this->markFieldmarks();

        return $this->controls;
    }

    /** Input fields and lists (7.3.3, 7.7.21). */
    private function markFields(): void
    {
        foreach ($this->found('//text:text-input | //text:drop-down') as $field) {
            $isList = $field->localName === 'drop-down';
            $choices = array_map(
                fn (DOMElement $label): string => $label->getAttributeNS(TextDocument::NAMES['text'], 'value'),
                Package::found($field, './text:label', TextDocument::NAMES),
            );
            $name = $field->getAttributeNS(TextDocument::NAMES['text'], 'description')
                ?: $field->getAttributeNS(TextDocument::NAMES['text'], 'name');
            $this->link([$field], new FormControl($isList ? ControlKind::List : ControlKind::Line, $name, $choices));
        }
    }

    /** Content controls as LibreOffice extends the format by them. */
    private function markControls(): void
    {
        foreach ($this->found('//loext:content-control[not(.//loext:content-control)]') as $control) {
            $value = fn (string $name): string => $control->getAttributeNS(TextDocument::NAMES['loext'], $name);
            $choices = [];
            foreach (Package::found($control, './loext:list-item', TextDocument::NAMES) as $item) {
                $choices[] = $item->getAttributeNS(TextDocument::NAMES['loext'], 'display-text')
                    ?: $item->getAttributeNS(TextDocument::NAMES['loext'], 'value');
                Package::remove($item);
            }
            if ($value('picture') === 'true') {
                continue;
            }
            $kind = match (true) {
                $value('checkbox') === 'true' => ControlKind::Tick,
                $choices !== [] => ControlKind::List,
                default => ControlKind::Line,
            };
            $isAsked = $value('showing-place-holder') === 'true' || $kind === ControlKind::List;
            $inside = [...$control->childNodes];
            $name = $value('alias') ?: $value('tag');
            if ($inside !== []) {
                $this->link($inside, new FormControl($kind, $name, array_values(array_filter($choices))), $isAsked);
            }
            Package::unwrap($control);
        }
    }

    /** Form fields of other word processors, as LibreOffice keeps them. */
    private function markFieldmarks(): void
    {
        foreach ($this->found('//field:fieldmark-start | //field:fieldmark') as $start) {
            $type = $start->getAttributeNS(TextDocument::NAMES['field'], 'type');
            $choices = [];
            foreach (Package::found($start, './field:param', TextDocument::NAMES) as $param) {
                if ($param->getAttributeNS(TextDocument::NAMES['field'], 'name') === 'Dropdown_ListEntry') {
                    $choices[] = $param->getAttributeNS(TextDocument::NAMES['field'], 'value');
                }
            }
            $kind = match (true) {
                str_ends_with($type, 'FORMTEXT') => ControlKind::Line,
                str_ends_with($type, 'FORMCHECKBOX') => ControlKind::Tick,
                str_ends_with($type, 'FORMDROPDOWN') => ControlKind::List,
                default => null,
            };
            $inside = [];
            $separators = [];
            $end = null;
            if ($start->localName === 'fieldmark-start') {
                for ($node = $start->nextSibling; $node !== null && $end === null; $node = $node->nextSibling) {
                    $end = $node->nodeName === 'field:fieldmark-end' ? $node : null;
                    $end !== null || $node->nodeName === 'field:fieldmark-separator'
                        ? $separators[] = $node
                        : $inside[] = $node;
                }
            }
            if ($kind === null || ($start->localName === 'fieldmark-start' && $end === null)) {
                continue;
            }
            if ($inside === []) {
                $inside = [$this->content->createTextNode($kind === ControlKind::Tick ? "\u{2610}" : '')];
                $start->parentNode?->insertBefore($inside[0], $start->nextSibling);
            }
            $name = $start->getAttributeNS(TextDocument::NAMES['text'], 'name');
            $this->link(
                $inside,
                new FormControl($kind, $name, $choices),
                $kind !== ControlKind::Tick,
            );
            Package::remove($start);
            array_map(Package::remove(...), $separators);
        }
    }

    /** @param  non-empty-list<DOMNode>  $inside  beside each other: what stands where something is to be written */
    private function link(array $inside, FormControl $control, bool $isAsked = true): void
    {
        if (count($this->controls) >= self::MOST || $inside[0]->parentNode === null) {
            return;
        }
        $link = $this->content->createElementNS(TextDocument::NAMES['text'], 'text:a');
        $link->setAttributeNS(TextDocument::NAMES['xlink'], 'xlink:type', 'simple');
        $link->setAttributeNS(TextDocument::NAMES['xlink'], 'xlink:href', FieldMark::address(count($this->controls)));
        $link->setAttributeNS(TextDocument::NAMES['text'], 'text:style-name', TextDocument::FIELD_STYLE);
        $link->setAttributeNS(TextDocument::NAMES['text'], 'text:visited-style-name', TextDocument::FIELD_STYLE);
        $inside[0]->parentNode->insertBefore($link, $inside[0]);
        $words = implode('', array_map(fn (DOMNode $node): string => $node->textContent, $inside));
        foreach ($inside as $node) {
            $isAsked ? Package::remove($node) : $link->appendChild($node);
        }
        $isAsked && $link->appendChild($this->content->createTextNode(FieldMark::room($words)));
        $this->controls[] = $control;
    }

    /** @return list<DOMElement> */
    private function found(string $path): array
    {
        return Package::found($this->content, $path, TextDocument::NAMES);
    }
}
