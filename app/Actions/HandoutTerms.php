<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\HandedClass;
use App\Models\Handout;
use App\Models\Recipient;
use Illuminate\Support\Carbon;
use OpenSlate\Handout\ClassTerms;
use OpenSlate\Handout\Terms;

/** Reads what a handout says, and writes it: the work of students is never touched. */
final class HandoutTerms
{
    public function __construct(private GiveCopies $give, private SetTimes $times)
    {
    }

    public function read(Handout $handout): Terms
    {
        $recipients = Recipient::where('handout_id', $handout->id)->orderBy('student_id')->get();
        $classes = HandedClass::where('handout_id', $handout->id)->orderBy('school_class_id')->get();

        return new Terms(
            title: $handout->title,
            directions: $handout->directions,
            points: $handout->points,
            readsAloud: $handout->reads_aloud,
            marksLate: $handout->marks_late,
            attempts: $handout->attemptsOf(),
            times: $handout->times(),
            classes: $classes
                ->mapWithKeys(fn (HandedClass $class): array => [
                    $class->school_class_id => new ClassTerms(
                        $class->whole,
                        $class->own_times ? $class->times() : null,
                    ),
                ])
                ->all(),
            students: array_values($recipients->whereNull('withdrawn_at')->pluck('student_id')->all()),
            extended: $recipients
                ->whereNotNull('extended_to')
                ->mapWithKeys(fn (Recipient $one): array => [
                    $one->student_id => ($one->extended_to ?? Carbon::now())->toDateTimeImmutable(),
                ])
                ->all(),
            withdrawn: array_values($handout->items()->whereNotNull('withdrawn_at')->pluck('id')->all()),
            isPutAway: $handout->put_away_at !== null,
            itemPoints: $handout->items()->whereNotNull('points')->orderBy('id')->pluck('points', 'id')->all(),
        );
    }

    public function write(Handout $handout, Terms $terms): void
    {
        $handout->update([
            'title' => $terms->title,
            'directions' => $terms->directions,
            'points' => $terms->points,
            'reads_aloud' => $terms->readsAloud,
            'marks_late' => $terms->marksLate,
            'attempts' => $terms->attempts->most,
            'best_attempt' => $terms->attempts->best,
            'put_away_at' => $terms->isPutAway ? $handout->put_away_at ?? now() : null,
            ...Handout::columns($terms->times),
        ]);
        $handout->classes()->sync(
            array_map(
                fn (ClassTerms $class): array => [
                    'whole' => $class->whole,
                    'own_times' => $class->times !== null,
                    ...$class->times === null
                        ? ['out_at' => null, 'due_at' => null, 'closes_at' => null]
                        : HandedClass::columns($class->times),
                ],
                $terms->classes,
            ),
        );
        $handout->items()->whereIn('id', $terms->withdrawn)->whereNull('withdrawn_at')->update([
            'withdrawn_at' => now(),
        ]);
        $handout->items()->whereNotIn('id', $terms->withdrawn)->update(['withdrawn_at' => null]);
        foreach ($handout->items()->get() as $item) {
            $item->update(['points' => $terms->itemPoints[$item->id] ?? null]);
        }
        $this->people($handout, $terms);
        $handout->unsetRelations();
    }

    /** Who has it no more keeps their work; who has it again finds it as it was. */
    private function people(Handout $handout, Terms $terms): void
    {
        $all = Recipient::where('handout_id', $handout->id);
        (clone $all)->whereNotIn('student_id', $terms->students)->whereNull('withdrawn_at')->update([
            'withdrawn_at' => now(),
        ]);
        (clone $all)->whereIn('student_id', $terms->students)->update(['withdrawn_at' => null]);
        (clone $all)->update(['extended_to' => null]);
        foreach ($terms->extended as $student => $until) {
            (clone $all)->where('student_id', $student)->update(['extended_to' => Carbon::instance($until)->utc()]);
        }
        $new = array_diff($terms->students, (clone $all)->pluck('student_id')->all());
        if ($new !== []) {
            ($this->give)($handout, array_values($new));
        }
        ($this->times)($handout);
    }
}
