<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use RuntimeException;
use Symfony\Component\Process\ExecutableFinder;

/**
 * Lays a page of HTML out on paper: a browser without a screen and without a network, in a folder that is thrown away.
 * The page itself says that it has no scripts and reaches nothing but files (Content Security Policy).
 *
 * What it makes is tagged (ISO 32000-1, 14.8) in the order of the HTML, with its language, its title, and the words of
 * its pictures.
 */
final class Browser
{
    /** So much of its own time is let go by at once, so that fonts and pictures are there before the page is printed. */
    private const MILLISECONDS = 10_000;

    public static function isThere(): bool
    {
        return self::program() !== null;
    }

    /** Where it finds a file of this machine (RFC 8089). */
    public static function address(string $path): string
    {
        return 'file://'.implode('/', array_map(rawurlencode(...), explode('/', $path)));
    }

    /**
     * @param  string  $html  the file that is printed
     * @param  string  $folder  to work in
     * @return string where the PDF is
     *
     * @throws FileRefused when a limit is reached
     */
    public function print(string $html, string $folder): string
    {
        $program = self::program() ?? throw new RuntimeException('There is no browser that could print.');
        $made = "{$folder}/printed.pdf";
        $process = LimitedProcess::run(
            [
                $program,
                '--headless',
                '--disable-gpu',
                '--disable-dev-shm-usage',
                // It keeps pages apart from the machine by what only others than root may ask for.
                ...(posix_geteuid() === 0 ? ['--no-sandbox'] : []),
                '--no-first-run',
                '--disable-extensions',
                '--disable-sync',
                '--disable-background-networking',
                '--disable-component-update',
                // No name leads anywhere, and what needs none goes to a proxy that is not there.
                '--host-resolver-rules=MAP * ~NOTFOUND',
                '--proxy-server=127.0.0.1:9',
                // Fonts that lie in files are asked for across origins.
                '--allow-file-access-from-files',
                '--virtual-time-budget='.self::MILLISECONDS,
                "--user-data-dir={$folder}/profile",
                '--no-pdf-header-footer',
                "--print-to-pdf={$made}",
                self::address($html),
            ],
            $folder,
            written: (int) config('slate.printing.megabytes'),
        );

        return $process->isSuccessful() && is_file($made) ? $made : throw FileRefused::notPrinted();
    }

    private static function program(): ?string
    {
        return (new ExecutableFinder)->find((string) config('slate.printing.browser'));
    }
}
