<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;

/** One or several of the options that are printed below: ticked, ringed or underlined. */
final readonly class ChoiceAnswer implements AnswerForm
{
    use CountsOnce;

    /** @param  list<Option>  $options */
    private function __construct(public array $options, public bool $many, public ChoiceMark $mark)
    {
    }

    /**
     * @param  list<Option>  $options
     *
     * @throws AnswerRefused
     */
    public static function of(array $options, bool $many = false, ChoiceMark $mark = ChoiceMark::Ring): self
    {
        $ids = array_unique(array_map(fn (Option $option): string => $option->id, $options));
        if (count($options) < Choices::FEWEST || count($options) > Choices::MOST || count($ids) < count($options)) {
            throw AnswerRefused::fewChoices();
        }

        return new self($options, $many, $mark);
    }

    public function kind(): AnswerKind
    {
        return AnswerKind::Choice;
    }

    /** Four options, one below the other. */
    public static function start(AnswerKind $kind): self
    {
        return new self(
            array_map(
                fn (int $n): Option => new Option(chr(97 + $n), chr(65 + $n), 0.0, $n / 4, 1.0, 0.25),
                range(0, 3),
            ),
            false,
            ChoiceMark::Ring,
        );
    }

    public static function decode(AnswerKind $kind, Fields $fields): self
    {
        $options = array_map(Option::decode(...), $fields->objects('options', Choices::MOST));
        $many = $fields->has('many') && $fields->flag('many');
        $mark = $fields->has('mark') ? $fields->oneOf('mark', ChoiceMark::class) : ChoiceMark::Ring;
        try {
            return self::of($options, $many, $mark);
        } catch (AnswerRefused $refusal) {
            throw $fields->wrong('options', $refusal);
        }
    }

    public function properties(): array
    {
        return [
            'options' => array_map(get_object_vars(...), $this->options),
            'many' => $this->many,
            'mark' => $this->mark->value,
        ];
    }

    /** Ids of the chosen, parted by commas, in the order in which they are printed. */
    public function tidy(string $answer): string
    {
        $chosen = $this->chosen($answer);
        if (count($chosen) > 1 && ! $this->many) {
            throw AnswerRefused::onlyOne();
        }

        return implode(',', $chosen);
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
        return implode(', ', array_map(fn (Option $option): string => $option->words, $this->named($answer)));
    }

    /** Of one choice: every option that is right. Of several: all that have to be chosen. */
    public function key(array $answers): array
    {
        return $this->chosen(implode(',', $answers));
    }

    /**
     * @return list<string>
     *
     * @throws AnswerRefused
     */
    public function chosen(string $answer): array
    {
        $given = $answer === '' ? [] : array_unique(explode(',', $answer));
        $chosen = array_values(
            array_filter(
                array_map(fn (Option $option): string => $option->id, $this->options),
                fn (string $id): bool => in_array($id, $given, true),
            ),
        );

        return count($chosen) === count($given) ? $chosen : throw AnswerRefused::notOffered();
    }

    /** @return list<Option> those that an answer names, as far as they are still offered */
    public function named(string $answer): array
    {
        $given = explode(',', $answer);

        return array_values(
            array_filter($this->options, fn (Option $option): bool => in_array($option->id, $given, true)),
        );
    }

    /** Of several that are right each counts, and each that is chosen wrongly takes one away. */
    public function judge(array $key, string $answer, Lexicon $words): Judgement
    {
        $chosen = $answer === '' ? [] : explode(',', $answer);
        if ($key === [] || $chosen === []) {
            return $key === [] ? Judgement::unjudged('no key') : Judgement::leftEmpty();
        }
        $hits = count(array_intersect($chosen, $key));
        $others = count($chosen) - $hits;
        if (! $this->many) {
            return $hits > 0 && $others === 0 ? Judgement::right() : Judgement::wrong();
        }
        $why = "{$hits} of ".count($key).' chosen'.($others > 0 ? ", and {$others} not right" : '');

        return Judgement::share($hits - $others, count($key), $why);
    }

    public function keyWords(array $key): string
    {
        return implode($this->many ? ' and ' : ' or ', array_map(
            fn (Option $option): string => $option->words,
            $this->named(implode(',', $key)),
        ));
    }

    public function likeness(string $answer): string
    {
        return implode(',', array_map(fn (Option $option): string => $option->id, $this->named($answer)));
    }

    /** Of several, both may have ticked some. */
    public function merged(string $was, string $theirs, string $mine): ?string
    {
        if (! $this->many) {
            return null;
        }
        [$had, $other, $own] = array_map(fn (string $ids): array => explode(',', $ids), [$was, $theirs, $mine]);
        $both = [...array_diff($other, array_diff($had, $own)), ...array_diff($own, $had)];

        return $this->tidy(implode(',', array_filter(array_unique($both), fn (string $id): bool => $id !== '')));
    }
}
