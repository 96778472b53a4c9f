<?php

declare(strict_types=1);

namespace App\Documents\Office;

use App\Documents\FileRefused;
use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;
use RuntimeException;
use ZipArchive;

/**
 * The parts of a document that is a ZIP archive (Office Open XML, ECMA-376 part 2; OpenDocument 1.3 part 2), read
 * within limits whatever it says of itself. Nothing of it is ever unpacked into files.
 */
final class Package
{
    private const MOST_PARTS = 5000;

    /** What all of it, and one part that is to be read as XML, may have unpacked, in bytes. */
    private const MOST_UNPACKED = 300 * 1024 * 1024;

    private const MOST_XML = 24 * 1024 * 1024;

    private ZipArchive $zip;

    /** @var array<string, string|null> parts that are written anew when it is saved, and null for those that go */
    private array $changed = [];

    private function __construct(private string $path)
    {
        $this->zip = new ZipArchive;
    }

    /** @throws FileRefused when it is broken, or unpacks to more than is safe */
    public static function open(string $path): self
    {
        $package = new self($path);
        if ($package->zip->open($path, ZipArchive::RDONLY) !== true) {
            throw FileRefused::damagedDocument();
        }
        $package->measure();

        return $package;
    }

    /** A copy at another place, that can be changed. */
    public function copied(string $to): self
    {
        copy($this->path, $to) || throw new RuntimeException("Cannot write {$to}.");
        $copy = new self($to);
        $copy->zip->open($to) === true || throw FileRefused::damagedDocument();

        return $copy;
    }

    public function has(string $name): bool
    {
        return array_key_exists($name, $this->changed)
            ? $this->changed[$name] !== null
            : $this->zip->locateName($name) !== false;
    }

    /** @return list<string> */
    public function names(): array
    {
        $names = [];
        for ($index = 0; $index < $this->zip->numFiles; $index++) {
            $names[] = (string) $this->zip->getNameIndex($index);
        }

        return $names;
    }

    /** @throws FileRefused when it is not there, or cannot be read */
    public function read(string $name): string
    {
        $content = array_key_exists($name, $this->changed)
            ? $this->changed[$name] ?? false
            : @$this->zip->getFromName($name, self::MOST_XML + 1);
        if ($content === false) {
            throw FileRefused::damagedDocument();
        }

        return strlen($content) > self::MOST_XML ? throw FileRefused::tooMuchWork() : $content;
    }

    /**
     * A part as XML. A document that declares things outside itself is none that a word processor wrote.
     *
     * @throws FileRefused
     */
    public function xml(string $name): DOMDocument
    {
        $document = new DOMDocument;
        $content = $this->read($name);
        $isRead = $content !== '' && @$document->loadXML($content, LIBXML_NONET | LIBXML_COMPACT);
        if ($document->doctype !== null || str_contains(substr($content, 0, 4096), '<!DOCTYPE')) {
            throw FileRefused::reachesOut();
        }

        return $isRead && $document->documentElement instanceof DOMElement
            ? $document
            : throw FileRefused::damagedDocument();
    }

    /** Puts a part in the place of the one of its name. */
    public function put(string $name, DOMDocument $content): void
    {
        $this->changed[$name] = (string) $content->saveXML();
    }

    public function drop(string $name): void
    {
        $this->changed[$name] = null;
    }

    /** Writes what was changed. */
    public function save(): void
    {
        foreach ($this->changed as $name => $content) {
            $content === null ? $this->zip->deleteName($name) : $this->zip->addFromString($name, $content);
        }
        $this->zip->close() || throw new RuntimeException("Cannot write {$this->path}.");
    }

    /**
     * The elements that a path leads to, in the order of the document.
     *
     * @param  array<string, string>  $namespaces  by the prefixes that the path uses
     * @return list<DOMElement>
     */
    public static function found(DOMNode $in, string $path, array $namespaces): array
    {
        $document = $in instanceof DOMDocument ? $in : $in->ownerDocument;
        $reader = new DOMXPath($document ?? new DOMDocument);
        foreach ($namespaces as $prefix => $address) {
            $reader->registerNamespace($prefix, $address);
        }
        $found = [];
        foreach ($reader->query($path, $in) ?: [] as $node) {
            $node instanceof DOMElement && $found[] = $node;
        }

        return $found;
    }

    /** @param  array<string, string>  $namespaces  by the prefixes that the path uses */
    public static function first(DOMNode $in, string $path, array $namespaces): ?DOMElement
    {
        return self::found($in, $path, $namespaces)[0] ?? null;
    }

    /** Takes an element away and leaves what is in it. */
    public static function unwrap(DOMElement $element): void
    {
        while ($element->firstChild !== null) {
            $element->parentNode?->insertBefore($element->firstChild, $element);
        }
        self::remove($element);
    }

    public static function remove(DOMNode $node): void
    {
        $node->parentNode?->removeChild($node);
    }

    /** @throws FileRefused */
    private function measure(): void
    {
        if ($this->zip->numFiles > self::MOST_PARTS) {
            throw FileRefused::tooMuchWork();
        }
        $bytes = 0;
        for ($index = 0; $index < $this->zip->numFiles; $index++) {
            $part = $this->zip->statIndex($index);
            $bytes += $part === false ? throw FileRefused::damagedDocument() : $part['size'];
            if ($part['encryption_method'] !== ZipArchive::EM_NONE) {
                throw FileRefused::locked();
            }
        }
        if ($bytes > self::MOST_UNPACKED) {
            throw FileRefused::tooMuchWork();
        }
    }
}
