<?php

declare(strict_types=1);

namespace App\Documents\Office;

use App\Documents\Conversion;
use App\Documents\Converted;
use App\Documents\FileKind;
use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use App\Documents\Pdf\PdfFonts;
use App\Documents\Pdf\PdfForm;
use OpenSlate\Conversion\DocumentChoices;
use OpenSlate\Conversion\LayoutCheck;

/** Makes pages of what word processors and programs for slides write. */
final class OfficeConversion implements Conversion
{
    public function __construct(private OfficeProgram $office, private PdfForm $form, private PdfFonts $fonts)
    {
    }

    public function kindOf(string $path, string $head): ?FileKind
    {
        return OfficeKind::of($path, $head);
    }

    public function convert(string $path, array $choices, string $folder): Converted
    {
        $choices = DocumentChoices::of($choices);
        $kind = OfficeKind::of($path, (string) file_get_contents($path, length: 1024));
        $copy = "{$folder}/document";
        // What cannot be looked into is first made into what can.
        if ($kind === OfficeKind::Rtf || $kind === OfficeKind::Doc) {
            copy($path, "{$folder}/first.{$kind->value}");
            $path = $this->office->make("{$folder}/first.{$kind->value}", $kind, 'odt', $folder);
            $kind = OfficeKind::Odt;
        }
        $prepared = match ($kind) {
            OfficeKind::Docx => WordDocument::prepare($path, $choices, "{$copy}.docx"),
            OfficeKind::Odt => TextDocument::prepare($path, $choices, "{$copy}.odt"),
            OfficeKind::Pptx, OfficeKind::Odp => Slides::prepare($path, $kind, "{$copy}.{$kind->value}"),
            default => throw FileRefused::damagedDocument(),
        };
        $pdf = $this->office->make($prepared->path, $kind, self::filter($kind, $choices), $folder);
        if ($prepared->facts->controls !== []) {
            $pdf = $this->form->fromLinks($pdf, $prepared->facts->controls, "{$folder}/form.pdf");
        }

        $standIns = $this->standIns($prepared->facts->fonts);
        $fonts = $this->fonts->of($pdf);

        return new Converted($pdf, check: fn (array $pages): array => LayoutCheck::of(
            $prepared->facts,
            $choices,
            $standIns,
            $fonts,
            $pages,
        ));
    }

    private static function filter(OfficeKind $kind, DocumentChoices $choices): string
    {
        $options = [
            'ExportFormFields' => true,
            'ExportNotes' => false,
            'ExportNotesInMargin' => $choices->comments,
            'ExportHiddenSlides' => false,
            'ExportBookmarks' => false,
        ];

        return 'pdf:'.($kind->hasSlides() ? 'impress' : 'writer').'_pdf_Export:'.json_encode(
            array_map(fn (bool $is): array => ['type' => 'boolean', 'value' => $is ? 'true' : 'false'], $options),
            JSON_THROW_ON_ERROR,
        );
    }

    /**
     * What the system has in place of each family that it has not; itself where it has it.
     *
     * @param  list<string>  $families
     * @return array<string, string>
     */
    private function standIns(array $families): array
    {
        $found = [];
        foreach (array_slice($families, 0, 40) as $family) {
            $name = str_replace(['\\', ':', '-', ','], ['\\\\', '\:', '\-', '\,'], $family);
            $said = LimitedProcess::run(['fc-match', '--format=%{family[0]}', $name])->getOutput();
            $found[$family] = trim($said);
        }

        return $found;
    }
}
