<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\ArrangementRevision;
use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenSlate\Arrange\ArrangedPage;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Arrange\ArrangementRefused;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Edit\History\Revision;
use OpenSlate\Questions\QuestionsCodec;

/**
 * Gives a worksheet its next arrangement of pages, if nobody else has done so since, and steps back and forward.
 *
 * Pages that are taken out stay behind without a place, so that they can be put back as they were.
 */
final class Rearrange
{
    public function __construct(private RevisePage $revise)
    {
    }

    /**
     * @param  int  $base  the arrangement that the window last saw
     * @param  Closure(Arrangement, Worksheet): Arrangement  $change
     *
     * @throws StaleArrangement|MasterLocked|ArrangementRefused
     */
    public function __invoke(Worksheet $worksheet, int $base, Closure $change): Worksheet
    {
        return $this->next(
            $worksheet,
            $base,
            fn (ArrangementRevision $now, Arrangement $is, Worksheet $locked): array => [
                $now->revision()->edited(),
                $change($is, $locked),
            ],
        );
    }

    /** @throws StaleArrangement|MasterLocked|ArrangementRefused */
    public function undo(Worksheet $worksheet, int $base): Worksheet
    {
        return $this->next($worksheet, $base, function (
            ArrangementRevision $now,
            Arrangement $is,
            Worksheet $locked,
        ): array {
            $target = $this->find($locked, $now->undo_to) ?? throw ArrangementRefused::nothingToUndo();

            return [$now->revision()->undone($target->revision()), $this->restored($is, $target->arrangement())];
        });
    }

    /** @throws StaleArrangement|MasterLocked|ArrangementRefused */
    public function redo(Worksheet $worksheet, int $base): Worksheet
    {
        return $this->next($worksheet, $base, function (
            ArrangementRevision $now,
            Arrangement $is,
            Worksheet $locked,
        ): array {
            $target = $this->find($locked, $now->redo_to) ?? throw ArrangementRefused::nothingToRedo();

            return [$now->revision()->redone($target->revision()), $this->restored($is, $target->arrangement())];
        });
    }

    /** @param  Closure(ArrangementRevision, Arrangement, Worksheet): array{Revision, Arrangement}  $step */
    private function next(Worksheet $worksheet, int $base, Closure $step): Worksheet
    {
        return DB::transaction(function () use ($worksheet, $base, $step): Worksheet {
            $locked = Worksheet::query()->lockForUpdate()->findOrFail($worksheet->id);
            if ($locked->arranged !== $base || $locked->state !== WorksheetState::Ready) {
                throw new StaleArrangement;
            }
            $now =
                $locked->arrangement ??
                ArrangementRevision::record($locked->id, Revision::first(), $this->asItCame($locked));
            $is = $now->arrangement();
            [$revision, $to] = $step($now, $is, $locked);
            if ($to->isSameAs($is)) {
                return $locked; // A change that changes nothing is no step to undo.
            }
            // Roles and sections are the teacher's notes on the pages; the pages themselves are what is locked.
            if (! $to->samePages($is) && $locked->isLocked()) {
                throw new MasterLocked;
            }
            ArrangementRevision::record($locked->id, $revision, $to);
            $this->place($locked, $to);
            $locked->update(['arranged' => $revision->number, 'pages_total' => count($to->pages)]);
            $this->describeCuts($locked);

            return $locked;
        });
    }

    private function asItCame(Worksheet $worksheet): Arrangement
    {
        return new Arrangement(
            array_values(
                $worksheet->pages()->get()->map(fn (WorksheetPage $page): ArrangedPage => $page->arranged())->all(),
            ),
        );
    }

    private function find(Worksheet $worksheet, ?int $number): ?ArrangementRevision
    {
        return $number === null ? null : $worksheet->arrangements()->where('number', $number)->first();
    }

    /** Gives pages back what was on them, where the step had changed that. */
    private function restored(Arrangement $is, Arrangement $to): Arrangement
    {
        $before = array_column(
            array_map(fn (ArrangedPage $page): array => [$page->id, $page->revision], $is->pages),
            1,
            0,
        );
        $restored = [];
        foreach ($to->pages as $index => $page) {
            $was = $before[$page->id] ?? null;
            if ($was !== null && $was !== $page->revision) {
                $restored[$page->id] = $this->restore($page->id, $was, $page->revision, $index + 1);
            }
        }

        return $to->revised($restored);
    }

    private function restore(int $id, int $from, int $to, int $number): int
    {
        $content = fn (int $revision): string => PageRevision::where('page_id', $id)->where('number', $revision)->sole()
            ->content;
        $page = WorksheetPage::with('current')->lockForUpdate()->findOrFail($id);
        if ($page->current->content === $content($to)) {
            return $page->revision;
        }
        if ($page->current->content !== $content($from)) {
            throw ArrangementRefused::changedSince($page->position ?? $number);
        }

        return ($this->revise)(
            $page,
            $page->revision,
            fn (PageRevision $now): array => [$now->revision()->edited(), $content($to)],
        )->number;
    }

    /** Writes the arrangement down on the pages, where everything else reads it. */
    private function place(Worksheet $worksheet, Arrangement $arrangement): void
    {
        $numbers = array_flip($arrangement->ids());
        $leaving = $worksheet
            ->pages()
            ->get()
            ->filter(fn (WorksheetPage $page): bool => $page->position !== ($numbers[$page->id] ?? -1) + 1);
        // Two pages never have one place, not even for a moment.
        WorksheetPage::whereIn('id', $leaving->modelKeys())->update(['position' => null]);
        $rows = $worksheet->allPages()->get()->keyBy('id');
        foreach ($arrangement->pages as $index => $page) {
            /** @var WorksheetPage $row */
            $row = $rows->get($page->id);
            $row->fill([
                'position' => $index + 1,
                'role' => $page->role,
                'role_reason' => $page->reason,
                'role_confidence' => $page->confidence,
                'own_questions' => $page->questions === null ? null : QuestionsCodec::encode($page->questions),
                'section' => $page->section,
                'answers' => $page->answers === [] ? null : $page->answers,
            ])->save();
        }
    }

    /** What a set says of where its pages come from follows both the set and what it was cut from. */
    private function describeCuts(Worksheet $worksheet): void
    {
        $worksheet
            ->sets()
            ->withTrashed()
            ->get()
            ->when(! $worksheet->isMaster(), fn ($sets) => $sets->push($worksheet))
            ->each(fn (Worksheet $set) => $set->updateQuietly(['cut_from' => $this->cutFrom($set)]));
    }

    private function cutFrom(Worksheet $set): string
    {
        $numbers = $set
            ->pages()
            ->with(['source', 'pieces.source'])
            ->get()
            ->flatMap(fn (WorksheetPage $page): array => [$page->source, ...$page->pieces->map->source->unique('id')])
            ->map(
                fn (?WorksheetPage $source): ?int => $source !== null && $source->worksheet_id === $set->master_id
                    ? $source->position
                    : null,
            );

        return PageRange::format(array_values($numbers->filter()->all()));
    }
}
