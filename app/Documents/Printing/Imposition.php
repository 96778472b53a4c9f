<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use App\Documents\Pdf\PdfObjects;
use setasign\Fpdi\PdfReader\PageBoundaries;

/** Lays several pages of a PDF on each side of paper of the same size, each as large as there is room for. */
final class Imposition
{
    /** Round each page, in points: printers do not reach the edge, and hands need something to hold. */
    private const MARGIN = 14.0;

    /**
     * @param  string  $folder  to work in
     * @return string where the PDF is: the file itself, where there is one page on a sheet
     *
     * @throws FileRefused
     */
    public function lay(string $path, PerSheet $how, string $folder): string
    {
        if ($how === PerSheet::One) {
            return $path;
        }
        // What reads it here knows no packed objects (ISO 32000-1, 7.5.7).
        $plain = "{$folder}/plain.pdf";
        $process = LimitedProcess::run(['qpdf', $path, '--object-streams=disable', $plain]);
        if (! in_array($process->getExitCode(), PdfObjects::QPDF_READ_IT, true)) {
            throw FileRefused::damaged();
        }
        $pdf = new ImposedPages;
        $count = $pdf->setSourceFile($plain);
        $pages = $sizes = [];
        for ($number = 1; $number <= $count; $number++) {
            $pages[$number] = (string) $pdf->importPage($number, PageBoundaries::CROP_BOX);
            $size = $pdf->getTemplateSize($pages[$number]);
            $sizes[$number] = is_array($size) ? [(float) $size['width'], (float) $size['height']] : [595.0, 842.0];
        }
        [$width, $height] = [max([1.0, ...array_column($sizes, 0)]), max([1.0, ...array_column($sizes, 1)])];
        [$across, $down] = $how->cells();
        // Two upright pages lie beside each other on paper that lies; two that lie, below each other on upright paper.
        if ($across !== $down) {
            [$width, $height] = [$height, $width];
            [$across, $down] = $width >= $height ? [2, 1] : [1, 2];
        }
        foreach ($how->sides($count) as $side) {
            $pdf->AddPage($width >= $height ? 'L' : 'P', [$width, $height]);
            foreach ($side as $cell => $number) {
                if ($number === null) {
                    continue;
                }
                $room = [$width / $across, $height / $down];
                $factor = min(
                    ($room[0] - 2 * self::MARGIN) / $sizes[$number][0],
                    ($room[1] - 2 * self::MARGIN) / $sizes[$number][1],
                );
                $pdf->useTemplate(
                    $pages[$number],
                    ($cell % $across) * $room[0] + ($room[0] - $sizes[$number][0] * $factor) / 2,
                    intdiv($cell, $across) * $room[1] + ($room[1] - $sizes[$number][1] * $factor) / 2,
                    $sizes[$number][0] * $factor,
                    $sizes[$number][1] * $factor,
                );
            }
        }
        $made = "{$folder}/imposed.pdf";
        $pdf->Output($made, 'F');

        return is_file($made) ? $made : throw FileRefused::notWritten();
    }
}
