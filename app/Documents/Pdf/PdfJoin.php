<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;

/** Puts PDFs behind each other, and takes pages out of one. */
final class PdfJoin
{
    /**
     * @param  non-empty-list<string>  $paths
     * @return string where it is: the file itself, where there is one
     *
     * @throws FileRefused
     */
    public function of(array $paths, string $made): string
    {
        return count($paths) === 1
            ? $paths[0]
            : $this->qpdf(['--empty', '--pages', ...$paths, '--', $made], $made);
    }

    /**
     * Some of the pages, with nothing of the others.
     *
     * @throws FileRefused
     */
    public function part(string $path, int $from, int $to, string $made): string
    {
        return $this->qpdf(['--empty', '--pages', $path, "{$from}-{$to}", '--', $made], $made);
    }

    /** @param  list<string>  $arguments */
    private function qpdf(array $arguments, string $made): string
    {
        $process = LimitedProcess::run(['qpdf', ...$arguments]);

        return in_array($process->getExitCode(), PdfObjects::QPDF_READ_IT, true) ? $made : throw FileRefused::damaged();
    }
}
