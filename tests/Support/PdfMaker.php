<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Writes small PDFs by hand, byte by byte, so that tests decide every box of every page.
 *
 * @phpstan-type PageSpec array{
 *     media?: string, crop?: string, rotate?: int, unit?: float, content?: string, words?: string, annots?: string,
 * }
 */
final class PdfMaker
{
    /** One page that is nothing but a JPEG picture. */
    public static function picture(string $jpeg, int $width, int $height, float $wide, float $high): string
    {
        $draw = sprintf('q %.3F 0 0 %.3F 0 0 cm /I Do Q', $wide, $high);

        return self::written(
            [
                1 => '<< /Type /Catalog /Pages 2 0 R >>',
                2 => '<< /Type /Pages /Count 1 /Kids [4 0 R] >>',
                3 => "<< /Type /XObject /Subtype /Image /Width {$width} /Height {$height} ".
                    '/ColorSpace /DeviceRGB /BitsPerComponent 8 /Filter /DCTDecode /Length '.
                    strlen($jpeg).
                    " >>\nstream\n{$jpeg}\nendstream",
                4 => sprintf(
                    '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 %.3F %.3F] /Resources << /XObject << /I 3 0 R >> '
                        .'>> /Contents 5 0 R >>',
                    $wide,
                    $high,
                ),
                5 => '<< /Length '.strlen($draw)." >>\nstream\n{$draw}\nendstream",
            ],
            '1.4',
        );
    }

    /** Pages of A4 with their numbers on them. */
    public static function pages(int $count): string
    {
        return self::make(
            array_map(
                fn (int $number): array => ['media' => '0 0 595.276 841.89', 'words' => "Sheet {$number}"],
                range(1, $count),
            ),
        );
    }

    /**
     * @param  list<PageSpec>  $pages  boxes as PDF writes them: "0 0 612 792"
     * @param  array{media?: string, rotate?: int}  $inherited  what the page tree gives to pages that say nothing
     *                                                          themselves
     */
    public static function make(array $pages, array $inherited = [], string $version = '1.4'): string
    {
        $objects = [
            1 => '<< /Type /Catalog /Pages 2 0 R >>',
            2 => '',
            3 => '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
        ];
        $kids = [];
        foreach ($pages as $page) {
            $content =
                ($page['content'] ?? '').
                (isset($page['words']) ? "\nBT /F1 12 Tf 72 700 Td ({$page['words']}) Tj ET" : '');
            $objects[] = '<< /Length '.strlen($content)." >>\nstream\n{$content}\nendstream";
            $stream = array_key_last($objects);
            $objects[] =
                "<< /Type /Page /Parent 2 0 R /Resources << /Font << /F1 3 0 R >> >> /Contents {$stream} 0 R".
                (isset($page['media'])
                    ? " /MediaBox [{$page['media']}]"
                    : (isset($inherited['media'])
                        ? ''
                        : ' /MediaBox [0 0 612 792]')).
                (isset($page['crop']) ? " /CropBox [{$page['crop']}]" : '').
                (isset($page['rotate']) ? " /Rotate {$page['rotate']}" : '').
                (isset($page['annots']) ? " /Annots [{$page['annots']}]" : '').
                (isset($page['unit']) ? " /UserUnit {$page['unit']}" : '').
                ' >>';
            $kids[] = array_key_last($objects).' 0 R';
        }
        $objects[2] =
            '<< /Type /Pages /Count '.
            count($pages).
            ' /Kids ['.
            implode(' ', $kids).
            ']'.
            (isset($inherited['media']) ? " /MediaBox [{$inherited['media']}]" : '').
            (isset($inherited['rotate']) ? " /Rotate {$inherited['rotate']}" : '').
            ' >>';

        return self::written($objects, $version);
    }

    /** @param  array<int, string>  $objects  by number */
    private static function written(array $objects, string $version): string
    {
        $pdf = "%PDF-{$version}\n%\xE2\xE3\xCF\xD3\n";
        $offsets = [];
        foreach ($objects as $number => $body) {
            $offsets[$number] = strlen($pdf);
            $pdf .= "{$number} 0 obj\n{$body}\nendobj\n";
        }
        $xref = strlen($pdf);
        $pdf .= "xref\n0 ".(count($objects) + 1)."\n0000000000 65535 f \n";
        foreach ($offsets as $offset) {
            $pdf .= sprintf("%010d 00000 n \n", $offset);
        }

        return $pdf.'trailer << /Size '.(count($objects) + 1)." /Root 1 0 R >>\nstartxref\n{$xref}\n%%EOF\n";
    }

    /** A black rectangle, in the page's own user space. */
    public static function rectangle(float $x, float $y, float $width, float $height): string
    {
        return "0 0 0 rg {$x} {$y} {$width} {$height} re f";
    }

    /** @param  list<string>  $options  of qpdf, which rewrites the file */
    public static function rewritten(string $pdf, array $options): string
    {
        $from = self::file($pdf);
        $to = $from.'.out';
        $process = new Process(['qpdf', ...$options, $from, $to]);
        if ($process->run() !== 0) {
            throw new RuntimeException($process->getErrorOutput());
        }

        return (string) file_get_contents($to);
    }

    public static function file(string $pdf, string $name = 'test.pdf'): string
    {
        $folder = sys_get_temp_dir().'/open-slate-tests';
        is_dir($folder) || mkdir($folder);
        $path = $folder.'/'.bin2hex(random_bytes(6)).'-'.$name;
        file_put_contents($path, $pdf);

        return $path;
    }
}
