<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;
use OpenSlate\Judging\NumberJudge;

/** A number, typed as people write them, before a printed unit. */
final readonly class NumberAnswer implements AnswerForm
{
    use CountsOnce;
    use StandsAlone;

    public const LONGEST = 60;

    public const LONGEST_UNIT = 20;

    public function __construct(public string $unit = '')
    {
    }

    public function kind(): AnswerKind
    {
        return AnswerKind::Number;
    }

    public static function start(AnswerKind $kind): self
    {
        return new self;
    }

    public static function decode(AnswerKind $kind, Fields $fields): self
    {
        return new self($fields->has('unit') ? $fields->text('unit', self::LONGEST_UNIT) : '');
    }

    public function properties(): array
    {
        return ['unit' => $this->unit];
    }

    /** What a student writes is kept as it is: whether it is a number is for marking to say. */
    public function tidy(string $answer): string
    {
        return Words::tidy($answer, self::LONGEST);
    }

    public function unsaved(): string
    {
        return 'This is not saved: it has to be a number, such as 12 or 3.5.';
    }

    /** Whether it can be read as a number, also with its unit behind it, or a time of day. */
    public function isNumber(string $answer): bool
    {
        return NumberJudge::isNumber($answer, $this->unit);
    }

    public function isFilled(string $answer): bool
    {
        return Words::any($answer);
    }

    public function read(string $answer): string
    {
        return $answer === '' ? '' : trim("{$answer} {$this->unit}");
    }

    public function key(array $answers): array
    {
        $key = Words::key($answers, self::LONGEST);
        foreach ($key as $answer) {
            if (! NumberJudge::isKey($answer)) {
                throw AnswerRefused::noNumber($answer);
            }
        }

        return $key;
    }

    public function judge(array $key, string $answer, Lexicon $words): Judgement
    {
        return match (true) {
            $key === [] => Judgement::unjudged('no key'),
            ! $this->isFilled($answer) => Judgement::leftEmpty(),
            default => NumberJudge::of($key, $answer, $this->unit),
        };
    }

    public function keyWords(array $key): string
    {
        return implode(' or ', array_map($this->read(...), $key));
    }

    public function likeness(string $answer): string
    {
        return NumberJudge::likeness($answer, $this->unit);
    }
}
