<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;

/** Reads objects of a PDF as qpdf writes them in JSON: names with their slash, references as "12 0 R". */
final class PdfObjects
{
    /** Exit status 3 is "with warnings": small faults that qpdf has mended. */
    public const QPDF_READ_IT = [0, 3];

    /** What JSON makes of this in memory is some ten times as much. */
    private const MOST_SAID = 16 * 1024 * 1024;

    private const REFERENCE = '/^(\d{1,10}) (\d{1,5}) R$/D';

    /** What one call asks for, so that no command line grows beyond what systems take. */
    private const AT_ONCE = 2000;

    /**
     * Sizes, links and fields are read one after the other, and each begins with the pages.
     *
     * @var array{list<mixed>, array<int, array<array-key, mixed>>}|null of which file, and its pages
     */
    private ?array $last = null;

    /**
     * @return array<int, array<array-key, mixed>> the dictionary of each page that could be read, by number
     *
     * @throws FileRefused
     */
    public function pages(string $path): array
    {
        clearstatcache(true, $path);
        $file = [$path, @fileinode($path), @filesize($path), @filemtime($path)];
        if ($this->last === null || $this->last[0] !== $file) {
            $this->last = [$file, $this->readPages($path)];
        }

        return $this->last[1];
    }

    /**
     * @return array<int, array<array-key, mixed>>
     *
     * @throws FileRefused
     */
    private function readPages(string $path): array
    {
        $references = $this->pageReferences($path);
        $objects = $this->read($path, array_values($references));

        return array_filter(
            array_map(fn (string $reference): mixed => $objects[$reference] ?? null, $references),
            is_array(...),
        );
    }

    /**
     * @return array<int, string> the reference of each page's dictionary, by number
     *
     * @throws FileRefused
     */
    public function pageReferences(string $path): array
    {
        $references = [];
        foreach ($this->json(['qpdf', '--json=2', '--json-key=pages', $path], 'pages') as $index => $page) {
            if (is_array($page) && is_string($page['object'] ?? null)) {
                $references[(int) $index + 1] = $page['object'];
            }
        }

        return $references;
    }

    /**
     * The annotations of one kind (ISO 32000-1, 12.5), page by page.
     *
     * @param  string  $subtype  with its slash
     * @return array<string, array<array-key, mixed>> by page number and place: "12 0"
     *
     * @throws FileRefused
     */
    public function annotations(string $path, string $subtype, int $mostOnAPage): array
    {
        $lists = $this->followed(
            $path,
            array_map(fn (array $page): mixed => $page['/Annots'] ?? null, $this->pages($path)),
        );
        $all = [];
        foreach ($lists as $number => $list) {
            foreach (
                is_array($list) ? array_slice(array_values($list), 0, $mostOnAPage) : [] as $index => $annotation
            ) {
                $all["{$number} {$index}"] = $annotation;
            }
        }

        return array_filter(
            array_filter($this->followed($path, $all), is_array(...)),
            fn (array $one): bool => ($one['/Subtype'] ?? null) === $subtype,
        );
    }

    /**
     * The annotations of one kind that are objects of their own.
     *
     * @param  string  $subtype  with its slash
     * @return array<string, array<array-key, mixed>> by their references
     *
     * @throws FileRefused
     */
    public function annotated(string $path, string $subtype): array
    {
        $lists = $this->followed(
            $path,
            array_map(fn (array $page): mixed => $page['/Annots'] ?? null, $this->pages($path)),
        );
        $references = array_merge(...array_values(array_map(
            fn (mixed $list): array => is_array($list) ? array_values($list) : [],
            $lists,
        )));

        return array_filter(
            $this->read($path, $references),
            fn (mixed $one): bool => is_array($one) && ($one['/Subtype'] ?? null) === $subtype,
        );
    }

    /**
     * Writes the PDF anew with other objects in the places of some, and with new ones: see end.
     *
     * @param  array<string, array{value?: mixed, stream?: mixed}>  $objects  by their references: "obj:12 0 R"
     * @return string where it is
     *
     * @throws FileRefused
     */
    public function replaced(string $path, array $objects, string $made): string
    {
        $head = $this->trailer($path);
        $changes = "{$made}.json";
        file_put_contents($changes, json_encode(
            ['qpdf' => [$head[0] ?? null, $objects]],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ));
        $process = LimitedProcess::run(['qpdf', $path, "--update-from-json={$changes}", $made]);

        return in_array($process->getExitCode(), self::QPDF_READ_IT, true) ? $made : throw FileRefused::damaged();
    }

