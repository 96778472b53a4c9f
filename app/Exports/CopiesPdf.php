<?php

declare(strict_types=1);

namespace App\Exports;

use App\Actions\MarkByKey;
use App\Documents\FileRefused;
use App\Documents\Pdf\FormWriter;
use App\Documents\Pdf\PdfJoin;
use App\Documents\Printing\CodedSheet;
use App\Documents\Printing\Codes;
use App\Documents\Printing\Grey;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\Export;
use App\Models\ExportKind;
use App\Models\HandoutItem;
use App\Models\PageRevision;
use App\School;
use App\View\CopyWords;
use App\View\EditionWords;
use App\View\MarkedCopy;
use App\View\PlaceNames;
use Illuminate\Support\Collection;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Place;
use OpenSlate\Elements\Answerable;
use OpenSlate\Forms\FieldKind;
use OpenSlate\Forms\FormField;
use OpenSlate\Forms\LongAnswers;
use OpenSlate\Forms\PageFields;
use OpenSlate\Geometry\Frame;
use OpenSlate\Marking\Scheme;
use OpenSlate\Page\Page;
use ZipArchive;

/** Copies as their students have filled them: one file, or one for each. */
final class CopiesPdf
{
    /** So many pages are laid out in one run; more would ask for much memory at once. */
    private const PAGES_AT_ONCE = 200;

    public function __construct(
        private Paper $paper,
        private PdfJoin $join,
        private FormWriter $forms,
        private MarkByKey $byKey,
        private School $school,
        private Codes $codes,
        private Grey $grey,
    ) {
    }

    /**
     * @param  string  $folder  to work in
     * @return string where the PDF, or the ZIP of them, is
     *
     * @throws FileRefused
     */
    public function make(Export $export, string $folder): string
    {
        $item = $export->item ?? throw FileRefused::missing();
        $item->load(['edition.revisions', 'handout']);
        // Marked first: copies are read as they are then.
        $scheme = ($this->byKey)($item);
        $copies = self::chosen($item, $export->choices);
        if ($copies->isEmpty()) {
            throw FileRefused::noPages();
        }
        $revisions = self::revisions($item);
        $leaves = $this->leaves($item, $scheme, $copies, $export->choices, $export->kind);
        $total = array_sum(array_map(count(...), $leaves));
        if ($total > (int) config('slate.printing.most_pages')) {
            throw FileRefused::notPrinted();
        }
        $export->goesOn(0, $total);
        $made = $this->runs($export, $leaves, $revisions, $folder, $total);

        $whole = $this->join->of($made, "{$folder}/copies.pdf");
        if (($export->choices['codes'] ?? false) === true) {
            $whole = $this->codes->lay($whole, self::coded($copies, $leaves), $folder);
        }
        if (($export->choices['grey'] ?? false) === true) {
            $whole = $this->grey->of($whole, "{$folder}/grey.pdf");
        }

        return match (true) {
            $export->kind->isManyFiles() => $this->apart($export->kind, $whole, $copies, $leaves, $folder),
            $export->kind->hasFields() => $this->withFields($whole, $copies[0], $leaves[0], "{$folder}/form.pdf"),
            default => $whole,
        };
    }

    /**
     * One copy, with marks and comments.
     *
     * @param  string  $folder  to work in
     * @return string where the PDF is
     *
     * @throws FileRefused
     */
    public function one(HandoutItem $item, int $copy, string $folder): string
    {
        $choices = ['who' => $copy, 'marks' => true, 'names' => true];
        $scheme = ($this->byKey)($item);
        $leaves = $this->leaves($item, $scheme, self::chosen($item, $choices), $choices, ExportKind::Copies);

        return $this->paper->make(
            $item->edition->name,
            $leaves[0] ?? throw FileRefused::missing(),
            self::revisions($item),
            $folder,
        );
    }

