<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SchoolClass;
use App\Models\Team;
use App\Models\TeamSet;
use Illuminate\Support\Facades\DB;
use OpenSlate\Teams\Dealing;

/** A new set of teams: dealt by chance or by name, empty to be filled by hand, or as another set has them. */
final class MakeTeams
{
    /**
     * @param  list<int>  $students  ids in the order in which they are dealt; none for teams that are filled by hand
     */
    public function dealt(SchoolClass $class, string $name, array $students, int $teams): TeamSet
    {
        $made = [];
        foreach (Dealing::into($students, $teams) as $at => $dealt) {
            $made[] = ['Team '.($at + 1), $dealt];
        }

        return $this->make($class, $name, $made);
    }

    /** Who has left the class since is in none of them. */
    public function like(SchoolClass $class, string $name, TeamSet $other): TeamSet
    {
        $here = $class->students()->pluck('students.id')->all();
        $teams = [];
        foreach ($other->teams()->with('students:id')->get() as $team) {
            $teams[] = [$team->name, array_values(array_intersect($team->students->modelKeys(), $here))];
        }

        return $this->make($class, $name, $teams);
    }

    /** @param  list<array{string, list<int>}>  $teams  the name of each, and its students */
    private function make(SchoolClass $class, string $name, array $teams): TeamSet
    {
        return DB::transaction(function () use ($class, $name, $teams): TeamSet {
            $set = TeamSet::create(['school_class_id' => $class->id, 'name' => $name]);
            foreach ($teams as $at => [$called, $students]) {
                $team = Team::create(['team_set_id' => $set->id, 'name' => $called, 'position' => $at + 1]);
                $team->students()->attach(array_fill_keys($students, ['team_set_id' => $set->id]));
            }

            return $set;
        });
    }
}
