<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;

/** Ticked or not. */
final readonly class TickAnswer implements AnswerForm
{
    use CountsOnce;
    use StandsAlone;

    public const YES = 'yes';

    public const NO = 'no';

    public function kind(): AnswerKind
    {
        return AnswerKind::Tick;
    }

    public static function start(AnswerKind $kind): self
    {
        return new self;
    }

    public static function decode(AnswerKind $kind, Fields $fields): self
    {
        return new self;
    }

    public function properties(): array
    {
        return [];
    }

    public function tidy(string $answer): string
    {
        return match ($answer) {
            '', self::NO => '',
            self::YES => self::YES,
            default => throw AnswerRefused::noTick(),
        };
    }

    public function unsaved(): string
    {
        return 'This is not saved. Choose again.';
    }

    public function isFilled(string $answer): bool
    {
        return $answer === self::YES;
    }

    /** What is left unticked is an answer, too. */
    public function countsTogether(): bool
    {
        return true;
    }

    public function read(string $answer): string
    {
        return $answer === self::YES ? 'ticked' : '';
    }

    public function key(array $answers): array
    {
        $answers = array_values(array_unique(array_filter($answers, fn (string $answer): bool => $answer !== '')));

        return $answers === [] || $answers === [self::YES] || $answers === [self::NO]
            ? $answers
            : throw AnswerRefused::noTick();
    }

    /** What is left unticked is an answer. */
    public function judge(array $key, string $answer, Lexicon $words): Judgement
    {
        return match (true) {
            $key === [] => Judgement::unjudged('no key'),
            $this->isFilled($answer) === ($key === [self::YES]) => Judgement::right(),
            default => Judgement::wrong($answer === self::YES ? 'should not be ticked' : 'should be ticked'),
        };
    }

    public function keyWords(array $key): string
    {
        return match ($key) {
            [self::YES] => 'ticked',
            [self::NO] => 'not ticked',
            default => '',
        };
    }

    public function likeness(string $answer): string
    {
        return $answer;
    }
}
