<?php

declare(strict_types=1);

namespace App\View;

use App\School;
use DateTimeInterface;
use OpenSlate\Handout\Terms;
use OpenSlate\Handout\Times;

/** What students will notice of a change to what was handed out, said before it is made. */
final readonly class NoticedWords
{
    public function __construct(private School $school)
    {
    }

    /** @return list<string> sentences; none when nothing is changed */
    public function of(Terms $is, Terms $to): array
    {
        if ($is == $to) {
            return [];
        }
        $noticed = array_values(array_filter([
            $is->title === $to->title ? '' : "It is called “{$to->title}” from now on.",
            $is->directions === $to->directions ? '' : 'The directions are new.',
            $is->points === $to->points
                ? ''
                : 'It is worth '.($to->points === null ? 'no points' : Count::of($to->points, 'point')).'.',
            $is->itemPoints == $to->itemPoints || $is->points !== $to->points
                ? ''
                : 'Its worksheets are worth other points than before.',
            ...$this->times($is->times, $to->times),
            $is->marksLate === $to->marksLate || $to->times->due === null
                ? ''
                : ($to->marksLate ? 'Late work is marked late.' : 'Late work is not marked late.'),
            $is->attempts == $to->attempts ? '' : "From now on: {$to->attempts->words()}.",
            $this->classes($is, $to) ? 'Some classes have other times than before.' : '',
            $is->readsAloud === $to->readsAloud
                ? ''
                : 'They may '.($to->readsAloud ? '' : 'not ').'have the questions read aloud'
                    .($to->readsAloud ? '.' : ' any more.'),
            $this->counted($is->students, $to->students, 'student', 'more gets it', 'more get it'),
            $this->counted(
                $to->students,
                $is->students,
                'student',
                'does not have it any more; what they did is kept',
                'do not have it any more; what they did is kept',
            ),
            $this->counted(
                $is->withdrawn,
                $to->withdrawn,
                'worksheet',
                'is taken back; what was done on it is kept',
                'are taken back; what was done on them is kept',
            ),
            $this->counted($to->withdrawn, $is->withdrawn, 'worksheet', 'is there again', 'are there again'),
        ]));

        return $noticed === [] ? ['Students will notice nothing of it.'] : $noticed;
    }

    /** @return list<string> */
    private function times(Times $is, Times $to): array
    {
        return [
            match (true) {
                $this->same($is->out, $to->out) => '',
                $to->out === null => 'Nobody has it until you say so; what they did is kept.',
                $to->out > now() => 'Students have it from '.$this->school->said($to->out).'.',
                default => 'Students have it at once.',
            },
            match (true) {
                $this->same($is->due, $to->due) => '',
                $to->due === null => 'It has no due time any more.',
                default => 'It is due '.$this->school->said($to->due)
                    .($is->due === null ? '.' : '; it was due '.$this->school->said($is->due).'.'),
            },
            match (true) {
                $this->same($is->closes, $to->closes) => '',
                $to->closes === null => 'Late work is taken.',
                default => 'Nothing is taken after '.$this->school->said($to->closes).'.',
            },
        ];
    }

    private function same(?DateTimeInterface $one, ?DateTimeInterface $other): bool
    {
        return $one?->getTimestamp() === $other?->getTimestamp();
    }

    private function classes(Terms $is, Terms $to): bool
    {
        foreach (array_intersect_key($to->classes, $is->classes) as $id => $class) {
            if ($class->times != $is->classes[$id]->times) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $before
     * @param  list<int>  $after
     */
    private function counted(array $before, array $after, string $one, string $does, string $do): string
    {
        $more = count(array_diff($after, $before));

        return $more === 0 ? '' : Count::of($more, $one).' '.($more === 1 ? $does : $do).'.';
    }
}
