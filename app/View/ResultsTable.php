<?php

declare(strict_types=1);

namespace App\View;

use App\Actions\MarkByKey;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\School;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Work;
use OpenSlate\Judging\Verdict;
use OpenSlate\Marking\ItemFigures;
use OpenSlate\Marking\Marks;
use OpenSlate\Marking\MissingWork;
use OpenSlate\Marking\Points;
use OpenSlate\Marking\Scheme;

/** The results of a handout: students by questions, with what the class has made of each question. */
final readonly class ResultsTable
{
    private const WITH = ['student', 'students', 'handMarks'];

    /**
     * @param  array<string, ResultsColumn>  $columns  by item and place
     * @param  list<ResultsRow>  $rows  in the order of classes and names
     */
    private function __construct(public array $columns, public array $rows, public Points $full)
    {
    }

    public static function of(Handout $handout, MarkByKey $byKey, School $school): self
    {
        $handout->load(['items.edition.revisions', 'items.handout', 'classes', 'recipients.allClasses:id,name']);
        $items = $handout->items->filter(
            fn (HandoutItem $item): bool => $item->mode->hasCopies() && $item->withdrawn_at === null,
        );
        $marked = [];
        foreach ($items as $item) {
            $scheme = $byKey($item);
            $copies = $byStudent = $marks = [];
            $with = $handout->attemptsOf()->isOne()
                ? self::WITH
                : [...self::WITH, 'moments' => fn ($moments) => $moments
                    ->whereNotNull('marks')
                    ->select(['id', 'copy_id', 'kind', 'marks'])];
            foreach ($item->copies()->with($with)->get() as $copy) {
                $copies[$copy->id] = $copy;
                $marks[$copy->id] = $handout->attemptsOf()->isOne()
                    ? $copy->marks($scheme)
                    : $copy->countedMarks($scheme, $handout->attemptsOf(), self::isIn($copy)) ?? Marks::none();
                foreach ($copy->people() as $student) {
                    $byStudent[$student->id] ??= $copy;
                }
            }
            $marked[] = [$item, $scheme, $copies, $byStudent, $marks];
        }
        $rows = self::rows($handout, $marked, $school);

        return new self(
            self::columns($handout, $marked, $rows),
            $rows,
            array_reduce(
                $marked,
                fn (Points $sum, array $one): Points => $sum->plus($one[1]->total()),
                Points::none(),
            ),
        );
    }

    private static function isIn(Copy $copy): bool
    {
        return $copy->state === CopyState::HandedIn || $copy->returned_at !== null;
    }

    /**
     * @return list<list<string|float|null>> for a file: a head, the students, and what the class made of each question
     */
    public function cells(): array
    {
        $number = fn (?Points $points): ?float => $points === null ? null : round($points->number(), 4);
        $foot = fn (string $head, callable $of): array => [
            $head,
            null,
            ...array_map($of, array_values($this->columns)),
            null,
            null,
        ];

        return [
            [
                'Student',
                'Class',
                ...array_map(
                    fn (ResultsColumn $one): string => "{$one->short} {$one->words}",
                    array_values($this->columns),
                ),
                'Points',
                'Note',
            ],
            $foot('At most', fn (ResultsColumn $one): ?float => $number($one->full)),
            ...array_map(
                fn (ResultsRow $row): array => [
                    $row->student,
                    $row->class,
                    ...array_map($number, array_values($row->points)),
                    $number($row->total),
                    $row->note,
                ],
                $this->rows,
            ),
            $foot('Facility', fn (ResultsColumn $one): ?float => $one->figures->facility === null
                ? null
                : round($one->figures->facility, 4)),
            $foot('Discrimination', fn (ResultsColumn $one): ?float => $one->figures->discrimination === null
                ? null
                : round($one->figures->discrimination, 4)),
            $foot('Commonest wrong answer', fn (ResultsColumn $one): string => $one->misconception),
        ];
    }

    /**
     * @param  list<array{HandoutItem, Scheme, array<int, Copy>, array<int, Copy>, array<int, Marks>}>  $marked  copies,
     *                                                          by themselves and by student, and their marks
     * @return list<ResultsRow>
     */
    private static function rows(Handout $handout, array $marked, School $school): array
    {
        $times = $handout->timesByStudent();
        $given = $handout->classes->pluck('name', 'id');
        $rows = [];
        foreach ($handout->recipients as $student) {
            $points = $notes = $copies = $looks = [];
            $total = Points::none();
            $counts = $excused = false;
            foreach ($marked as [$item, $scheme, , $byStudent, $marks]) {
                $copy = $byStudent[$student->id] ?? null;
                $its = $copy === null ? null : $marks[$copy->id];
                $isIn = $copy !== null &&
                    (self::isIn($copy) || (! $handout->attemptsOf()->isOne() && $copy->attemptsDone() > 1));
                $excused = $excused || $copy?->isExcused($student) === true;
                foreach (array_keys($scheme->places()) as $place) {
                    $mark = $isIn && ! $excused ? $its?->find((string) $place) : null;
                    $points["{$item->id}/{$place}"] = $mark?->waits() === false ? $mark->points : null;
                    $looks += $mark?->waits() === true ? ["{$item->id}/{$place}" => true] : [];
                }
                if ($copy === null) {
                    continue;
                }
                $copies[] = $copy->id;
                $due = $handout->lateAfter($times[$student->id] ?? $handout->times());
                $isMissing = ! $isIn && $due->isPast(now()->toDateTimeImmutable());
                $waiting = $isIn ? (int) $its?->waiting() : 0;
                $notes[] = match (true) {
                    $isMissing => 'missing',
                    $waiting > 0 => "{$waiting} to look at",
                    $isIn && $copy->standing()->isLate($due) => 'late',
                    default => '',
                };
                $counts = $counts || $isIn || ($isMissing && $school->missingWork === MissingWork::Zero);
                $total = $isIn
                    ? $total->plus($copy->pointsOf($student) ?? $its?->total() ?? Points::none())
                    : $total;
            }
            $class = $student->allClasses->first(fn (SchoolClass $class): bool => $given->has($class->id));
            $rows[] = new ResultsRow(
                $student->id,
                $student->name,
                $student->guest ? 'Guest' : $class->name ?? '',
                $points,
                $looks,
                $counts && ! $excused ? $total : null,
                $excused ? 'excused' : implode(', ', array_unique(array_filter($notes))),
                $copies,
                $excused,
            );
        }
        usort($rows, fn (ResultsRow $a, ResultsRow $b): int => [$a->class, mb_strtolower($a->student)] <=>
            [$b->class, mb_strtolower($b->student)]);

        return $rows;
    }

    /**
     * @param  list<array{HandoutItem, Scheme, array<int, Copy>, array<int, Copy>, array<int, Marks>}>  $marked  copies,
     *                                                          by themselves and by student, and their marks
     * @param  list<ResultsRow>  $rows
     * @return array<string, ResultsColumn>
     */
    private static function columns(Handout $handout, array $marked, array $rows): array
    {
        $columns = [];
        foreach ($marked as [$item, $scheme, $copies, , $marks]) {
            $works = array_map(fn (Copy $copy): Work => $copy->written(), $copies);
            foreach (MarkedQuestion::all($item->edition, $scheme) as $place => $question) {
                $earned = $totals = $wrong = [];
                foreach ($rows as $row) {
                    $points = $row->points["{$item->id}/{$place}"] ?? null;
                    if ($points !== null && $row->total !== null) {
                        $earned[] = $points->number();
                        $totals[] = $row->total->number();
                    }
                }
                foreach ($marks as $copy => $of) {
                    $answer = $works[$copy]->text($place);
                    $isRead = ! $question->isSeen() && ! $question->isHeard();
                    if ($answer !== '' && $isRead && $of->find($place)?->verdict === Verdict::Wrong) {
                        $wrong[$question->place->likeness($answer)][] = $answer;
                    }
                }
                $columns["{$item->id}/{$place}"] = new ResultsColumn(
                    (string) (count($columns) + 1),
                    $question->words,
                    $question->place->full,
                    ItemFigures::of($earned, $totals, $question->place->full->number()),
                    self::commonest($wrong, $question),
                    route('marking', ['handout' => $handout->id, 'item' => $item->id, 'place' => $place]),
                );
            }
        }

        return $columns;
    }

    /** @param  array<string, list<string>>  $wrong  answers by what they have in common */
    private static function commonest(array $wrong, MarkedQuestion $question): string
    {
        uasort($wrong, fn (array $a, array $b): int => count($b) <=> count($a));
        $most = array_values($wrong)[0] ?? [];

        return count($most) < 2 ? '' : $question->read($most[0]).' ('.count($most).')';
    }
}
