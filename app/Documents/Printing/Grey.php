<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use Symfony\Component\Process\ExecutableFinder;

/** Takes the colours out of a PDF that is to be printed with black ink alone; words stay words, and lines lines. */
final class Grey
{
    private const PROGRAM = 'gs';

    public static function isThere(): bool
    {
        return (new ExecutableFinder)->find(self::PROGRAM) !== null;
    }

    /**
     * @return string where the PDF is
     *
     * @throws FileRefused when a limit is reached
     */
    public function of(string $path, string $made): string
    {
        $process = LimitedProcess::run([
            self::PROGRAM,
            '-q',
            '-dSAFER',
            '-dBATCH',
            '-dNOPAUSE',
            '-sDEVICE=pdfwrite',
            '-dCompatibilityLevel=1.7',
            '-sColorConversionStrategy=Gray',
            '-dProcessColorModel=/DeviceGray',
            '-dAutoRotatePages=/None',
            "-sOutputFile={$made}",
            $path,
        ]);

        return $process->isSuccessful() && is_file($made) ? $made : throw FileRefused::notPrinted();
    }
}
