<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Str;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\Element;
use OpenSlate\Packs\Role;

/** Lays answer boxes over proposed blanks: on one page as one edit, or on all pages for students as one step. */
final class TakeBlanks
{
    public function __construct(private ApplyEdit $apply, private Rearrange $rearrange)
    {
    }

    /**
     * @param  list<int>|null  $which  places in the list of proposals; null is all that are sure
     * @param  bool  $fills  whether the student's name and the day fill themselves in where they are asked for
     *
     * @throws StaleEdit|MasterLocked|EditRefused when there is nothing to take
     */
    public function __invoke(WorksheetPage $page, int $base, ?array $which, bool $fills = false): PageRevision
    {
        $proposed = $page->proposals($page->current->page()) ?? [];
        $taken =
            $which === null ? Proposals::sure($proposed) : array_intersect_key($proposed, array_flip($which));
        $boxes = $this->boxes($taken, $fills);

        return ($this->apply)($page, $base, new Place($boxes));
    }

    /**
     * @return int how many boxes were laid
     *
     * @throws StaleArrangement|MasterLocked
     */
    public function onAll(Worksheet $worksheet, int $base, bool $fills = false): int
    {
        $laid = 0;
        ($this->rearrange)($worksheet, $base, function (Arrangement $is, Worksheet $locked) use (
            &$laid,
            $fills,
        ): Arrangement {
            if ($locked->isLocked()) {
                throw new MasterLocked;
            }
            $revised = [];
            foreach (
                $locked
                    ->pages()
                    ->with(['current', 'backdrop'])
                    ->whereIn('role', [Role::Student, Role::Unknown])
                    ->get() as $page
            ) {
                $boxes = $this->boxes(Proposals::sure($page->proposals($page->current->page()) ?? []), $fills);
                if ($boxes !== []) {
                    $revised[$page->id] = ($this->apply)($page, $page->revision, new Place($boxes))->number;
                    $laid += count($boxes);
                }
            }

            return $is->revised($revised);
        });

        return $laid;
    }

    /**
     * @param  array<int, Blank>  $blanks
     * @return list<Element>
     */
    private function boxes(array $blanks, bool $fills): array
    {
        $id = fn (): string => Str::lower(Str::random(10));

        return array_merge(
            [],
            ...array_map(
                fn (Blank $blank): array => Proposals::laid($blank, $id, $fills),
                array_values($blanks),
            ),
        );
    }
}
