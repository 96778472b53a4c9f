<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
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
    public function __construct(private Layers $layers, private PdfReader $reader)
    {
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
        $laidOut = $this->reader->boxes($laid);
        $files = $boxes = $pages = $layers = [];
        foreach ($sheets as $index => $sheet) {
            // From the top of what was laid out: there is a little more of it below and on the right.
            $top = $laidOut[$index + 1]->media[3] ?? throw new RuntimeException('A page was not laid out.');
            $box = new PageBoxes([0, $top - $sheet->size->height, $sheet->size->width, $top]);
            $shown = self::rounded($box->media);
            $pages[$index + 1] = ['/MediaBox' => $shown, '/CropBox' => $shown];
            if ($sheet->under !== null) {
                $print = $sheet->under;
                $files[$print->path] ??= $this->flat($print->path, "{$folder}/flat-".count($files).'.pdf');
                $boxes[$print->path] ??= $this->reader->boxes($print->path);
                $own = $boxes[$print->path][$print->page] ?? throw FileRefused::pageUnreadable($print->page);
                $layers[$index + 1] = [new Layer(
                    $files[$print->path],
                    $print->page,
                    self::rounded($own->rectangle($print->window)),
                    $own->rotation->plus($print->turn),
                    self::rounded($box->rectangle($print->frame)),
                )];
            }
        }

        return $this->layers->lay($laid, $pages, $layers, $folder, "{$folder}/underlaid.pdf");
    }

    /** The file with its notes and fields as print. */
    private function flat(string $path, string $made): string
    {
        $process = LimitedProcess::run([
            'qpdf',
            $path,
            '--decrypt',
            '--generate-appearances',
            '--flatten-annotations=screen',
            $made,
        ]);

        return in_array($process->getExitCode(), PdfObjects::QPDF_READ_IT, true) ? $made : throw FileRefused::damaged();
    }

    /**
     * @param  array<int, float>  $box
     * @return array{float, float, float, float}
     */
    private static function rounded(array $box): array
    {
        $sides = array_map(fn (float $side): float => round($side, 4), array_values($box));

        return [$sides[0], $sides[1], $sides[2], $sides[3]];
    }
}
