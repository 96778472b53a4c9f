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
 * The content controls (ECMA-376 part 1, 17.5.2) and form fields (17.16.17) of a document: each becomes a link that
 * the office program follows through to the pages. See FieldMark.
 */
final class WordControls
{
    public const STYLE = 'SlateField';

    /** Places that one document has at the most. */
    private const MOST = 1000;

    private const STRICT = 'http://purl.oclc.org/ooxml/wordprocessingml/main';

    private const BOX = "\u{2610}";

    /** An extension of the standard, in the name space of whoever extends it. */
    private const CHECKBOX = './*[local-name()="checkbox"]';

    private const HELD = './w:picture | ./w:docPartObj | ./w:group | ./w:equation | ./w:citation';

    /** @var list<FormControl> */
    private array $found = [];

    /** @var array<string, string> */
    private array $relations = [];

    /** @param  array<string, string>  $names  prefixes of paths */
    public function __construct(private DOMDocument $document, private array $names)
    {
    }

    /** @return list<FormControl> by the numbers of their links */
    public function mark(): array
    {
        foreach ($this->all($this->document, '//w:sdt[not(.//w:sdt) and not(ancestor::w:hyperlink)]') as $one) {
            $this->control($one);
        }
        foreach ($this->all($this->document, '//w:r[w:fldChar[@w:fldCharType="begin"]/w:ffData]') as $one) {
            $this->formField($one);
        }

        return $this->found;
    }

    /** @return array<string, string> addresses of the links, by their ids */
    public function relations(): array
    {
        return $this->relations;
    }

    /** The type of a relationship that is a link. */
    public function relation(): string
    {
        return $this->relationships().'/hyperlink';
    }

    private function control(DOMElement $control): void
    {
        $properties = $this->first($control, './w:sdtPr');
        $content = $this->first($control, './w:sdtContent');
        $what = $properties === null ? null : $this->read($properties);
        if ($what === null || $content === null || $this->isFull()) {
            return;
        }
        $isAsked = $this->first($properties, './w:showingPlcHdr') !== null || $what->kind === ControlKind::List;
        $number = $this->note($what);
        $paragraphs = $this->all($content, './/w:p') ?: [$content];
        foreach ($paragraphs as $paragraph) {
            $runs = $this->all($paragraph, './w:r');
            if ($runs === []) {
                $runs = [$this->run('')];
                $paragraph->appendChild($runs[0]);
                $isAsked = true;
            }
            $isAsked && $this->makeRoom($runs);
            $this->link($runs, $number);
        }
        // What holds the control may be where only runs, or only paragraphs, or only cells can be: so is its content.
        Package::unwrap($content);
        Package::remove($properties);
        array_map(Package::remove(...), $this->all($control, './w:sdtEndPr'));
        Package::unwrap($control);
    }

    /** What a content control takes; null where it only holds something together. */
    private function read(DOMElement $properties): ?FormControl
    {
        $name = $this->value($properties, './w:alias') ?: $this->value($properties, './w:tag');
        $list = $this->first($properties, './w:dropDownList | ./w:comboBox');
        $text = $this->first($properties, './w:text');
        $isAsked = $this->first($properties, './w:showingPlcHdr') !== null;

        return match (true) {
            $this->first($properties, self::CHECKBOX) !== null => new FormControl(ControlKind::Tick, $name),
            $list !== null => new FormControl(ControlKind::List, $name, $this->choices($list)),
            $text !== null => new FormControl(
                in_array($text->getAttributeNS($this->names['w'], 'multiLine'), ['1', 'true', 'on'], true)
                    ? ControlKind::Lines
                    : ControlKind::Line,
                $name,
            ),
            $this->first($properties, './w:date') !== null => new FormControl(ControlKind::Line, $name),
            // Rich text that says what is to be written there; else it is the sheet's own.
            $isAsked && $this->first($properties, self::HELD) === null => new FormControl(ControlKind::Lines, $name),
            default => null,
        };
    }

    /** @return list<string> without the line that only asks to choose, which has no value */
    private function choices(DOMElement $list): array
    {
        $choices = [];
        foreach ($this->all($list, './w:listItem') as $item) {
            $value = $item->getAttributeNS($this->names['w'], 'value');
            $shown = $item->getAttributeNS($this->names['w'], 'displayText') ?: $value;
            if (trim($shown) !== '' && ($value !== '' || ! $item->hasAttributeNS($this->names['w'], 'value'))) {
                $choices[] = $shown;
            }
        }

        return $choices;
    }

