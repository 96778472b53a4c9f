<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use OpenSlate\Arrange\ArrangedPage;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Packs\LikePages;
use OpenSlate\Packs\LikeSections;
use OpenSlate\Packs\Role;
use OpenSlate\Text\PageText;

/** After the teacher has said what some pages are: the others of which that is likely true, too. */
final class OfferAlike
{
    /**
     * Of the pages that look the same, those that were told apart the same way. A key is never offered to go to
     * students: that is said of each by itself.
     *
     * @param  list<int>  $ids  of the pages that were given the role last
     */
    public function ofRole(Worksheet $worksheet, array $ids, Role $role): ?AlikeOffer
    {
        $before = array_filter(
            $this->before($worksheet)->pages ?? [],
            fn (ArrangedPage $page): bool => in_array($page->id, $ids, true) && $page->role !== $role,
        );
        $were = array_map(fn (ArrangedPage $page): Role => $page->role, $before);
        if ($were === []) {
            return null;
        }
        $pages = $worksheet->pages()->with('backdrop')->get();
        $said = $pages->filter(fn (WorksheetPage $page): bool => in_array($page->id, $ids, true));
        $like = LikePages::of($this->texts($pages->all()), array_values($this->numbers($said->all())));
        $offered = $this->numbers($pages->filter(
            fn (WorksheetPage $page): bool => in_array($page->number(), $like, true) &&
                in_array($page->role, $were, true) &&
                $page->role_reason !== Arrangement::TEACHERS_WORD &&
                ! ($page->role === Role::Key && $role === Role::Student),
        )->all());

        return $offered === [] ? null : new AlikeOffer($offered, $role);
    }

    /** Pages for students that are headed with a name that counts as this one does, and start no section of it yet. */
    public function ofSection(Worksheet $worksheet, int $id, string $name): ?AlikeOffer
    {
        $pages = $worksheet->pages()->with('backdrop')->get();
        $named = $pages->find($id);
        if (! $named instanceof WorksheetPage) {
            return null;
        }
        $starts = LikeSections::of($this->texts($pages->all()), $named->number(), $name);
        $sections = $pages->pluck('section')->all();
        $offered = $this->numbers($pages->filter(
            fn (WorksheetPage $page): bool => isset($starts[$page->number()]) &&
                $page->role === Role::Student &&
                ! in_array($starts[$page->number()], $sections, true),
        )->all());

        return $offered === []
            ? null
            : new AlikeOffer($offered, null, array_map(fn (int $number): string => $starts[$number], $offered));
    }

    /** The pages as they were before the last change. */
    private function before(Worksheet $worksheet): ?Arrangement
    {
        $now = $worksheet->arrangement;

        return $now?->undo_to === null
            ? null
            : $worksheet->arrangements()->where('number', $now->undo_to)->first()?->arrangement();
    }

    /**
     * @param  array<int, WorksheetPage>  $pages
     * @return array<int, int> by their ids
     */
    private function numbers(array $pages): array
    {
        $numbers = [];
        foreach ($pages as $page) {
            $numbers[$page->id] = $page->number();
        }

        return $numbers;
    }

    /**
     * @param  array<int, WorksheetPage>  $pages
     * @return list<PageText>
     */
    private function texts(array $pages): array
    {
        $texts = [];
        foreach ($pages as $page) {
            $print = $page->backdrop?->text();
            $print === null || ($texts[] = new PageText($page->number(), $print->size, $print->lines));
        }

        return $texts;
    }
}
