<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Paper\PageBoxes;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Paper\UnusableSize;

/** Reads what a PDF is before anything is made of it; refuses what cannot be used. */
final class PdfReader
{
    private const TAIL = 65536;

    public function __construct(private PdfObjects $objects)
    {
    }

    /**
     * @return non-empty-list<SourcePage>
     *
     * @throws FileRefused
     */
    public function pages(string $path): array
    {
        $pages = [];
        foreach ($this->boxes($path) as $number => $boxes) {
            try {
                $size = $boxes->displayed();
            } catch (UnusableSize $problem) {
                throw $problem->tooLarge
                    ? FileRefused::pageTooLarge($number, $problem)
                    : FileRefused::pageTooSmall($number, $problem);
            }
            $pages[] = new SourcePage($number, $size, $boxes->userUnit);
        }

        return $pages ?: throw FileRefused::noPages();
    }

    /**
     * Whether it is whole, as far as its end shows.
     *
     * @throws FileRefused
     */
    public function check(string $path): void
    {
        if ($this->isCutShort($path, (int) filesize($path))) {
            throw FileRefused::cutShort();
        }
    }

    /**
     * A whole PDF ends with "startxref", an offset and "%%EOF"; junk may follow, but no further object.
     *
     * A linearised file has such an end near its start as well, and a file saved in increments has one after each,
     * so that only the last one counts.
     */
    private function isCutShort(string $path, int $bytes): bool
    {
        $tail = (string) file_get_contents($path, offset: max(0, $bytes - self::TAIL));
        $end = strrpos($tail, 'startxref');
        if ($end === false) {
            return true;
        }
        $rest = substr($tail, $end);

        return preg_match('/^startxref\s+\d+\s+%%EOF/', $rest) !== 1 || preg_match('/\d+\s+\d+\s+obj\b/', $rest) === 1;
    }

    /**
     * Boxes and rotation as poppler sees them, inherited values included.
     *
     * @return array<int, PageBoxes> by page number
     *
     * @throws FileRefused
     */
    public function boxes(string $path): array
    {
        $most = (int) config('slate.files.most_pages');
        // One page more than allowed tells enough: a file that claims a million pages is not walked to its end.
        $process = LimitedProcess::run(['pdfinfo', '-box', '-f', '1', '-l', (string) ($most + 1), $path]);
        $said = $process->getErrorOutput();
        if (preg_match('/Incorrect password|needs a password/i', $said) === 1) {
            throw FileRefused::locked();
        }
        $out = $process->getOutput();
        $count = preg_match('/^Pages:\s+(\d+)/m', $out, $match) === 1 ? (int) $match[1] : 0;
        if (! $process->isSuccessful() || $count === 0) {
            throw $this->hasNoPages($path) ? FileRefused::noPages() : FileRefused::damaged();
        }
        if ($count > $most) {
            throw FileRefused::tooManyPages($count, $most);
        }
        $units = $this->userUnits($path);
        $boxes = [];
        for ($number = 1; $number <= $count; $number++) {
            $media = $this->box($out, $number, 'MediaBox');
            $crop = $this->box($out, $number, 'CropBox');
            if ($media === null || $crop === null) {
                throw FileRefused::pageUnreadable($number);
            }
            preg_match("/^Page\s+{$number} rot:\s+(-?\d+)/m", $out, $turn);
            $boxes[$number] = new PageBoxes(
                $media,
                $crop,
                Rotation::fromDegrees((int) round((int) ($turn[1] ?? 0) / 90) * 90),
                $units[$number] ?? 1.0,
            );
        }

        return $boxes;
    }

    /** @return array{float, float, float, float}|null */
    private function box(string $out, int $page, string $name): ?array
    {
        $number = '(-?[\d.]+(?:e[+-]?\d+)?)';
        if (
            preg_match("/^Page\s+{$page} {$name}:\s+{$number}\s+{$number}\s+{$number}\s+{$number}/m", $out, $at) !== 1
        ) {
            return null;
        }

        return [(float) $at[1], (float) $at[2], (float) $at[3], (float) $at[4]];
    }

    /** Whether the file is in order and simply empty, which poppler does not tell from damage. */
    private function hasNoPages(string $path): bool
    {
        $process = LimitedProcess::run(['qpdf', '--show-npages', $path]);

        return in_array($process->getExitCode(), PdfObjects::QPDF_READ_IT, true) && trim($process->getOutput()) === '0';
    }

    /**
     * /UserUnit of the pages that have one; poppler does not tell it, qpdf does.
     *
     * @return array<int, float> by page number
     */
    private function userUnits(string $path): array
    {
        $units = [];
        foreach ($this->objects->pages($path) as $number => $page) {
            $unit = $page['/UserUnit'] ?? null;
            if ((is_int($unit) || is_float($unit)) && $unit > 0) {
                $units[$number] = (float) $unit;
            }
        }

        return $units;
    }
}
