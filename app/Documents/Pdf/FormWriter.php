<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use OpenSlate\Forms\FormField;

/**
 * Lays form fields over the pages of a PDF, which stay what they are: their print, fonts and links. Fields that it has
 * already stay as well.
 */
final class FormWriter
{
    public function __construct(private PdfObjects $objects, private PdfReader $reader)
    {
    }

    /**
     * @param  array<int, list<FormField>>  $fields  by page number
     * @param  string  $made  where the PDF with the fields is to be
     *
     * @throws FileRefused
     */
    public function write(string $path, array $fields, string $made): void
    {
        [$last, $root] = $this->objects->end($path);
        $catalogue = $root === null ? null : $this->followed($path, $root);
        if ($root === null || ! is_array($catalogue)) {
            throw FileRefused::damaged();
        }
        $objects = new NewObjects($last);
        $roots = $this->onPages($path, $fields, $objects);
        $objects->put($root, [
            '/AcroForm' => $this->form($path, $catalogue['/AcroForm'] ?? null, $roots, $objects),
        ] + $catalogue);
        $this->objects->replaced($path, $objects->all(), $made);
    }

    /**
     * @param  array<int, list<FormField>>  $fields
     * @return list<string> their references
     */
    private function onPages(string $path, array $fields, NewObjects $objects): array
    {
        $references = $this->objects->pageReferences($path);
        $boxes = $this->reader->boxes($path);
        $pages = $this->objects->pages($path);
        $marks = new FormMarks($objects);
        $roots = [];
        foreach ($fields as $number => $ofPage) {
            if (! isset($pages[$number], $boxes[$number], $references[$number]) || $ofPage === []) {
                continue;
            }
            $page = new FormPage($objects, $marks, $boxes[$number], $references[$number]);
            array_map($page->add(...), $ofPage);
            array_push($roots, ...$page->fields);
            $there = self::listed($this->followed($path, $pages[$number]['/Annots'] ?? []));
            $objects->put($references[$number], ['/Annots' => [...$there, ...$page->widgets]] + $pages[$number]);
        }

        return $roots;
    }

    /**
     * @param  list<string>  $fields
     * @return array<array-key, mixed> of the whole file (12.7.2)
     */
    private function form(string $path, mixed $there, array $fields, NewObjects $objects): array
    {
        $there = $this->followed($path, $there);
        $there = is_array($there) ? $there : [];
        $known = self::listed($this->followed($path, $there['/Fields'] ?? []));
        $font = ['/Type' => '/Font', '/Subtype' => '/Type1', '/Encoding' => '/WinAnsiEncoding'];
        $resources = $this->followed($path, $there['/DR'] ?? []);
        $resources = is_array($resources) ? $resources : [];
        $fonts = $this->followed($path, $resources['/Font'] ?? []);
        $fonts = is_array($fonts) ? $fonts : [];

        return [
            '/Fields' => [...$known, ...$fields],
            '/NeedAppearances' => true,
            '/DR' => [
                '/Font' => $fonts + ['/Helv' => $objects->add($font + ['/BaseFont' => '/Helvetica'])],
            ] + $resources,
        ] + $there + ['/DA' => 'u:/Helv 0 Tf 0 g'];
    }

    private function followed(string $path, mixed $value): mixed
    {
        return $this->objects->followed($path, [$value])[0];
    }

    /** @return list<mixed> */
    private static function listed(mixed $value): array
    {
        return is_array($value) ? array_values($value) : [];
    }
}