    /**
     * @return array{int, string|null} the largest number of an object, and the reference of the catalogue
     *
     * @throws FileRefused
     */
    public function end(string $path): array
    {
        [$head, $objects] = $this->trailer($path) + [[], []];
        $trailer = is_array($objects) ? $objects['trailer']['value'] ?? null : null;
        $root = is_array($trailer) ? $trailer['/Root'] ?? null : null;

        return [(int) (is_array($head) ? $head['maxobjectid'] ?? 0 : 0), is_string($root) ? $root : null];
    }

    /** @return array<array-key, mixed> what qpdf says of the file, and its trailer */
    private function trailer(string $path): array
    {
        return $this->json(['qpdf', '--json=2', '--json-key=qpdf', '--json-object=trailer', $path], 'qpdf');
    }

    /**
     * Values, with objects in place of the references to them; what leads nowhere is null.
     *
     * @template K of array-key
     *
     * @param  array<K, mixed>  $values
     * @return array<K, mixed>
     *
     * @throws FileRefused
     */
    public function followed(string $path, array $values): array
    {
        $known = $this->read($path, array_values($values));

        return array_map(fn (mixed $value): mixed => is_string($value) ? $known[$value] ?? null : $value, $values);
    }

    /**
     * Objects by their references; what is no reference, or leads nowhere, is left out.
     *
     * @param  list<mixed>  $references
     * @return array<string, mixed>
     *
     * @throws FileRefused
     */
    public function read(string $path, array $references): array
    {
        return array_map(
            fn (array $object): mixed => $object['value'],
            array_filter(
                $this->objects($path, $references),
                fn (array $object): bool => array_key_exists('value', $object),
            ),
        );
    }

    /**
     * Streams by their references; what is no reference, or leads to none, is left out.
     *
     * @param  list<mixed>  $references
     * @return array<string, array<array-key, mixed>> their dictionaries
     *
     * @throws FileRefused
     */
    public function streams(string $path, array $references): array
    {
        $streams = [];
        foreach ($this->objects($path, $references) as $reference => $object) {
            $stream = $object['stream'] ?? null;
            if (is_array($stream) && is_array($stream['dict'] ?? null)) {
                $streams[$reference] = $stream['dict'];
            }
        }

        return $streams;
    }

    /**
     * @return string what is in a stream, unpacked
     *
     * @throws FileRefused
     */
    public function data(string $path, string $reference): string
    {
        $object = (string) preg_replace(self::REFERENCE, '$1,$2', $reference);
        $process = LimitedProcess::run(['qpdf', "--show-object={$object}", '--filtered-stream-data', $path]);

        return in_array($process->getExitCode(), self::QPDF_READ_IT, true)
            ? $process->getOutput()
            : throw FileRefused::damaged();
    }

    /**
     * @param  list<mixed>  $references
     * @return array<string, array<array-key, mixed>> objects as it writes them, by their references
     *
     * @throws FileRefused
     */
    private function objects(string $path, array $references): array
    {
        $wanted = array_values(
            array_unique(
                array_filter(
                    $references,
                    fn (mixed $value): bool => is_string($value) && preg_match(self::REFERENCE, $value) === 1,
                ),
            ),
        );
        $objects = [];
        foreach (array_chunk($wanted, self::AT_ONCE) as $some) {
            $asked = array_map(
                fn (string $reference): string => '--json-object='.preg_replace(self::REFERENCE, '$1,$2', $reference),
                $some,
            );
            $said = $this->json(['qpdf', '--json=2', '--json-key=qpdf', ...$asked, $path], 'qpdf');
            foreach (is_array($said[1] ?? null) ? $said[1] : [] as $name => $object) {
                if (is_array($object) && is_string($name)) {
                    $objects[substr($name, 4)] = $object;
                }
            }
        }

        return $objects;
    }

    /**
     * @param  non-empty-list<string>  $command
     * @return array<array-key, mixed>
     */
    private function json(array $command, string $key): array
    {
        $process = LimitedProcess::run($command, null, self::MOST_SAID);
        $decoded = in_array($process->getExitCode(), self::QPDF_READ_IT, true)
            ? json_decode($process->getOutput(), true)
            : null;
        $value = is_array($decoded) ? $decoded[$key] ?? [] : [];

        return is_array($value) ? $value : [];
    }
}
