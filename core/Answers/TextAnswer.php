<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;
use OpenSlate\Judging\Strictness;
use OpenSlate\Judging\TextJudge;

/** Words: in one line, or in several. */
final readonly class TextAnswer implements AnswerForm
{
    use CountsOnce;

    /** Far more than fits a box, so that nobody is cut off in mid-sentence. */
    public const LONGEST_LINE = 300;

    public const LONGEST = 5000;

    private function __construct(
        public bool $several,
        public ?Limit $limit,
        public ?Ruling $ruling,
        public Strictness $strictness = new Strictness,
    ) {
    }

    /** @param  Ruling|null  $ruling  null where nothing is printed to write on */
    public static function short(?Limit $limit = null, ?Ruling $ruling = null): self
    {
        return new self(false, $limit, $ruling);
    }

    /** @param  Ruling|null  $ruling  null where nothing is printed to write on */
    public static function lines(?Limit $limit = null, ?Ruling $ruling = null): self
    {
        return new self(true, $limit, $ruling);
    }

    /** Held against its key so closely. */
    public function held(Strictness $strictness): self
    {
        return new self($this->several, $this->limit, $this->ruling, $strictness);
    }

    /** With the lines to write on so many times as far apart. */
    public function enlarged(float $factor): self
    {
        return new self($this->several, $this->limit, $this->ruling?->enlarged($factor), $this->strictness);
    }

    public function kind(): AnswerKind
    {
        return $this->several ? AnswerKind::Lines : AnswerKind::Short;
    }

    public static function start(AnswerKind $kind): self
    {
        return new self($kind === AnswerKind::Lines, null, null);
    }

    public static function decode(AnswerKind $kind, Fields $fields): self
    {
        return new self(
            $kind === AnswerKind::Lines,
            Limit::decode($fields),
            Ruling::decode($fields),
            Strictness::decode($fields),
        );
    }

    public function properties(): array
    {
        return [
            'limit' => $this->limit?->properties(),
            'pitch' => $this->ruling?->pitch,
            'first' => $this->ruling?->first,
            ...$this->strictness->properties(),
        ];
    }

    public function longest(): int
    {
        return $this->several ? self::LONGEST : self::LONGEST_LINE;
    }

    public function tidy(string $answer): string
    {
        return Words::tidy($answer, $this->longest());
    }

    public function unsaved(): string
    {
        return 'This is not saved: it is too long. Make it shorter.';
    }

    public function isFilled(string $answer): bool
    {
        return Words::any($answer);
    }

    public function read(string $answer): string
    {
        return $answer;
    }

    public function key(array $answers): array
    {
        return Words::key($answers, $this->longest());
    }

    public function judge(array $key, string $answer, Lexicon $words): Judgement
    {
        return match (true) {
            $key === [] => Judgement::unjudged('no key'),
            ! $this->isFilled($answer) => Judgement::leftEmpty(),
            default => TextJudge::of($key, $answer, $this->strictness, $words),
        };
    }

    public function keyWords(array $key): string
    {
        return implode(' or ', $key);
    }

    public function likeness(string $answer): string
    {
        return TextJudge::likeness($answer, $this->strictness);
    }

    public function merged(string $was, string $theirs, string $mine): ?string
    {
        $both = TextMerge::of($was, $theirs, $mine);

        return mb_strlen($both) > $this->longest() ? null : $both;
    }
}
