<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;

/** One of several words, from a list that drops down. */
final readonly class ListAnswer implements AnswerForm
{
    use CountsOnce;
    use StandsAlone;

    /** @param  list<string>  $options */
    private function __construct(public array $options)
    {
    }

    /**
     * @param  list<string>  $options
     *
     * @throws AnswerRefused
     */
    public static function of(array $options): self
    {
        $tidied = Words::key($options, Choices::LONGEST);
        if (count($tidied) < count($options) || count($options) < Choices::FEWEST || count($options) > Choices::MOST) {
            throw AnswerRefused::fewChoices();
        }

        return new self($tidied);
    }

    public function kind(): AnswerKind
    {
        return AnswerKind::List;
    }

    public static function start(AnswerKind $kind): self
    {
        return new self(['yes', 'no']);
    }

    public static function decode(AnswerKind $kind, Fields $fields): self
    {
        try {
            return self::of($fields->texts('choices', Choices::MOST, Choices::LONGEST));
        } catch (AnswerRefused $refusal) {
            throw $fields->wrong('choices', $refusal);
        }
    }

    public function properties(): array
    {
        return ['choices' => $this->options];
    }

    public function tidy(string $answer): string
    {
        return $answer === '' || in_array($answer, $this->options, true) ? $answer : throw AnswerRefused::notOffered();
    }

    public function unsaved(): string
    {
        return 'This is not saved. Choose again.';
    }

    public function isFilled(string $answer): bool
    {
        return $answer !== '';
    }

    public function read(string $answer): string
    {
        return $answer;
    }

    public function key(array $answers): array
    {
        $key = Words::key($answers, Choices::LONGEST);

        return array_diff($key, $this->options) === [] ? $key : throw AnswerRefused::notOffered();
    }

    public function judge(array $key, string $answer, Lexicon $words): Judgement
    {
        return match (true) {
            $key === [] => Judgement::unjudged('no key'),
            ! $this->isFilled($answer) => Judgement::leftEmpty(),
            default => in_array($answer, $key, true) ? Judgement::right() : Judgement::wrong(),
        };
    }

    public function keyWords(array $key): string
    {
        return implode(' or ', $key);
    }

    public function likeness(string $answer): string
    {
        return $answer;
    }
}
