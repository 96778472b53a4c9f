<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\ArrangementRevision;
use App\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\History\Thinning;
use stdClass;

/** Throws old revisions of pages away by the rule of Thinning; undo goes round the gaps. */
final class ThinRevisions
{
    public function __construct(private School $school)
    {
    }

    /** @return int how many were thrown away */
    public function __invoke(): int
    {
        $since = $this->school->local(now())->subDays(Thinning::DAYS)->format('Y-m-d');
        $pages = DB::table('page_revisions')
            ->where('created_at', '<', now()->subDays(Thinning::DAYS))
            ->groupBy('page_id')
            ->havingRaw('count(*) > 1')
            ->orderBy('page_id')
            ->pluck('page_id');

        return (int) $pages->sum(fn (int $page): int => DB::transaction(fn (): int => $this->thin($page, $since)));
    }

    private function thin(int $page, string $since): int
    {
        $rows = DB::table('page_revisions')
            ->where('page_id', $page)
            ->orderBy('number')
            ->get(['id', 'number', 'undo_to', 'redo_to', 'created_at'])
            ->keyBy('number');
        $days = $rows
            ->map(
                fn (object $row): string => $this->school
                    ->local(CarbonImmutable::parse((string) $row->created_at, 'UTC'))
                    ->format('Y-m-d'),
            )
            ->all();
        if (Thinning::surplus($days, [], $since) === []) {
            return 0; // Whatever is named, nothing goes: most pages, most of the time.
        }
        $gone = array_fill_keys(Thinning::surplus($days, $this->named($page, $rows), $since), true);
        if ($gone === []) {
            return 0;
        }
        $undoTo = $rows->map(fn (object $row): ?int => $row->undo_to)->all();
        foreach ($rows->diffKeys($gone) as $number => $row) {
            $to = [
                'undo_to' => Thinning::undoTo((int) $number, $undoTo, $gone),
                'redo_to' => isset($gone[$row->redo_to ?? 0]) ? null : $row->redo_to,
            ];
            [$row->undo_to, $row->redo_to] === array_values($to) ||
                DB::table('page_revisions')->where('id', $row->id)->update($to);
        }

        return DB::table('page_revisions')
            ->whereIn('id', $rows->intersectByKeys($gone)->pluck('id'))
            ->delete();
    }

    /**
     * @param  Collection<int, stdClass>  $rows  by number
     * @return list<int> numbers of the revisions that something else names
     */
    private function named(int $page, Collection $rows): array
    {
        $handedOut = DB::table('edition_pages')
            ->whereIn('page_revision_id', $rows->pluck('id'))
            ->pluck('page_revision_id')
            ->flip();
        $named = $rows->filter(fn (object $row): bool => $handedOut->has($row->id))->keys()->all();
        array_push(
            $named,
            ...DB::table('pages')
                ->where('source_page_id', $page)
                ->whereNotNull('source_revision')
                ->pluck('source_revision')
                ->all(),
        );
        array_push(
            $named,
            ...DB::table('page_pieces')->where('source_page_id', $page)->pluck('source_revision')->all(),
        );
        array_push($named, ...DB::table('pages')->where('id', $page)->pluck('revision')->all());
        $worksheet = DB::table('pages')->where('id', $page)->value('worksheet_id');
        foreach (ArrangementRevision::where('worksheet_id', $worksheet)->lazyById(50) as $arrangement) {
            foreach ($arrangement->arrangement()->pages as $arranged) {
                if ($arranged->id === $page) {
                    $named[] = $arranged->revision;
                }
            }
        }

        return array_values(array_map(intval(...), $named));
    }
}