    /**
     * @param  array<string, mixed>  $choices
     * @return Collection<int, Copy> in the order of their names
     */
    public static function chosen(HandoutItem $item, array $choices): Collection
    {
        $who = $choices['who'] ?? 'all';

        return $item
            ->copies()
            ->with(['student', 'students', 'handMarks', 'comments'])
            ->whereNull('thrown_at')
            ->when(is_int($who), fn ($copies) => $copies->whereKey($who))
            ->when($who === 'in', fn ($copies) => $copies->where('state', CopyState::HandedIn))
            ->when($who === 'begun', fn ($copies) => $copies->where('filled', '>', 0))
            ->get()
            ->sortBy(fn (Copy $copy): string => mb_strtolower($copy->whose()), SORT_NATURAL)
            ->values()
            ->toBase();
    }

    /**
     * @param  Collection<int, Copy>  $copies
     * @param  array<string, mixed>  $choices
     * @return list<non-empty-list<Leaf|Notes>> for each copy
     */
    private function leaves(
        HandoutItem $item,
        Scheme $scheme,
        Collection $copies,
        array $choices,
        ExportKind $kind,
    ): array {
        // They go to students and their families: as these see the pages, without what is hidden or kept back.
        $pages = array_map(
            fn (Page $page): Page => $page->forStudents(false),
            $item->edition->frozenPages() ?: throw FileRefused::noPages(),
        );
        $printed = EditionWords::of($item->edition);
        $words = array_map($printed->on(...), $pages);
        $asked = array_map($printed->asked(...), $pages, $words);
        $leads = $item->edition->pageNumbers();
        $times = $item->handout->timesByStudent();
        $leaves = [];
        foreach ($copies as $copy) {
            $copy->setRelation('item', $item);
            $marked = ($choices['marks'] ?? false) === true ? MarkedCopy::of($copy, $scheme, false) : null;
            $texts = $copy->written()->texts();
            $of = [];
            foreach ($pages as $index => $page) {
                $fields = $kind->hasFields()
                    ? PageFields::of($page, $index + 1, PlaceNames::of($page, $asked[$index]), $texts)
                    : [];
                $of[] = new Leaf(
                    page: $page,
                    number: $index + 1,
                    of: count($pages),
                    at: "copy-{$copy->id}-page-",
                    leads: $leads,
                    mode: $kind->hasFields() ? 'form' : 'paper',
                    texts: array_diff_key(
                        $texts,
                        array_flip(array_filter(array_map(fn (FormField $of): ?string => $of->place, $fields))),
                    ),
                    fields: $fields,
                    fills: CopyWords::fills(
                        $copy,
                        $item->handout,
                        $copy->timesAmong($times, $item->handout),
                        $this->school,
                    ),
                    asked: $asked[$index],
                    words: $words[$index],
                    marks: $marked?->on($index + 1) ?? [],
                    written: $marked?->written($index + 1) ?? [],
                    foot: ($choices['names'] ?? false) === true
                        ? "{$copy->whose()} · {$item->edition->name} · ".($index + 1).'/'.count($pages)
                        : '',
                    heading: $index === 0 && $marked !== null && ! $marked->full->isNone() ? $marked->total() : '',
                );
            }
            $leaves[] = $kind->hasFields()
                ? $of
                : [
                    ...$of,
                    ...Notes::of($pages[0]->size, "{$copy->whose()}: {$item->edition->name}", [
                        ...self::whole($marked),
                        ...self::long($pages, $asked, $texts),
                        ...array_map(
                            fn (string $words): array => ['Written in a place that is gone by now', $words],
                            $copy->waitingWords(),
                        ),
                    ]),
                ];
        }

        return $leaves;
    }

    /**
     * @param  Collection<int, Copy>  $copies
     * @param  list<non-empty-list<Leaf|Notes>>  $leaves  of each
     * @return list<CodedSheet|null> for each page
     */
    private static function coded(Collection $copies, array $leaves): array
    {
        $sheets = [];
        foreach ($copies->values() as $index => $copy) {
            foreach ($leaves[$index] as $leaf) {
                $sheets[] = $leaf instanceof Leaf
                    ? new CodedSheet(
                        $leaf->page->size,
                        array_map(fn (Answerable $one): Frame => $one->frame(), $leaf->page->answerables()),
                        fn (int $spot): string => CopyMark::of($copy, $leaf->number, $spot)->text(),
                    )
                    : null;
            }
        }

        return $sheets;
    }

