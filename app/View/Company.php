<?php

declare(strict_types=1);

namespace App\View;

use App\Actions\Attend;
use App\Models\Copy;
use App\Models\Student;
use OpenSlate\Copies\Answer;
use OpenSlate\Copies\CopyState;
use stdClass;

/** What one of those who share a copy hears of the others. */
final class Company
{
    public function __construct(private Attend $attend)
    {
    }

    /**
     * @param  int  $seen  the copy's revision that their window last saw
     * @return array<string, mixed> as resources/js/copy/company.js reads it
     */
    public function of(Copy $copy, Student $student, int $seen, string $window): array
    {
        $copy->loadMissing('students');
        $work = $copy->written();
        $news = $work->news($seen, $window);
        $names = $copy->students->pluck('name', 'id');
        $asked = $copy->askedIn();
        $time = now()->toDateTimeImmutable();

        return [
            'revision' => $work->revision,
            'since' => $work->since,
            'filled' => $copy->filled,
            'over' => $copy->state === CopyState::HandedIn || $copy->isReturned(),
            'answers' => (object) array_map(fn (Answer $answer): string => $answer->text, $news),
            'writers' => (object) array_filter(
                array_map(fn (int $by): ?string => $names->get($by), $work->writers()),
            ),
            'people' => $this->attend
                ->others($copy, $student)
                ->map(fn (stdClass $one): array => [
                    'name' => $names->get($one->student_id) ?? '',
                    'place' => $one->place,
                ])
                ->where('name', '!=', '')
                ->values(),
            'asked' => $asked->isOpen($time)
                ? [
                    'name' => $names->get($asked->by) ?? '',
                    'mine' => $asked->by === $student->id,
                    'left' => $asked->left($time),
                ]
                : null,
        ];
    }
}
