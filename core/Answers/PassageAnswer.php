<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;

/** Supplied sentences with mistakes in them, which the student mends in place. */
final readonly class PassageAnswer implements AnswerForm
{
    use CountsOnce;

    public const LONGEST = 2000;

    /** Mending may make it longer. */
    private const LONGEST_MENDED = 3000;

    /**
     * @param  string  $wrong  as supplied to the student
     * @param  string  $right  as it should be; the key. Empty while the teacher has not given it
     * @param  bool  $spelling  whether the browser may point at misspelt words
     */
    private function __construct(public string $wrong, public string $right, public bool $spelling)
    {
    }

    /** @throws AnswerRefused when the two are the same, or too long */
    public static function of(string $wrong, string $right, bool $spelling = false): self
    {
        [$wrong, $right] = [trim(Words::tidy($wrong, self::LONGEST)), trim(Words::tidy($right, self::LONGEST))];
        if ($wrong !== '' && $wrong === $right) {
            throw AnswerRefused::nothingToCorrect();
        }

        return new self($wrong, $right, $spelling);
    }

    /** @throws AnswerRefused when it is what is supplied already, or too long */
    public function corrected(string $right): self
    {
        return self::of($this->wrong, $right, $this->spelling);
    }

    public function kind(): AnswerKind
    {
        return AnswerKind::Passage;
    }

    public static function start(AnswerKind $kind): self
    {
        return new self('', '', false);
    }

    public static function decode(AnswerKind $kind, Fields $fields): self
    {
        $wrong = $fields->text('wrong', self::LONGEST);
        try {
            return self::of(
                $wrong,
                $fields->text('right', self::LONGEST),
                $fields->has('spelling') && $fields->flag('spelling'),
            );
        } catch (AnswerRefused $refusal) {
            throw $fields->wrong('right', $refusal);
        }
    }

    public function properties(): array
    {
        return ['wrong' => $this->wrong, 'right' => $this->right, 'spelling' => $this->spelling];
    }

    /** Untouched is nothing, so that a passage that nobody mended is not filled. */
    public function tidy(string $answer): string
    {
        $text = Words::tidy($answer, self::LONGEST_MENDED);

        return $text === $this->wrong ? '' : $text;
    }

    public function unsaved(): string
    {
        return 'This is not saved: it is too long. Make it shorter.';
    }

    public function isFilled(string $answer): bool
    {
        return Words::any($answer) && $answer !== $this->wrong;
    }

    public function read(string $answer): string
    {
        return $answer === '' ? '' : $this->mended($answer);
    }

    /** The right text is the key. */
    public function key(array $answers): array
    {
        return $answers === [] ? [] : throw AnswerRefused::noKey();
    }

    public function mended(string $answer): string
    {
        return $answer === '' ? $this->wrong : $answer;
    }

    /** @return list<TextChange> the mistakes that are planted in the passage */
    public function planted(): array
    {
        return $this->right === '' ? [] : TextDiff::between($this->wrong, $this->right);
    }

    /** Each mistake that is mended counts, and each new one takes one away. */
    public function judge(array $key, string $answer, Lexicon $words): Judgement
    {
        if ($this->right === '' || ! $this->isFilled($answer)) {
            return $this->right === '' ? Judgement::unjudged('no key') : Judgement::leftEmpty();
        }
        $check = PassageCheck::of($this->wrong, $this->right, $answer);

        return Judgement::share(
            count($check->made) - count($check->broken),
            count($check->made) + count($check->missed),
            $check->words(),
        );
    }

    public function keyWords(array $key): string
    {
        return $this->right;
    }

    public function likeness(string $answer): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $answer));
    }

    public function merged(string $was, string $theirs, string $mine): ?string
    {
        $both = TextMerge::of($this->mended($was), $this->mended($theirs), $this->mended($mine));

        return mb_strlen($both) > self::LONGEST_MENDED ? null : $this->tidy($both);
    }
}
