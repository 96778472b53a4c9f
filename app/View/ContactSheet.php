<?php

declare(strict_types=1);

namespace App\View;

use App\Actions\WeighPages;
use App\Documents\PrintReader;
use App\Models\FileStage;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Collection;
use OpenSlate\Cutting\CutPlan;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Packs\Headline;
use OpenSlate\Packs\Role;
use OpenSlate\Weight\PageWeight;

/** What the contact sheet shows beside the pages: the brackets of sections and sets, and what keys answer. */
final readonly class ContactSheet
{
    /** What can be done with the ticked pages, and by which keys. */
    public const VERBS = [
        'earlier' => ['Earlier', 'Alt+Left arrow'],
        'later' => ['Later', 'Alt+Right arrow'],
        'left' => ['Turn left', ','],
        'right' => ['Turn right', '.'],
        'duplicate' => ['Duplicate', 'D'],
        'paper' => ['Paper', null],
        'remove' => ['Take out', 'Delete'],
    ];

    public const KEYS = [
        'Space' => 'tick the page; with Shift all pages from the last tick',
        'S, K, G, C, N, T, R, E, U' => 'what ticked pages are for',
        'Alt + arrows' => 'move ticked pages earlier or later',
        ', and .' => 'turn ticked pages left, right',
        'D' => 'duplicate ticked pages',
        'Delete' => 'take ticked pages out',
        'Arrows on a bracket' => 'move where a section starts',
        'Ctrl + Z, Ctrl + Shift + Z' => 'undo, redo',
        '?' => 'this list',
    ];

    /** Whether its pages have numbered questions, of which some can be chosen. */
    public static function knowsQuestions(Worksheet $worksheet): bool
    {
        return $worksheet->pages->contains(
            fn (WorksheetPage $page): bool => $page->questions() !== [],
        );
    }

    /** @return list<array{url: string, remove: string, name: string}> files that are on their way to its end */
    public static function arriving(Worksheet $worksheet): array
    {
        $said = fn (Worksheet $file): array => [
            'url' => route('worksheets.progress', $file),
            'remove' => route('bin.store', $file),
            'name' => $file->name,
        ];

        return array_values($worksheet->arriving->map($said)->all());
    }

    /** Of pages that are only pictures: that their words are being read, or cannot be; empty where there is none. */
    public static function reading(Worksheet $worksheet): string
    {
        $unread = $worksheet->pages->contains(
            fn (WorksheetPage $page): bool => $page->backdrop?->isUnread() === true,
        );
        $pictures = $worksheet->pages->contains(
            fn (WorksheetPage $page): bool => $page->backdrop?->looked_for_words === true,
        );

        return match (true) {
            $unread && ! PrintReader::isThere() => 'Some pages are only pictures. Their words cannot be read on this '.
                'machine (tesseract is not installed), so that nothing is found by them.',
            $unread && $worksheet->stage === FileStage::Blanks,
            // What they are for is told last.
            ($unread || $pictures) && $worksheet->stage === FileStage::Words => 'Some pages are only pictures. Their '.
                'words are being read; what the pages are for is told anew then.',
            default => '',
        };
    }

    /**
     * @param  array<int, bool>  $starts  whether a section starts at a page, by id
     * @param  array<int, list<array{name: string, starts: bool, ends: bool}>>  $sets  the sets a page is in, by id
     * @param  array<int, int>  $numbers  of the pages, by id
     * @param  array<int, PageWeight>  $weights  likewise
     * @param  array<int, int>  $doubts  numbers of the pages of which it is not sure what they are for, by their ids
     */
    private function __construct(
        private array $starts,
        private array $sets,
        private array $numbers,
        private array $weights = [],
        private array $doubts = [],
    ) {
    }

    /** @return array<string, mixed> all of it as it is now, drawn for the browser */
    public static function drawn(Worksheet $worksheet): array
    {
        $worksheet->refresh()->load(['pages.current', 'pages.backdrop', 'sets.pages.pieces', 'arrangement']);
        $sheet = self::of($worksheet)->weighing($worksheet->pages);

        return [
            'html' => view('bench.contact', ['worksheet' => $worksheet, 'sheet' => $sheet])->render(),
            'weight' => view('bench.weight-summary', ['worksheet' => $worksheet, 'sheet' => $sheet])->render(),
            'doubts' => view('bench.doubts', ['sheet' => $sheet])->render(),
            'links' => view('bench.links', ['worksheet' => $worksheet, 'locked' => $worksheet->isLocked()])->render(),
            'arranged' => $worksheet->arranged,
            'undo' => $worksheet->arrangement?->undo_to !== null,
            'redo' => $worksheet->arrangement?->redo_to !== null,
            'total' => $worksheet->pages_total,
            'left' => $sheet->leftOut(),
            'asks' => self::knowsQuestions($worksheet),
            'reading' => self::reading($worksheet),
        ];
    }

    public static function of(Worksheet $worksheet): self
    {
        $starts = [];
        $before = null;
        foreach ($worksheet->pages as $page) {
            $student = $page->role === Role::Student;
            $starts[$page->id] = $student && $page->section !== null && $page->section !== $before;
            $before = $student ? $page->section : $before;
        }
        $numbers = $worksheet->pages
            ->mapWithKeys(fn (WorksheetPage $page): array => [$page->id => $page->number()])
            ->all();
        $in = [];
        $ids = array_keys($numbers);
        foreach ($worksheet->sets as $set) {
            $sources = $set->pages->flatMap(fn (WorksheetPage $page): array => $page->sources())->flip();
            foreach ($ids as $index => $id) {
                if ($sources->has($id)) {
                    $in[$id][] = [
                        'name' => $set->name,
                        'starts' => ! $sources->has($ids[$index - 1] ?? 0),
                        'ends' => ! $sources->has($ids[$index + 1] ?? 0),
                    ];
                }
            }
        }

        $doubts = $worksheet->pages->reject(fn (WorksheetPage $page): bool => $page->isSure())->pluck('id')->flip();

        return new self($starts, $in, $numbers, doubts: array_intersect_key($numbers, $doubts->all()));
    }

    /**
     * The same, with what these pages weigh.
     *
     * @param  Collection<int, WorksheetPage>  $pages  with what they are at present
     */
    public function weighing(Collection $pages): self
    {
        return new self($this->starts, $this->sets, $this->numbers, (new WeighPages())($pages), $this->doubts);
    }

    /** @return array<int, int> numbers of the pages that are to be looked at, by their ids */
    public function doubts(): array
    {
        // A worksheet of which nothing is known is no pack: there is nothing to tell apart.
        return count($this->doubts) === count($this->numbers) ? [] : $this->doubts;
    }

    public function weight(WorksheetPage $page): PageWeight
    {
        return $this->weights[$page->id] ?? new PageWeight([]);
    }

    /** What a student's device loads for all that is for students. */
    public function whole(Worksheet $worksheet): PageWeight
    {
        return PageWeight::ofAll(...$this->forStudents($worksheet)->map($this->weight(...))->values()->all());
    }

    /** @return Collection<int, WorksheetPage> those that may go out */
    public function forStudents(Worksheet $worksheet): Collection
    {
        return $worksheet->pages->filter(
            fn (WorksheetPage $page): bool => in_array($page->role, [Role::Student, Role::Unknown], true),
        );
    }

    /** The section that starts at a page, with what the page is called in print: a name for a set of it. */
    public function called(WorksheetPage $page): string
    {
        return mb_substr(Headline::after((string) $page->section, $page->headline()), 0, CutPlan::LONGEST_NAME);
    }

    public function startsSection(WorksheetPage $page): bool
    {
        return $this->starts[$page->id] ?? false;
    }

    /** @return list<array{name: string, starts: bool, ends: bool}> */
    public function setsWith(WorksheetPage $page): array
    {
        return $this->sets[$page->id] ?? [];
    }

    /** The pages that a key answers, in words; null for other pages. */
    public function answers(WorksheetPage $page): ?string
    {
        if ($page->role !== Role::Key) {
            return null;
        }
        $numbers = array_values(
            array_filter(array_map(fn (int $id): ?int => $this->numbers[$id] ?? null, $page->answers ?? [])),
        );

        return $numbers === []
            ? 'not tied to any page'
            : 'answers '.(count($numbers) === 1 ? 'page ' : 'pages ').PageRange::format($numbers);
    }

    /** Which pages are in no set; null while there are no sets. */
    public function leftOut(): ?string
    {
        if ($this->sets === []) {
            return null;
        }
        $left = array_values(array_diff_key($this->numbers, $this->sets));

        return $left === [] ? 'Every page is in a set.' : 'In no set: pages '.PageRange::format($left).'.';
    }
}
