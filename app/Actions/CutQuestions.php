<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PagePiece;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Cutting\AskedPage;
use OpenSlate\Cutting\QuestionChoice;
use OpenSlate\Cutting\QuestionSheet;
use OpenSlate\Cutting\UnusableRange;
use OpenSlate\Packs\Role;
use OpenSlate\Page\Page;

/** Cuts a set of chosen questions from pages of a worksheet, on clean pages. The worksheet stays whole. */
final class CutQuestions
{
    /** Sets that are cut at once, at the most: a question a day for a school year, or near to it. */
    private const MOST = 100;

    /**
     * @param  non-empty-list<int>  $numbers  of the pages, in the order wanted
     * @param  string  $which  of their questions, such as "1-4, 7"
     *
     * @throws UnusableRange
     */
    public function __invoke(Worksheet $from, array $numbers, string $which, string $name): Worksheet
    {
        $pages = self::pages($from, $numbers);
        $asked = self::asked($pages, $numbers);
        $sheets = self::sheets($asked, self::chosen($asked, $which));

        return DB::transaction(
            fn (): Worksheet => self::kept($from, $pages, $numbers, $name, $sheets),
        );
    }

    /**
     * A set for each question, to be given out one a day.
     *
     * @param  non-empty-list<int>  $numbers  of the pages, in the order wanted
     * @param  string  $which  of their questions; all of them where nothing is said
     * @param  string  $name  what the names of the sets begin with
     * @return int how many were cut
     *
     * @throws UnusableRange
     */
    public function each(Worksheet $from, array $numbers, string $which, string $name): int
    {
        $pages = self::pages($from, $numbers);
        $asked = self::asked($pages, $numbers);
        $chosen = self::chosen($asked, $which === '' ? null : $which);
        $sets = [];
        foreach ($asked as $page) {
            foreach ($page->questions as $question) {
                if (in_array($question->number, $chosen, true)) {
                    $of = count($asked) === 1 ? '' : "page {$page->number}, ";
                    $called = Str::limit($name, 90)." ({$of}question {$question->number})";
                    $sets[] = [$called, $page->number, self::sheets([$page], [$question->number])];
                }
            }
        }
        if (count($sets) > self::MOST) {
            throw UnusableRange::tooManySets(count($sets), self::MOST);
        }
        $taken = $from->sets()->whereIn('name', array_column($sets, 0))->value('name');
        if ($taken !== null) {
            throw UnusableRange::nameTaken((string) $taken);
        }
        DB::transaction(function () use ($from, $pages, $sets): void {
            foreach ($sets as [$called, $number, $sheets]) {
                self::kept($from, $pages, [$number], $called, $sheets);
            }
        });

        return count($sets);
    }

    /**
     * @param  Collection<int, WorksheetPage>  $pages  by their numbers
     * @param  non-empty-list<int>  $numbers  those that it is cut from
     * @param  non-empty-list<QuestionSheet>  $sheets
     */
    private static function kept(
        Worksheet $from,
        Collection $pages,
        array $numbers,
        string $name,
        array $sheets,
    ): Worksheet {
        $set = $from->beginSet($numbers, $name, count($sheets));
        foreach ($sheets as $index => $sheet) {
            $page = WorksheetPage::begin($set->id, $sheet->page, [
                'position' => $index + 1,
                ...self::role($sheet, $pages),
            ]);
            foreach ($sheet->pieces as $piece) {
                PagePiece::keep($page, $pages->get($piece->page) ?? throw UnusableRange::noQuestions(), $piece);
            }
        }

        return $set;
    }

    /**
     * What comes of a page that is not for students is not for them here, either: answers are numbered like questions.
     *
     * @param  Collection<int, WorksheetPage>  $pages  by their numbers
     * @return array{role: Role, role_reason: string}
     */
    private static function role(QuestionSheet $sheet, Collection $pages): array
    {
        foreach ($sheet->pieces as $piece) {
            $role = $pages->get($piece->page)?->role;
            if ($role !== null && ! in_array($role, [Role::Student, Role::Unknown], true)) {
                return ['role' => $role, 'role_reason' => "has some of page {$piece->page}, which is not for students"];
            }
        }

        return ['role' => Role::Student, 'role_reason' => 'you chose its questions'];
    }

    /**
     * @param  list<AskedPage>  $asked
     * @param  string|null  $which  null for all
     * @return non-empty-list<string> the numbers of questions
     *
     * @throws UnusableRange
     */
    private static function chosen(array $asked, ?string $which): array
    {
        $there = [];
        foreach ($asked as $page) {
            foreach ($page->questions as $question) {
                $there[$question->number] = $question->number;
            }
        }
        $there = array_values($there);

        // Each page's own "1–4" where every page begins anew.
        return $which === null && $there !== [] ? $there : QuestionChoice::parse($which ?? '', $there);
    }

    /**
     * @param  list<AskedPage>  $asked
     * @param  list<string>  $chosen
     * @return non-empty-list<QuestionSheet>
     *
     * @throws UnusableRange
     */
    private static function sheets(array $asked, array $chosen): array
    {
        $sheets =
            $asked === []
                ? throw UnusableRange::noQuestions()
                : QuestionSheet::of($asked, $chosen, fn (): string => Str::lower(Str::random(10)));

        return $sheets === [] ? throw UnusableRange::noQuestionNamed() : $sheets;
    }

    /**
     * @param  non-empty-list<int>  $numbers
     * @return Collection<int, WorksheetPage> by their numbers
     */
    private static function pages(Worksheet $from, array $numbers): Collection
    {
        return $from
            ->pages()
            ->with(['current', 'backdrop'])
            ->whereIn('position', $numbers)
            ->get()
            ->keyBy(fn (WorksheetPage $page): int => $page->number());
    }

    /**
     * @param  Collection<int, WorksheetPage>  $pages  by their numbers
     * @param  non-empty-list<int>  $numbers
     * @return list<AskedPage> those of the pages whose questions are known
     */
    private static function asked(Collection $pages, array $numbers): array
    {
        $asked = [];
        foreach ($numbers as $number) {
            $page = $pages->get($number);
            $questions = $page?->questions() ?? [];
            if ($page !== null && $page->backdrop !== null && $questions !== []) {
                $asked[] = new AskedPage(
                    $number,
                    self::filled($page),
                    $page->backdrop->size(),
                    $questions,
                    $page->backdrop->text()->lines,
                );
            }
        }

        return $asked;
    }

    /** What lies on it, and boxes where blanks were found and neither taken nor refused: a clip proposes none. */
    private static function filled(WorksheetPage $page): Page
    {
        $content = $page->current->page();
        $blanks = array_filter(
            Proposals::sure($page->proposals($content) ?? []),
            // What is joined are parts, which belong to their page.
            fn (Blank $blank): bool => $blank->kind !== BlankKind::Join,
        );
        $boxes = array_map(
            fn (Blank $blank): array => Proposals::laid($blank, fn (): string => Str::lower(Str::random(10)), false),
            array_values($blanks),
        );

        return $content->withElements([...$content->elements(), ...array_merge([], ...$boxes)]);
    }
}
