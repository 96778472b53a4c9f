<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use App\Documents\Pdf\PdfReader;
use App\Documents\QrCode;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Scan\CodeSpots;
use TCPDF;

/** Prints codes on pages that are made, where the least is printed on each. */
final class Codes
{
    /** What is printed is looked at in so many dots to the inch, where a letter is some grey dots. */
    private const DPI = 36;

    /** Of 255: the paper itself, and what a light tint of it is. */
    private const PAPER = 235;

    public function __construct(private Layers $layers, private PdfReader $reader)
    {
    }

    /**
     * @param  list<CodedSheet|null>  $sheets  for each page; null where it gets none
     * @param  string  $folder  to work in
     * @return string where the PDF is
     *
     * @throws FileRefused when a limit is reached
     */
    public function lay(string $path, array $sheets, string $folder): string
    {
        if (array_filter($sheets) === []) {
            return $path;
        }
        $inked = $this->inked($path, $folder);
        $pdf = new TCPDF('P', 'pt');
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->setAutoPageBreak(false);
        foreach ($sheets as $index => $sheet) {
            $size = $sheet->size ?? null;
            [$width, $height] = $size === null ? [595.0, 842.0] : [$size->width, $size->height];
            $pdf->AddPage($width > $height ? 'L' : 'P', [$width, $height]);
            if ($sheet !== null && isset($inked[$index])) {
                $this->onPage($pdf, $sheet, $inked[$index]);
            }
        }
        $pdf->Output("{$folder}/codes.pdf", 'F');
        $boxes = $this->reader->boxes($path);
        $layers = [];
        foreach (array_filter($sheets) as $index => $sheet) {
            $shown = $boxes[$index + 1]->rectangle($sheet->size->frame());
            $all = [0.0, 0.0, $sheet->size->width, $sheet->size->height];
            $layers[$index + 1] = [
                new Layer("{$folder}/codes.pdf", $index + 1, $all, Rotation::None, $shown, isOver: true),
            ];
        }

        return $this->layers->lay($path, [], $layers, $folder, "{$folder}/coded.pdf");
    }

    private function onPage(TCPDF $pdf, CodedSheet $sheet, string $picture): void
    {
        $spots = CodeSpots::of($sheet->size);
        $taken = self::ink($picture, $spots, $sheet->size->width);
        foreach ($spots as $number => $spot) {
            foreach ($sheet->kept as $kept) {
                $taken[$number] = max($taken[$number], self::shared($spot, $kept));
            }
        }
        foreach (CodeSpots::chosen($sheet->size, $taken) as $number) {
            $spot = $spots[$number];
            [$squares, $bars] = QrCode::bars(($sheet->text)($number));
            $square = $spot->width / $squares;
            $pdf->Rect($spot->x, $spot->y, $spot->width, $spot->height, 'F', [], [255, 255, 255]);
            foreach ($bars as [$x, $y, $length]) {
                // A hair higher than they are: between bars that touch no white shows.
                $place = [$spot->x + $x * $square, $spot->y + $y * $square];
                $pdf->Rect(...$place, ...[$length * $square, 1.02 * $square, 'F', [], [0, 0, 0]]);
            }
        }
    }

    /** @return list<string> pictures of the pages, as PGM files are */
    private function inked(string $path, string $folder): array
    {
        $process = LimitedProcess::run(
            ['pdftoppm', '-cropbox', '-gray', '-r', (string) self::DPI, $path, "{$folder}/inked"],
        );
        $process->isSuccessful() || throw FileRefused::damaged();
        $files = glob("{$folder}/inked-*.pgm") ?: [];
        natsort($files);

        return array_map(fn (string $file): string => (string) file_get_contents($file), array_values($files));
    }

    /**
     * @param  array<int, Frame>  $spots
     * @return array<int, float> what share of each is printed on
     */
    private static function ink(string $picture, array $spots, float $width): array
    {
        $ink = array_fill_keys(array_keys($spots), 0.0);
        if (preg_match('/^P5\s+(\d+)\s+(\d+)\s+255\s/', $picture, $head) !== 1) {
            return $ink;
        }
        $across = (int) $head[1];
        $dots = $across / $width;
        foreach ($spots as $number => $spot) {
            [$left, $right] = [(int) floor($spot->x * $dots), (int) ceil($spot->right() * $dots)];
            [$top, $bottom] = [(int) floor($spot->y * $dots), (int) ceil($spot->bottom() * $dots)];
            $seen = '';
            for ($row = max(0, $top); $row < min($bottom, (int) $head[2]); $row++) {
                $seen .= substr($picture, strlen($head[0]) + $row * $across + $left, $right - $left);
            }
            $dark = array_filter(
                count_chars($seen, 1),
                fn (int $level): bool => $level < self::PAPER,
                ARRAY_FILTER_USE_KEY,
            );
            $ink[$number] = array_sum($dark) / max(1, strlen($seen));
        }

        return $ink;
    }

    /** @return float what share of a spot another takes */
    private static function shared(Frame $spot, Frame $other): float
    {
        $across = min($spot->right(), $other->right()) - max($spot->x, $other->x);
        $down = min($spot->bottom(), $other->bottom()) - max($spot->y, $other->y);

        return max(0.0, $across) * max(0.0, $down) / ($spot->width * $spot->height);
    }
}
