<?php

declare(strict_types=1);

namespace App\View;

use App\Actions\MarkByKey;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\School;
use Illuminate\Database\Eloquent\Collection;
use OpenSlate\Marking\Points;

/** The results of a class over the handouts that a teacher may watch: students by handouts. */
final readonly class ClassResults
{
    /** The latest of so many. */
    private const MOST = 40;

    /**
     * @param  list<array{Handout, Points}>  $columns  with what each is worth, the latest first
     * @param  list<array{string, list<ResultsRow|null>, float|null}>  $rows  name, what was earned in each, and the
     * share
     *                                                                        of all that counts
     */
    private function __construct(public array $columns, public array $rows)
    {
    }

    public static function of(SchoolClass $class, Teacher $teacher, MarkByKey $byKey, School $school): self
    {
        $columns = $tables = [];
        foreach (self::handouts($class, $teacher) as $handout) {
            $table = ResultsTable::of($handout, $byKey, $school);
            if (! $table->full->isNone()) {
                $columns[] = [$handout, $table->full];
                $tables[] = collect($table->rows)->keyBy(fn (ResultsRow $row): int => $row->studentId);
            }
        }
        $students = $class->students()->get()->sortBy(fn (Student $one): string => mb_strtolower($one->name));
        $rows = [];
        foreach ($students as $student) {
            $earned = array_map(fn ($table): ?ResultsRow => $table->get($student->id), $tables);
            $rows[] = [$student->name, $earned, self::share($earned, $columns)];
        }

        return new self($columns, $rows);
    }

    /** @return Collection<int, Handout> what the class was handed that the teacher may watch, the latest first */
    public static function handouts(SchoolClass $class, Teacher $teacher): Collection
    {
        return Handout::query()
            ->watchedBy($teacher)
            ->where('trial', false)
            ->whereNull('shelf_of')
            ->whereHas('classes', fn ($classes) => $classes->whereKey($class->id))
            ->latest('id')
            ->limit(self::MOST)
            ->get();
    }

    /** @return list<list<string|float|null>> */
    public function cells(): array
    {
        $number = fn (?Points $points): ?float => $points === null ? null : round($points->number(), 4);

        return [
            [
                'Student',
                ...array_map(fn (array $one): string => $one[0]->title, $this->columns),
                'Share of all',
            ],
            ['At most', ...array_map(fn (array $one): ?float => $number($one[1]), $this->columns), null],
            ...array_map(
                fn (array $row): array => [
                    $row[0],
                    ...array_map(fn (?ResultsRow $one): ?float => $number($one?->total), $row[1]),
                    $row[2] === null ? null : round($row[2], 4),
                ],
                $this->rows,
            ),
        ];
    }

    /**
     * @param  list<ResultsRow|null>  $earned
     * @param  list<array{Handout, Points}>  $columns
     */
    private static function share(array $earned, array $columns): ?float
    {
        $of = $sum = 0.0;
        foreach ($earned as $at => $row) {
            if ($row?->total !== null) {
                $sum += $row->total->number();
                $of += $columns[$at][1]->number();
            }
        }

        return $of > 0.0 ? $sum / $of : null;
    }
}
