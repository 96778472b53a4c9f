<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use App\Documents\FileRefused;
use App\Documents\Pdf\NewObjects;
use App\Documents\Pdf\PdfObjects;

/**
 * Pages onto which qpdf has laid others, with what was on them as their own content again. It wraps that up as a form
 * (ISO 32000-1, 8.10), in which the marks of a tagged page are lost to those who read it aloud: a structure tree names
 * marks in the content of a page (14.7.4.2).
 */
final class LaidTogether
{
    /** What it calls the page itself, among what it lays there. */
    private const ITSELF = '/Fx0';

    /** Of a form, what is none of a stream's. */
    private const OF_FORMS = ['/Type', '/Subtype', '/BBox', '/Matrix', '/FormType', '/Group', '/Resources', '/Length'];

    public function __construct(private PdfObjects $objects)
    {
    }

    /**
     * @return string where the PDF is
     *
     * @throws FileRefused
     */
    public function opened(string $path, string $made): string
    {
        $references = $this->objects->pageReferences($path);
        $pages = array_filter(
            $this->objects->pages($path),
            fn (array $page): bool => isset($page['/Resources']['/XObject'][self::ITSELF]),
        );
        if ($pages === []) {
            return $path;
        }
        $itself = array_map(fn (array $page): string => $page['/Resources']['/XObject'][self::ITSELF], $pages);
        $contents = $this->objects->streams($path, array_column($pages, '/Contents'), true);
        $forms = $this->objects->streams($path, array_values($itself), false);
        $resources = $this->objects->followed(
            $path,
            array_map(fn (string $form): mixed => $forms[$form][0]['/Resources'] ?? [], $itself),
        );
        $objects = new NewObjects($this->objects->end($path)[0]);
        foreach ($pages as $number => $page) {
            [$before, $after, $used] = self::around(
                $contents[$page['/Contents']][1] ?? '',
                $page['/Resources']['/XObject'],
            );
            $own = is_array($resources[$number]) ? $resources[$number] : [];
            $there = $this->objects->followed($path, [$own['/XObject'] ?? []])[0];
            $objects->put($references[$number], [
                '/Contents' => [
                    $objects->stream("{$before}\nq\n", []),
                    $itself[$number],
                    $objects->stream("\nQ\n{$after}", []),
                ],
                '/Resources' => ['/XObject' => $used + (is_array($there) ? $there : [])] + $own,
            ] + $page);
            $objects->dictionary(
                $itself[$number],
                array_diff_key($forms[$itself[$number]][0] ?? [], array_flip(self::OF_FORMS)),
            );
        }

        return $this->objects->replaced($path, $objects->all(), $made);
    }

    /**
     * @param  string  $content  as qpdf writes it: what is laid beneath, the page itself, what is laid over it
     * @param  array<string, string>  $forms  by their names
     * @return array{string, string, array<string, string>} what is before the page itself, what is after it, and the
     *                                                      forms there by names that nothing else has
     */
    private static function around(string $content, array $forms): array
    {
        preg_match_all('/q\s+([-\d. ]+ cm)\s+(\/Fx\d+) Do\s+Q/', $content, $laid, PREG_SET_ORDER);
        $parts = ['', ''];
        $used = [];
        $at = 0;
        foreach ($laid as [, $matrix, $name]) {
            if ($name === self::ITSELF) {
                $at = 1;

                continue;
            }
            $own = '/Laid'.(int) $forms[$name];
            $used[$own] = $forms[$name];
            $parts[$at] .= "q\n{$matrix}\n{$own} Do\nQ\n";
        }

        return [...$parts, $used];
    }
}
