<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Documents\Conversion;
use App\Documents\Converted;
use App\Documents\FileKind;
use App\Documents\Office\OfficeConversion;
use App\Documents\Office\OfficeProgram;
use App\Documents\Pdf\PdfFonts;
use App\Documents\Pdf\PdfForm;

/** Converts as the program does, and remembers what is to be read on the pages that it made last. */
final class RememberedConversion implements Conversion
{
    public static string $words = '';

    private OfficeConversion $office;

    public function __construct(OfficeProgram $program, PdfForm $form, PdfFonts $fonts)
    {
        $this->office = new OfficeConversion($program, $form, $fonts);
    }

    public function kindOf(string $path, string $head): ?FileKind
    {
        return $this->office->kindOf($path, $head);
    }

    public function convert(string $path, array $choices, string $folder): Converted
    {
        $made = $this->office->convert($path, $choices, $folder);
        self::$words = (string) shell_exec('pdftotext '.escapeshellarg($made->path).' -');

        return $made;
    }
}
