<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use App\Documents\Pdf\NewObjects;
use App\Documents\Pdf\PdfObjects;
use RuntimeException;

/**
 * Lays pages of some PDFs beneath and over those of another, as forms (ISO 32000-1, 8.10). What was on a page before
 * stays its own content: only there are the marks found that its tags name (14.7.4.2), which is why qpdf, that would
 * wrap it up, does not do it.
 */
final class Layers
{
    /** What of a page that is laid is its print. */
    private const OF_FORM = ['/Resources' => 1, '/Group' => 1];

    private const PACKED = ['/Filter' => 1, '/DecodeParms' => 1];

    public function __construct(private PdfObjects $objects)
    {
    }

    /**
     * @param  array<int, array<string, mixed>>  $pages  what is otherwise on each page of the PDF, by number
     * @param  array<int, list<Layer>>  $layers  likewise
     * @param  string  $folder  to work in
     * @return string where the PDF is
     *
     * @throws FileRefused when a PDF that is laid cannot be read, or a limit is reached
     */
    public function lay(string $path, array $pages, array $layers, string $folder, string $made): string
    {
        $laid = [];
        foreach (array_merge([], ...$layers) as $layer) {
            $laid["{$layer->page} {$layer->path}"] ??= $layer;
        }
        $together = $path;
        if ($laid !== []) {
            // All in one file, so that each can name what the others are made of.
            $together = "{$folder}/together.pdf";
            $from = array_map(fn (Layer $one): array => [$one->path, (string) $one->page], array_values($laid));
            $files = ['--pages', '.', '1-z', ...array_merge(...$from), '--'];
            $this->qpdf([$path, '--coalesce-contents', ...$files, $together]);
        }
        $references = $this->objects->pageReferences($together);
        $there = $this->objects->read($together, array_values($references));
        $count = count($references) - count($laid);
        if ($pages !== [] && max(array_keys($pages)) !== $count) {
            throw new RuntimeException(count($pages)." pages are said of {$count}.");
        }
        $objects = new NewObjects($laid === [] ? 0 : $this->objects->end($together)[0]);
        $forms = $this->forms($together, $objects, $laid, array_map(
            fn (string $reference): mixed => $there[$reference] ?? null,
            array_slice($references, $count),
        ));
        $resources = $this->resources($together, $references, $there, array_keys($layers));
        foreach ($references as $number => $reference) {
            if ($number > $count || (! isset($pages[$number]) && ! isset($layers[$number]))) {
                continue;
            }
            $page = ($pages[$number] ?? []) + (array) ($there[$reference] ?? []);
            $objects->put($reference, isset($layers[$number])
                ? $this->page($objects, $page, $layers[$number], $forms, $resources[$number])
                : $page);
        }
        $put = $this->objects->replaced($together, $objects->all(), $laid === [] ? $made : "{$folder}/put.pdf");

        return $laid === [] ? $put : $this->qpdf([$put, '--pages', '.', "1-{$count}", '--', $made]);
    }

    /**
     * @param  array<string, Layer>  $laid
     * @param  list<mixed>  $pages  that they are of
     * @return array<string, string> the references of the forms that these are made into
     */
    private function forms(string $path, NewObjects $objects, array $laid, array $pages): array
    {
        $contents = array_map(fn (mixed $page): mixed => is_array($page) ? $page['/Contents'] ?? null : null, $pages);
        $streams = $this->objects->streams($path, $contents);
        $forms = [];
        foreach (array_keys($laid) as $index => $which) {
            $dictionary = [
                '/Type' => '/XObject',
                '/Subtype' => '/Form',
                '/BBox' => $laid[$which]->from,
            ] + array_intersect_key((array) $pages[$index], self::OF_FORM);
            $content = $contents[$index];
            if (in_array($content, $forms, true)) {
                // Two pages may say the same, each with fonts of its own.
                $forms[$which] = $objects->stream($this->objects->data($path, (string) $content), $dictionary);
            } elseif (is_string($content) && isset($streams[$content])) {
                // Packed as it is.
                $objects->dictionary($content, $dictionary + array_intersect_key($streams[$content], self::PACKED));
                $forms[$which] = $content;
            } else {
                $forms[$which] = $objects->stream('', $dictionary); // Nothing is on it.
            }
        }

        return $forms;
    }

    /**
     * @param  array<array-key, mixed>  $page
     * @param  list<Layer>  $layers
     * @param  array<string, string>  $forms
     * @param  array{array<array-key, mixed>, array<array-key, mixed>}  $resources
     * @return array<array-key, mixed>
     */
    private function page(NewObjects $objects, array $page, array $layers, array $forms, array $resources): array
    {
        [$all, $named] = $resources;
        $content = ['', ''];
        foreach ($layers as $layer) {
            $form = $forms["{$layer->page} {$layer->path}"];
            // A number of its own, so that no other form there is called so.
            $name = '/Laid'.(int) $form;
            $named[$name] = $form;
            $content[(int) $layer->isOver] .= $layer->content($name);
        }

        return [
            '/Contents' => array_values(array_filter([
                $objects->stream("{$content[0]}q\n", []),
                $page['/Contents'] ?? null,
                $objects->stream("\nQ\n{$content[1]}", []),
            ])),
            '/Resources' => ['/XObject' => $named] + $all,
        ] + $page;
    }

    /**
     * @param  array<int, string>  $references
     * @param  array<string, mixed>  $there
     * @param  list<int>  $numbers
     * @return array<int, array{array<array-key, mixed>, array<array-key, mixed>}> of the pages, and the forms in them
     */
    private function resources(string $path, array $references, array $there, array $numbers): array
    {
        $list = fn (mixed $one): array => is_array($one) ? $one : [];
        $resources = [];
        foreach ($numbers as $number) {
            $resources[$number] = $list($there[$references[$number] ?? ''] ?? [])['/Resources'] ?? [];
        }
        $resources = array_map($list, $this->objects->followed($path, $resources));
        $forms = $this->objects->followed(
            $path,
            array_map(fn (array $one): mixed => $one['/XObject'] ?? [], $resources),
        );

        $both = [];
        foreach ($resources as $number => $one) {
            $both[$number] = [$one, $list($forms[$number])];
        }

        return $both;
    }

    /** @param  list<string>  $arguments */
    private function qpdf(array $arguments): string
    {
        $process = LimitedProcess::run(['qpdf', ...$arguments]);

        return in_array($process->getExitCode(), PdfObjects::QPDF_READ_IT, true)
            ? (string) end($arguments)
            : throw FileRefused::damaged();
    }
}
