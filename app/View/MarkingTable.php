<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Copy;
use App\Models\HandoutItem;
use Illuminate\Support\Collection;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\OnPaper;
use OpenSlate\Copies\Work;
use OpenSlate\Judging\Verdict;
use OpenSlate\Marking\Mark;
use OpenSlate\Marking\Pile;
use OpenSlate\Marking\Points;
use OpenSlate\Marking\Scheme;
use OpenSlate\Marking\Slip;
use OpenSlate\Marking\Slips;

/** The answers of a class to one question, sorted into piles. */
final readonly class MarkingTable
{
    /**
     * @param  Collection<int, Copy>  $copies  those that are marked, by id
     * @param  array<string, MarkedQuestion>  $questions  all of the item, by place
     * @param  array<string, int>  $waiting  how many answers wait, by place
     * @param  array<string, list<Slip>>  $piles  by pile
     * @param  array<int, Work>  $works  by copy
     */
    private function __construct(
        public HandoutItem $item,
        public Collection $copies,
        public int $working,
        public bool $withWorking,
        public array $questions,
        public MarkedQuestion $question,
        public array $waiting,
        public array $piles,
        public array $works,
        public Points $partial,
    ) {
    }

    /**
     * @param  string  $place  of the question; the first where there is no such
     * @param  bool  $withWorking  whether copies that are not handed in are marked, too
     * @return self|null null where there is nothing to mark
     */
    public static function of(HandoutItem $item, Scheme $scheme, string $place, bool $withWorking): ?self
    {
        $questions = MarkedQuestion::all($item->edition, $scheme);
        $question = $questions[$place] ?? array_values($questions)[0] ?? null;
        if ($question === null) {
            return null;
        }
        $opened = $item
            ->copies()
            ->where('state', '!=', CopyState::NotOpened)
            ->with(['student', 'handMarks'])
            ->get()
            ->keyBy('id');
        $handedIn = $opened->where('state', CopyState::HandedIn);
        $copies = $withWorking ? $opened : $handedIn;
        $waiting = array_fill_keys(array_keys($questions), 0);
        $marks = $answers = $works = $byHand = [];
        $at = $question->place->place->id;
        foreach ($copies as $copy) {
            $all = $copy->marks($scheme)->all();
            foreach ($all as $id => $mark) {
                $waiting[$id] += (int) $mark->waits();
            }
            $works[$copy->id] = $copy->written();
            $answers[$copy->id] = $works[$copy->id]->text($at);
            if (OnPaper::holds($question->place->place, $works[$copy->id])) {
                $byHand[] = $copy->id;
            }
            $marks[$copy->id] = $all[$at] ?? new Mark(Verdict::Unjudged, Points::none(), '', false);
        }
        $piles = array_fill_keys(array_map(fn (Pile $pile): string => $pile->value, Pile::cases()), []);
        foreach (Slips::of($question->place, $answers, $marks, $byHand) as $slip) {
            $piles[Pile::of($slip->mark->verdict)->value][] = $slip;
        }

        return new self(
            item: $item,
            copies: $copies,
            working: $opened->count() - $handedIn->count(),
            withWorking: $withWorking,
            questions: $questions,
            question: $question,
            waiting: $waiting,
            piles: $piles,
            works: $works,
            partial: self::partial($piles[Pile::Part->value], $question->place->full),
        );
    }

    /** Whether what a slip holds stands on paper, so that its picture is looked at. */
    public function isOnPaper(Slip $slip): bool
    {
        return OnPaper::holds($this->question->place->place, $this->works[$slip->copies[0]]);
    }

    /** The number of the question, from 1. */
    public function number(): int
    {
        return (int) array_search($this->question->place->place->id, array_keys($this->questions), true) + 1;
    }

    /** The place of the question so many further on; null past the last and before the first. */
    public function beside(int $by): ?string
    {
        return array_keys($this->questions)[$this->number() - 1 + $by] ?? null;
    }

    /** @return list<string> whose answers a slip holds, in order */
    public function names(Slip $slip): array
    {
        $names = array_map(
            fn (int $copy): string => isset($this->copies[$copy]) ? $this->copies[$copy]->whose() : '',
            $slip->copies,
        );
        sort($names, SORT_NATURAL | SORT_FLAG_CASE);

        return $names;
    }

    /**
     * What is given for an answer that is right in part: what was given last, or half.
     *
     * @param  list<Slip>  $slips
     */
    private static function partial(array $slips, Points $full): Points
    {
        foreach ($slips as $slip) {
            if ($slip->mark->byHand) {
                return $slip->mark->points;
            }
        }

        return $full->share(1, 2);
    }
}