    /** From the run with which a form field begins to the one with which it ends, in one paragraph. */
    private function formField(DOMElement $begin): void
    {
        $data = $this->first($begin, './w:fldChar/w:ffData');
        [$marks, $result, $isWhole] = $this->runsOf($begin);
        if ($data === null || ! $isWhole || $this->isFull()) {
            return;
        }
        $what = $this->readData($data);
        if ($result === []) {
            $result = [$this->run('')];
            $begin->parentNode?->insertBefore($result[0], $begin);
        }
        if ($what->kind === ControlKind::Tick) {
            $this->write($result[0], self::BOX);
        } else {
            $this->makeRoom($result);
        }
        $this->link($result, $this->note($what));
        array_map(Package::remove(...), $marks);
    }

    /** @return array{list<DOMElement>, list<DOMElement>, bool} what makes the field, its result, and whether it ends */
    private function runsOf(DOMElement $begin): array
    {
        $marks = [];
        $result = [];
        $isResult = false;
        for ($node = $begin; $node !== null; $node = $node->nextSibling) {
            if (! $node instanceof DOMElement || $node->localName !== 'r') {
                continue;
            }
            $kind = $this->first($node, './w:fldChar')?->getAttributeNS($this->names['w'], 'fldCharType');
            if ($kind === 'begin' && $node !== $begin) {
                return [[], [], false];
            }
            if ($isResult && $kind === null) {
                $result[] = $node;
            } else {
                $marks[] = $node;
            }
            if ($kind === 'end') {
                return [$marks, $result, true];
            }
            $isResult = $isResult || $kind === 'separate';
        }

        return [[], [], false];
    }

    private function readData(DOMElement $data): FormControl
    {
        $name = $this->value($data, './w:statusText')
            ?: $this->value($data, './w:helpText')
            ?: $this->value($data, './w:name');
        $list = $this->first($data, './w:ddList');
        $longest = (int) $this->value($data, './w:textInput/w:maxLength');

        return match (true) {
            $this->first($data, './w:checkBox') !== null => new FormControl(ControlKind::Tick, $name),
            $list !== null => new FormControl(ControlKind::List, $name, array_map(
                fn (DOMElement $entry): string => $entry->getAttributeNS($this->names['w'], 'val'),
                $this->all($list, './w:listEntry'),
            )),
            default => new FormControl(ControlKind::Line, $name, longest: $longest > 0 ? $longest : null),
        };
    }

    private function isFull(): bool
    {
        return count($this->found) >= self::MOST;
    }

    private function note(FormControl $control): int
    {
        $this->found[] = $control;

        return count($this->found) - 1;
    }

    /** @param  non-empty-list<DOMElement>  $runs */
    private function makeRoom(array $runs): void
    {
        $words = implode('', array_map(fn (DOMElement $run): string => $run->textContent, $runs));
        foreach ($runs as $index => $run) {
            $this->write($run, $index === 0 ? FieldMark::room($words) : '');
        }
    }

    private function write(DOMElement $run, string $words): void
    {
        array_map(Package::remove(...), $this->all($run, './*[not(self::w:rPr)]'));
        $text = $this->document->createElementNS($this->names['w'], 'w:t', $words);
        $text->setAttribute('xml:space', 'preserve');
        $run->appendChild($text);
    }

    private function run(string $words): DOMElement
    {
        $run = $this->document->createElementNS($this->names['w'], 'w:r');
        $words === '' || $this->write($run, $words);

        return $run;
    }

    /** @param  non-empty-list<DOMElement>  $runs  beside each other */
    private function link(array $runs, int $number): void
    {
        $id = 'slateField'.$number;
        $this->relations[$id] = FieldMark::address($number);
        $link = $this->document->createElementNS($this->names['w'], 'w:hyperlink');
        $link->setAttributeNS($this->relationships(), 'r:id', $id);
        $runs[0]->parentNode?->insertBefore($link, $runs[0]);
        foreach ($runs as $run) {
            $looks = $this->first($run, './w:rPr') ?? $run->insertBefore(
                $this->document->createElementNS($this->names['w'], 'w:rPr'),
                $run->firstChild,
            );
            array_map(Package::remove(...), $this->all($looks, './w:rStyle'));
            $style = $this->document->createElementNS($this->names['w'], 'w:rStyle');
            $style->setAttributeNS($this->names['w'], 'w:val', self::STYLE);
            $looks->insertBefore($style, $looks->firstChild);
            $link->appendChild($run);
        }
    }

    private function relationships(): string
    {
        return $this->names['w'] === self::STRICT
            ? 'http://purl.oclc.org/ooxml/officeDocument/relationships'
            : 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
    }

    private function value(DOMElement $in, string $path): string
    {
        return trim((string) $this->first($in, $path)?->getAttributeNS($this->names['w'], 'val'));
    }

    private function first(DOMNode $in, string $path): ?DOMElement
    {
        return $this->all($in, $path)[0] ?? null;
    }

    /** @return list<DOMElement> */
    private function all(DOMNode $in, string $path): array
    {
        return Package::found($in, $path, $this->names);
    }
}
