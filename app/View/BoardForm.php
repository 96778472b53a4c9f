<?php

declare(strict_types=1);

namespace App\View;

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

    /** @param  array<int, int>  $numbers  of the master's pages, by id */
    public function __construct(private ChoiceBoard $board, private array $numbers)
    {
    }

    /** A board to start from: an option for each section of the master, the first of them in their places. */
    public static function suggested(Worksheet $master): ChoiceBoard
    {
        $options = [];
        $sections = $master->pages()->where('role', Role::Student)->whereNotNull('section')->get()->groupBy('section');
        foreach ($sections as $section => $pages) {
            $options[] = new ChoiceOption(
                's'.count($options),
                mb_substr((string) $section, 0, ChoiceOption::LONGEST_NAME),
                '',
                array_values($pages->map(fn (WorksheetPage $page): int => $page->id)->all()),
            );
        }
        $places = max(ChoiceBoard::FEWEST, min(self::SUGGESTED_PLACES, count($options)));
        $ids = array_map(fn (ChoiceOption $option): string => $option->id, array_slice($options, 0, $places));

        return new ChoiceBoard('Choose one', '', $options, array_pad($ids, $places, null));
    }

    /** The pages of an option as one types them. */
    public function pages(ChoiceOption $option): string
    {
        $numbers = array_values(
            array_filter(array_map(fn (int $id): ?int => $this->numbers[$id] ?? null, $option->pages)),
        );

        return str_replace('–', '-', PageRange::format($numbers));
    }

    /** From 1; 0 when it stands beside the board. */
    public function place(ChoiceOption $option): int
    {
        $at = array_search($option->id, $this->board->places, true);

        return $at === false ? 0 : (int) $at + 1;
    }
}
