<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Copies\OnPaper;
use OpenSlate\Copies\Work;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;
use OpenSlate\Judging\OwnWords;
use OpenSlate\Judging\Verdict;

/** Marks copies of one edition by its key. What thirty students wrote alike is judged once. */
final class KeyMarking
{
    /** @var array<string, array<string, Mark>> by place and answer */
    private array $judged = [];

    private Lexicon $words;

    public function __construct(private readonly Scheme $scheme, ?Lexicon $dictionary = null)
    {
        $keys = [];
        foreach ($scheme->places() as $place) {
            array_push($keys, ...$place->key);
        }
        $this->words = OwnWords::of($keys, $dictionary);
    }

    /** What no key can judge waits, and what was written by hand on paper; what is left empty does not. */
    public function of(Work $work): Marks
    {
        $marks = [];
        foreach ($this->scheme->places() as $id => $place) {
            $marks[$id] = match (true) {
                OnPaper::holds($place->place, $work) => self::mark(Judgement::unjudged('on paper'), $place),
                $this->isUnanswered($id, $work) => self::mark(Judgement::leftEmpty(), $place),
                default => $this->judged[$id][$work->text($id)] ??= $this->judge($place, $work->text($id)),
            };
        }

        return new Marks($marks);
    }

    private function judge(MarkedPlace $place, string $answer): Mark
    {
        $judgement = $place->judge($answer, $this->words);
        $isEmpty = $judgement->verdict === Verdict::Unjudged && ! $place->place->form->isFilled($answer);

        return self::mark($isEmpty ? Judgement::leftEmpty() : $judgement, $place);
    }

    private static function mark(Judgement $judgement, MarkedPlace $place): Mark
    {
        return new Mark(
            $judgement->verdict,
            $place->full->share($judgement->earned, $judgement->of),
            $judgement->why,
            false,
        );
    }

    private function isUnanswered(string $place, Work $work): bool
    {
        $together = $this->scheme->ticksWith($place);
        foreach ($together as $one) {
            if ($work->text($one) !== '') {
                return false;
            }
        }

        return $together !== [];
    }
}
