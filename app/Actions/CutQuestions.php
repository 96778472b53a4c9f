<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Cutting\AskedPage;
use OpenSlate\Cutting\QuestionChoice;
use OpenSlate\Cutting\QuestionSheet;
use OpenSlate\Cutting\UnusableRange;
use OpenSlate\Elements\Element;
use OpenSlate\Packs\Role;
use OpenSlate\Page\Page;

/** Cuts a set of chosen questions from pages of a worksheet, on clean pages. The worksheet stays whole. */
final class CutQuestions
{
    /**
     * @param  non-empty-list<int>  $numbers  of the pages, in the order wanted
     * @param  string  $which  of their questions, such as "1-4, 7"
     *
     * @throws UnusableRange
     */
    public function __invoke(Worksheet $from, array $numbers, string $which, string $name): Worksheet
    {
        $asked = self::asked($from, $numbers);
        $pages = $asked === [] ? throw UnusableRange::noQuestions() : self::laid($asked, $which);

        return DB::transaction(function () use ($from, $numbers, $name, $pages): Worksheet {
            $set = $from->beginSet($numbers, $name, count($pages));
            foreach ($pages as $index => $page) {
                WorksheetPage::begin($set->id, $page, [
                    'position' => $index + 1,
                    'role' => Role::Student,
                    'role_reason' => 'you chose its questions',
                ]);
            }

            return $set;
        });
    }

    /**
     * @param  non-empty-list<AskedPage>  $asked
     * @return non-empty-list<Page>
     *
     * @throws UnusableRange
     */
    private static function laid(array $asked, string $which): array
    {
        $there = [];
        foreach ($asked as $page) {
            foreach ($page->questions as $question) {
                $there[$question->number] = $question->number;
            }
        }
        // Each page's own "1–4" where every page begins anew.
        $chosen = QuestionChoice::parse($which, array_values($there));
        $pages = QuestionSheet::pages($asked, $chosen, fn (): string => Str::lower(Str::random(10)));

        return $pages === [] ? throw UnusableRange::noQuestionNamed() : $pages;
    }

    /**
     * @param  non-empty-list<int>  $numbers
     * @return list<AskedPage> those of the pages whose questions are known
     */
    private static function asked(Worksheet $from, array $numbers): array
    {
        $pages = $from
            ->pages()
            ->with(['current', 'backdrop'])
            ->whereIn('position', $numbers)
            ->get()
            ->keyBy('position');
        $asked = [];
        foreach ($numbers as $number) {
            $page = $pages->get($number);
            $questions = $page?->backdrop?->questionsFound() ?? [];
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
        $boxes = array_map(
            fn (Blank $blank): Element => Proposals::laid($blank, Str::lower(Str::random(10)), false),
            array_values(Proposals::sure($page->proposals($content) ?? [])),
        );

        return $content->withElements([...$content->elements(), ...$boxes]);
    }
}