    /** @return array<int, PageRevision> by page number */
    private static function revisions(HandoutItem $item): array
    {
        $revisions = [];
        foreach ($item->edition->revisions->values() as $index => $revision) {
            $revisions[$index + 1] = $revision;
        }

        return $revisions;
    }

    /** @return list<array{string, string}> */
    private static function whole(?MarkedCopy $marked): array
    {
        return array_map(
            fn (Comment $comment): array => [
                'From your teacher',
                $comment->sound === null ? $comment->words : 'This was said aloud: it can be heard in Open Slate.',
            ],
            $marked?->whole() ?? [],
        );
    }

    /**
     * @param  list<Page>  $pages
     * @param  list<array<string, string>>  $asked
     * @param  array<string, string>  $texts
     * @return list<array{string, string}>
     */
    private static function long(array $pages, array $asked, array $texts): array
    {
        $long = [];
        foreach ($pages as $index => $page) {
            $names = null;
            foreach (LongAnswers::on($page, $index + 1, $texts) as $place) {
                $names ??= PlaceNames::of($page, $asked[$index]);
                $long[] = [
                    'Page '.($index + 1).', in full: '.($names[$place] ?? ''),
                    $texts[Place::idOn($index + 1, $place)],
                ];
            }
        }

        return $long;
    }

    /**
     * @param  list<non-empty-list<Leaf|Notes>>  $leaves
     * @param  array<int, PageRevision>  $revisions
     * @return non-empty-list<string> PDFs, of some copies each
     */
    private function runs(Export $export, array $leaves, array $revisions, string $folder, int $total): array
    {
        $runs = [];
        $run = 0;
        foreach ($leaves as $ofCopy) {
            if (isset($runs[$run]) && count($runs[$run]) + count($ofCopy) > self::PAGES_AT_ONCE) {
                $run++;
            }
            $runs[$run] = [...$runs[$run] ?? [], ...$ofCopy];
        }
        $made = [];
        $done = 0;
        foreach ($runs as $number => $some) {
            mkdir("{$folder}/run-{$number}", 0700);
            $made[] = $this->paper->make($export->name, $some, $revisions, "{$folder}/run-{$number}");
            $export->goesOn($done += count($some), $total);
        }

        return $made ?: throw FileRefused::noPages();
    }

    /**
     * @param  Collection<int, Copy>  $copies
     * @param  list<non-empty-list<Leaf|Notes>>  $leaves
     */
    private function apart(ExportKind $kind, string $whole, Collection $copies, array $leaves, string $folder): string
    {
        $zip = new ZipArchive();
        $zip->open("{$folder}/copies.zip", ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $names = new FileNames;
        $from = 1;
        foreach ($leaves as $index => $ofCopy) {
            $to = $from + count($ofCopy) - 1;
            $one = $this->join->part($whole, $from, $to, "{$folder}/copy-{$index}.pdf");
            if ($kind->hasFields()) {
                $one = $this->withFields($one, $copies[$index], $ofCopy, "{$folder}/form-{$index}.pdf");
            }
            $zip->addFile($one, $names->of($copies[$index]?->whose() ?? '').'.pdf');
            $from = $to + 1;
        }
        $zip->close();

        return "{$folder}/copies.zip";
    }

    /** @param  list<Leaf|Notes>  $leaves  of the copy */
    private function withFields(string $path, ?Copy $copy, array $leaves, string $made): string
    {
        $fields = [];
        foreach ($leaves as $index => $leaf) {
            $fields[$index + 1] = $leaf instanceof Leaf ? $leaf->fields : [];
        }
        if ($copy !== null) {
            $fields[1][] = new FormField(
                name: CopyMark::FIELD,
                said: '',
                kind: FieldKind::Mark,
                frame: Frame::of(0, 0, 0, 0),
                size: 1,
                value: CopyMark::of($copy)->text(),
            );
        }
        $this->forms->write($path, $fields, $made);

        return $made;
    }
}
