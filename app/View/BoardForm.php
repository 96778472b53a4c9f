<?php

declare(strict_types=1);

namespace App\View;

use App\Actions\BoardSources;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use OpenSlate\Boards\ChoiceBoard;
use OpenSlate\Boards\ChoiceOption;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Packs\Role;

/** What the form of a choice board shows of its options. */
final readonly class BoardForm
{
    private const SUGGESTED_PLACES = 6;

    public function __construct(private ChoiceBoard $board, private BoardSources $sources)
    {
    }

    /**
     * A board to start from: an option for each section of the master, the first of them in their places. Where it has
     * no sections, or other worksheets were chosen with it, each worksheet is an option.
     *
     * @param  list<Worksheet>  $with  other worksheets that are to be options, with their pages
     */
    public static function suggested(Worksheet $master, array $with = []): ChoiceBoard
    {
        $sections = $with === [] ? self::sections($master) : [];
        $options = [];
        foreach ($sections === [] ? [$master, ...$with] : [] as $worksheet) {
            $options[] = new ChoiceOption(
                'w'.count($options),
                self::called($worksheet),
                '',
                array_map(fn (WorksheetPage $page): int => $page->id, BoardSources::forStudents($worksheet)),
                $worksheet->is($master) ? null : $worksheet->id,
            );
        }
        foreach ($sections as $section => $pages) {
            $options[] = new ChoiceOption('s'.count($options), self::short((string) $section), '', $pages);
        }
        $places = max(ChoiceBoard::FEWEST, min(self::SUGGESTED_PLACES, count($options)));
        $ids = array_map(fn (ChoiceOption $option): string => $option->id, array_slice($options, 0, $places));

        return new ChoiceBoard('Choose one', '', $options, array_pad($ids, $places, null));
    }

    /** A name for the option that a worksheet is. */
    public static function called(Worksheet $worksheet): string
    {
        return self::short($worksheet->name);
    }

    /**
     * Pages of a worksheet as one types them.
     *
     * @param  list<WorksheetPage>  $pages
     */
    public static function typed(array $pages): string
    {
        return self::range(array_map(fn (WorksheetPage $page): int => $page->number(), $pages));
    }

    /** The pages of an option as one types them. */
    public function pages(ChoiceOption $option): string
    {
        $numbers = array_flip($this->sources->pages($option->of));

        return self::range(
            array_values(array_filter(array_map(fn (int $id): ?int => $numbers[$id] ?? null, $option->pages))),
        );
    }

    /** What its pages are of, where that is not the worksheet that the board is made from. */
    public function of(ChoiceOption $option): ?string
    {
        return $option->of === null
            ? null
            : $this->sources->worksheet($option->of)->name ?? 'a worksheet that is not on your shelf any more';
    }

    /** From 1; 0 when it stands beside the board. */
    public function place(ChoiceOption $option): int
    {
        $at = array_search($option->id, $this->board->places, true);

        return $at === false ? 0 : (int) $at + 1;
    }

    /** @return array<string, list<int>> ids of the pages for students, by section */
    private static function sections(Worksheet $master): array
    {
        $sections = [];
        foreach ($master->pages as $page) {
            if ($page->role === Role::Student && $page->section !== null) {
                $sections[$page->section][] = $page->id;
            }
        }

        return $sections;
    }

    private static function short(string $name): string
    {
        return mb_substr($name, 0, ChoiceOption::LONGEST_NAME);
    }

    /** @param  list<int>  $numbers */
    private static function range(array $numbers): string
    {
        return str_replace('–', '-', PageRange::format($numbers));
    }
}
