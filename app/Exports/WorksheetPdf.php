<?php

declare(strict_types=1);

namespace App\Exports;

use App\Documents\FileRefused;
use App\Documents\Pdf\FormWriter;
use App\Documents\PrintedPages;
use App\Documents\Printing\Grey;
use App\Documents\Printing\Imposition;
use App\Documents\Printing\PerSheet;
use App\Models\Export;
use App\Models\ExportKind;
use App\Models\WorksheetPage;
use App\View\KeyPage;
use App\View\PlaceNames;
use OpenSlate\Blanks\PrintedQuestions;
use OpenSlate\Forms\PageFields;
use OpenSlate\Page\Page;

/** A worksheet as PDF: with form fields, or to be written on by hand. */
final class WorksheetPdf
{
    public function __construct(
        private Paper $paper,
        private FormWriter $forms,
        private Imposition $imposition,
        private Grey $grey,
    ) {
    }

    /**
     * @param  string  $folder  to work in
     * @return string where the PDF is
     *
     * @throws FileRefused
     */
    public function make(Export $export, string $folder): string
    {
        $rows = $export->worksheet?->pages()->with('current')->get() ?? throw FileRefused::missing();
        $chosen = array_flip((array) ($export->choices['pages'] ?? []));
        $rows = $rows
            ->filter(fn (WorksheetPage $row): bool => isset($chosen[$row->number()]))
            ->sortBy(fn (WorksheetPage $row): int => $chosen[$row->number()])
            ->values();
        $leads = $rows->mapWithKeys(fn (WorksheetPage $row): array => [$row->anchor => $row->number()])->all();
        $isForm = $export->kind === ExportKind::Form;
        $isKey = $export->kind === ExportKind::Key;
        $pages = $rows->map(fn (WorksheetPage $row): Page => $row->current->page()->forStudents($isKey))->all();
        $printed = PrintedPages::of(array_values($pages));
        $leaves = $fields = $revisions = [];
        foreach ($rows as $index => $row) {
            $page = $pages[$index];
            $words = $printed->on($page);
            $asked = PrintedQuestions::of($page, $words);
            $revisions[$row->number()] = $row->current;
            $fields[count($leaves) + 1] = $isForm
                ? PageFields::of($page, $row->number(), PlaceNames::of($page, $asked))
                : [];
            $leaves[] = new Leaf(
                page: $page,
                number: $row->number(),
                of: count($pages),
                at: 'page-',
                leads: $leads,
                mode: $isForm ? 'form' : 'paper',
                asked: $asked,
                words: $words,
                texts: $isKey ? KeyPage::of($row)->texts($row->number()) : [],
                answers: $isKey,
                foot: $isKey ? "Key · {$export->name} · {$row->number()}" : '',
            );
            array_push($leaves, ...$isForm || $isKey ? [] : CutOuts::of($page, $row->number()));
        }
        if ($leaves === []) {
            throw FileRefused::noPages();
        }
        $export->goesOn(0, count($leaves));
        $made = $this->paper->make($export->name, $leaves, $revisions, $folder);
        if (array_filter($fields) !== []) {
            $this->forms->write($made, $fields, "{$folder}/form.pdf");
            $made = "{$folder}/form.pdf";
        }

        if ($isForm) {
            return $made;
        }
        $made = $this->imposition->lay($made, self::perSheet($export), $folder);

        return ($export->choices['grey'] ?? false) === true ? $this->grey->of($made, "{$folder}/grey.pdf") : $made;
    }

    private static function perSheet(Export $export): PerSheet
    {
        $how = $export->choices['sheets'] ?? null;

        return (is_string($how) ? PerSheet::tryFrom($how) : null) ?? PerSheet::One;
    }
}
