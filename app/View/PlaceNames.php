<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Table;
use OpenSlate\Organise\Outline;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tags;

/** What each place of a page is called where it is not seen: by its prompt, or by what is printed there. */
final class PlaceNames
{
    /**
     * @param  array<string, string>  $asked  what is asked at places, where something is printed there
     * @return array<string, string> by the place's name on the page, in reading order; of a table or an organiser also
     *                               its own, by its id
     */
    public static function of(Page $page, array $asked): array
    {
        $names = [];
        foreach (Tags::of($page) as $id => $tag) {
            $element = $page->element((string) $id);
            $number = substr($tag, 1);
            if ($element instanceof AnswerBox) {
                $names[$element->id] = $asked[$element->id] ?? ($element->prompt ?: "Answer {$number}");
            } elseif ($element instanceof Table) {
                $names[$element->id] = $element->prompt ?: "Table {$number}";
                $names += self::cells($element, $names[$element->id], $asked);
            } elseif ($element instanceof Organiser) {
                $names[$element->id] = $element->prompt ?: "Organiser {$number}";
                $names += self::boxes($element, $names[$element->id]);
            }
        }

        return $names;
    }

    /**
     * @param  array<string, string>  $asked
     * @return array<string, string>
     */
    private static function cells(Table $table, string $named, array $asked): array
    {
        $names = [];
        foreach (array_keys($table->rows) as $row) {
            foreach (array_keys($table->columns) as $column) {
                if ($table->cell($row, $column)->fill) {
                    $place = $table->place($row, $column);
                    $names[$place] = $asked[$place] ?? ElementWords::cell($table, $row, $column, $named);
                }
            }
        }

        return $names;
    }

    /** @return array<string, string> */
    private static function boxes(Organiser $organiser, string $named): array
    {
        $parents =
            $organiser->shape === OrganiserShape::Hierarchy ? Outline::of($organiser)->parents() : [];
        $names = [];
        for ($at = 0; $at < $organiser->count(); $at++) {
            $names[$organiser->place($at)] = ElementWords::box($organiser, $at, $named, $parents[$at] ?? null);
        }

        return $names;
    }
}
