<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use App\Documents\Pdf\NewObjects;
use App\Documents\Pdf\PdfObjects;
use App\Documents\Pdf\PdfReader;
use OpenSlate\Paper\PageBoxes;
use RuntimeException;

/**
 * Lays pages of other PDFs beneath what a browser has laid out: their print stays print, and their words stay words.
 *
 * Nothing else of those PDFs comes along: no notes, no fields, no scripts, no links, nothing of their other pages. What
 * their notes and fields show is made part of the print.
 */
final class Underlay
{
    /** What of a page is its print (ISO 32000-1, table 30). */
    private const PRINT = ['/Type' => 1, '/Parent' => 1, '/Resources' => 1, '/Contents' => 1, '/Group' => 1];

    public function __construct(
        private PdfObjects $objects,
        private PdfReader $reader,
        private LaidTogether $together,
    ) {
    }

    /**
     * @param  string  $laid  the PDF that was laid out; its pages are at least as large as the sheets
     * @param  non-empty-list<Sheet>  $sheets  for each of its pages
     * @param  string  $folder  to work in
     * @return string where the PDF is; each of its pages has the size of its sheet
     *
     * @throws FileRefused when a PDF beneath cannot be read, or a limit is reached
     */
    public function lay(string $laid, array $sheets, string $folder): string
    {
        $sized = $this->sized($laid, $sheets, "{$folder}/sized.pdf");
        $under = array_filter(array_map(fn (Sheet $sheet): ?Underprint => $sheet->under, $sheets));
        if ($under === []) {
            return $sized;
        }
        [$beneath, $from] = $this->beneath($under, $folder);
        $to = array_map(fn (int $index): int => $index + 1, array_keys($under));
        $made = "{$folder}/underlaid.pdf";
        $this->qpdf([
            $sized,
            '--underlay',
            $beneath,
            '--to='.implode(',', $to),
            '--from='.implode(',', $from),
            '--',
            $made,
        ]);

        return $this->together->opened($made, "{$folder}/opened.pdf");
    }

    /**
     * Each page in the size of its sheet, and, as the box into which qpdf fits what it lays beneath, the frame of that.
     *
     * @param  list<Sheet>  $sheets
     */
    private function sized(string $laid, array $sheets, string $made): string
    {
        $references = $this->objects->pageReferences($laid);
        $pages = $this->objects->pages($laid);
        if (count($pages) !== count($sheets)) {
            throw new RuntimeException(count($pages).' pages were laid out for '.count($sheets).' sheets.');
        }
        $objects = new NewObjects(0);
        foreach ($sheets as $index => $sheet) {
            $page = $pages[$index + 1];
            $top = (float) (is_array($page['/MediaBox'] ?? null) ? $page['/MediaBox'][3] ?? 0 : 0);
            $box = new PageBoxes([0, $top - $sheet->size->height, $sheet->size->width, $top]);
            $frame = $sheet->under === null ? [] : ['/TrimBox' => self::rounded($box->rectangle($sheet->under->frame))];
            $objects->put(
                $references[$index + 1],
                ['/MediaBox' => self::rounded($box->media), '/CropBox' => self::rounded($box->media)] + $frame + $page,
            );
        }

        return $this->objects->replaced($laid, $objects->all(), $made);
    }

    /**
     * A PDF of the pages that lie beneath, each cut to what shows of it, and for each sheet the number of its page.
     *
     * @param  non-empty-array<int, Underprint>  $under
     * @return array{string, list<int>}
     */
    private function beneath(array $under, string $folder): array
    {
        $different = [];
        $numbers = [];
        foreach ($under as $print) {
            $name = serialize([$print->path, $print->page, $print->window, $print->turn, $print->frame->width]);
            $different[$name] ??= [count($different) + 1, $print];
            $numbers[] = $different[$name][0];
        }
        $prints = array_column($different, 1);
        $made = "{$folder}/beneath.pdf";
        $this->qpdf(['--empty', '--pages', ...$this->flat($prints, $folder), '--', $made]);

        return [$this->cut($made, $prints, "{$folder}/cut.pdf"), $numbers];
    }

    /**
     * @param  list<Underprint>  $prints
     * @return list<string> files whose notes and fields are print, each with the number of a page
     */
    private function flat(array $prints, string $folder): array
    {
        $files = [];
        $pages = [];
        foreach ($prints as $print) {
            if (! isset($files[$print->path])) {
                $files[$print->path] = "{$folder}/flat-".count($files).'.pdf';
                $this->qpdf([
                    $print->path,
                    '--decrypt',
                    '--generate-appearances',
                    '--flatten-annotations=screen',
                    $files[$print->path],
                ]);
            }
            array_push($pages, $files[$print->path], (string) $print->page);
        }

        return $pages;
    }

    /**
     * @param  list<Underprint>  $prints  one for each page
     */
    private function cut(string $path, array $prints, string $made): string
    {
        $boxes = [];
        $objects = new NewObjects(0);
        $references = $this->objects->pageReferences($path);
        foreach ($this->objects->pages($path) as $number => $page) {
            $print = $prints[$number - 1];
            $boxes[$print->path] ??= $this->reader->boxes($print->path);
            $own = $boxes[$print->path][$print->page] ?? throw FileRefused::pageUnreadable($print->page);
            $shown = self::rounded($own->rectangle($print->window));
            $turned = $print->window->turned($print->turn, 0, 0);
            $objects->put(
                $references[$number],
                [
                    '/MediaBox' => $shown,
                    '/CropBox' => $shown,
                    '/Rotate' => $own->rotation->plus($print->turn)->value,
                    '/UserUnit' => $own->userUnit * $print->frame->width / $turned->width,
                ] + array_intersect_key($page, self::PRINT),
            );
        }

        return $this->objects->replaced($path, $objects->all(), $made);
    }

    /** @param  list<string>  $arguments */
    private function qpdf(array $arguments): void
    {
        $process = LimitedProcess::run(['qpdf', ...$arguments]);
        in_array($process->getExitCode(), PdfObjects::QPDF_READ_IT, true) || throw FileRefused::damaged();
    }

    /**
     * @param  array<int, float>  $box
     * @return list<float>
     */
    private static function rounded(array $box): array
    {
        return array_values(array_map(fn (float $side): float => round($side, 4), $box));
    }
}
