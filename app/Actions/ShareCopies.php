<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use App\Models\HandoutItem;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyState;
use OpenSlate\Handout\Mode;
use stdClass;

/**
 * Gives students one copy together: those of a team, or of a class. Who is in no team, or in no class, gets their own;
 * whoever has one keeps it; who comes later joins the others.
 */
final class ShareCopies
{
    /** @param  list<int>  $students  ids */
    public function __invoke(HandoutItem $item, array $students): void
    {
        $students = array_values(array_diff($students, $this->having($item)));
        $groups = $item->mode === Mode::TeamCopy ? $this->teams($item, $students) : $this->classes($item, $students);
        $alone = array_diff($students, ...array_map(fn (array $group): array => $group[2], $groups));
        foreach ($groups as [$column, $name, $some, $id]) {
            $copy = Copy::query()->firstOrCreate(
                ['handout_item_id' => $item->id, $column => $id],
                ['name' => $name, 'state' => CopyState::NotOpened, 'student_id' => null],
            );
            $copy->students()->syncWithoutDetaching($some);
        }
        DB::table('copies')->insertOrIgnore(array_map(
            fn (int $student): array => [
                'handout_item_id' => $item->id,
                'student_id' => $student,
                'state' => CopyState::NotOpened->value,
            ],
            array_values($alone),
        ));
    }

    /** @return list<int> ids of students who have a copy of it */
    private function having(HandoutItem $item): array
    {
        $copies = DB::table('copies')->where('handout_item_id', $item->id);
        $ids = [
            ...(clone $copies)->whereNotNull('student_id')->pluck('student_id')->all(),
            ...DB::table('copy_students')->whereIn('copy_id', $copies->select('id'))->pluck('student_id')->all(),
        ];

        return array_values(array_map(intval(...), $ids));
    }

    /**
     * @param  list<int>  $students
     * @return list<array{string, string, list<int>, int}> what it is found by, its name, its students, its id
     */
    private function teams(HandoutItem $item, array $students): array
    {
        $rows = DB::table('team_students')
            ->join('teams', 'teams.id', '=', 'team_students.team_id')
            ->whereIn('teams.team_set_id', $this->sets($item))
            ->whereIn('team_students.student_id', $students)
            ->orderBy('teams.id')
            ->get(['teams.id', 'teams.name', 'team_students.student_id']);

        return $this->grouped('team_id', $rows->all());
    }

    /** @return list<int> ids of the teams of each class: those that were chosen, or else the newest */
    private function sets(HandoutItem $item): array
    {
        $sets = DB::table('handout_classes')
            ->where('handout_id', $item->handout_id)
            ->leftJoin('team_sets', 'team_sets.school_class_id', '=', 'handout_classes.school_class_id')
            ->groupBy('handout_classes.school_class_id', 'handout_classes.team_set_id')
            ->selectRaw('coalesce(handout_classes.team_set_id, max(team_sets.id)) as id')
            ->pluck('id');

        return array_values(array_map(intval(...), array_filter($sets->all())));
    }

    /**
     * @param  list<int>  $students
     * @return list<array{string, string, list<int>, int}>
     */
    private function classes(HandoutItem $item, array $students): array
    {
        $rows = DB::table('handout_classes')
            ->join('school_classes', 'school_classes.id', '=', 'handout_classes.school_class_id')
            ->join('enrolments', 'enrolments.school_class_id', '=', 'school_classes.id')
            ->where('handout_classes.handout_id', $item->handout_id)
            ->whereNull('enrolments.left_at')
            ->whereIn('enrolments.student_id', $students)
            ->orderBy('school_classes.id')
            ->get(['school_classes.id', 'school_classes.name', 'enrolments.student_id']);

        return $this->grouped('school_class_id', $rows->all());
    }

    /**
     * Each student once: in the first of what they are in.
     *
     * @param  array<stdClass>  $rows  with id, name and student_id
     * @return list<array{string, string, list<int>, int}>
     */
    private function grouped(string $column, array $rows): array
    {
        $groups = $seen = [];
        foreach ($rows as $row) {
            if (! isset($seen[$row->student_id])) {
                $seen[$row->student_id] = true;
                $groups[$row->id] ??= [$column, (string) $row->name, [], (int) $row->id];
                $groups[$row->id][2][] = (int) $row->student_id;
            }
        }

        return array_values($groups);
    }
}
