<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;

/** Of answers that are seen or heard and not read: a person marks them. */
trait Perceived
{
    use CountsOnce;

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

    public function isFilled(string $answer): bool
    {
        return $answer !== '';
    }

    public function read(string $answer): string
    {
        return '';
    }

    public function key(array $answers): array
    {
        return $answers === [] ? [] : throw AnswerRefused::noKey();
    }

    public function judge(array $key, string $answer, Lexicon $words): Judgement
    {
        return Judgement::unjudged('no key');
    }

    public function keyWords(array $key): string
    {
        return '';
    }

    public function likeness(string $answer): string
    {
        return $answer;
    }
}
