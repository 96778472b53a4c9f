<?php

declare(strict_types=1);

namespace App\Documents;

use RuntimeException;
use TCPDF2DBarcode;

/** A QR code (ISO/IEC 18004) as a drawing that scales: dark squares on white, with the quiet zone that readers need. */
final class QrCode
{
    public const QUIET = 4; // squares on each side

    /**
     * @param  string  $words  what it stands for, for those who cannot see it
     * @return string SVG
     */
    public static function svg(string $text, string $words): string
    {
        [$size, $bars] = self::bars($text);
        $path = implode('', array_map(fn (array $bar): string => sprintf('M%1$d %2$dh%3$dv1h-%3$dz', ...$bar), $bars));

        return '<svg class="qr" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="'.e($words).
            "\" viewBox=\"0 0 {$size} {$size}\" shape-rendering=\"crispEdges\">".
            "<rect width=\"{$size}\" height=\"{$size}\" fill=\"#fff\"/><path d=\"{$path}\" fill=\"#000\"/></svg>";
    }

    /**
     * Squares that touch are one bar: no hairlines between them, and half the size.
     *
     * @return array{int, list<array{int, int, int}>} how many squares it is wide, with the quiet zone; and where each
     *                                                bar begins, across and down, and how long it is
     */
    public static function bars(string $text): array
    {
        $code = (new TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        if (! isset($code['bcode'])) {
            throw new RuntimeException('The text is too long for a QR code.');
        }
        $bars = [];
        foreach (array_values($code['bcode']) as $y => $row) {
            preg_match_all('/1+/', implode('', $row), $found, PREG_OFFSET_CAPTURE);
            foreach ($found[0] as [$bar, $x]) {
                $bars[] = [$x + self::QUIET, $y + self::QUIET, strlen($bar)];
            }
        }

        return [(int) $code['num_cols'] + 2 * self::QUIET, $bars];
    }
}
