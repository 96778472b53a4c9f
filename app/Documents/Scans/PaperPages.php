<?php

declare(strict_types=1);

namespace App\Documents\Scans;

use App\Documents\Deadline;
use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use App\Documents\Sources;
use OpenSlate\Paper\Size;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Scan\Similarity;

/** The pages of a scan or a photo of paper, one by one, and how each is laid straight. */
final class PaperPages
{
    /** Scanners of offices are set to this; a code has three dots for each of its squares then. */
    private const DPI = 200;

    private const LONGEST = 4000;

    /** Of what is kept: as fine as the pages themselves are shown. */
    private const KEPT_DPI = 150;

    private const QUALITY = 75;

    public function __construct(private Sources $sources, private Deadline $deadline)
    {
    }

    /**
     * Whether a file is of a kind that sheets of paper come in, at first sight.
     *
     * @throws FileRefused when it is not
     */
    public function check(string $path): void
    {
        $kind = $this->sources->kindOf($path);
        if (! $kind instanceof PictureKind && $this->sources->conversionOf($path) !== null) {
            throw FileRefused::noScan();
        }
    }

    /**
     * @param  string  $folder  to work in; photos are cut out and laid flat there
     * @return array{string, list<SourcePage>} where the PDF of its pages is, and these
     *
     * @throws FileRefused when it cannot be read
     */
    public function open(string $path, string $folder): array
    {
        $this->check($path);
        $pdf = $this->sources->conversionOf($path)?->convert($path, [], $folder)->path ?? $path;

        return [$pdf, $this->sources->of($pdf)->pages($pdf)];
    }

    /**
     * @param  string  $folder  to work in
     * @return string where its picture is, until the next is drawn
     *
     * @throws FileRefused when a limit is reached
     */
    public function draw(string $pdf, SourcePage $page, string $folder): string
    {
        $this->deadline->more((float) config('slate.files.seconds_for_each_picture'));
        $longest = max($page->size->width, $page->size->height);
        $dpi = min((float) self::DPI, self::LONGEST * 72 / $longest) * $page->userUnit;
        $number = (string) $page->number;
        $process = LimitedProcess::run([
            'pdftoppm',
            '-cropbox',
            '-r',
            sprintf('%.3F', $dpi),
            '-f',
            $number,
            '-l',
            $number,
            '-singlefile',
            $pdf,
            "{$folder}/drawn",
        ]);

        return $process->isSuccessful() ? "{$folder}/drawn.ppm" : throw FileRefused::pageUnreadable($page->number);
    }

    /**
     * Lays a page straight: what its codes lie on comes to lie where it was printed.
     *
     * @param  Similarity|null  $straight  from pixels to points; null where nothing is known, and it stays as it lies
     * @param  Size  $size  of the page
     */
    public function straightened(string $picture, ?Similarity $straight, Size $size, string $to, string $folder): void
    {
        $vips = new Vips($folder);
        $end = basename($to).'[Q='.self::QUALITY.',strip]';
        if ($straight === null) {
            $longest = (int) round(max($size->width, $size->height) * self::KEPT_DPI / 72);
            $vips->fit($picture, 'fitted.v', $longest);
            $vips->do('copy', 'fitted.v', $end);

            return;
        }
        $dots = self::KEPT_DPI / 72;
        $vips->lay(
            $picture,
            $end,
            $straight->scaled($dots),
            (int) round($size->width * $dots),
            (int) round($size->height * $dots),
        );
    }
}
