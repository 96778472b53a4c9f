<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Parts\Model;
use OpenSlate\Parts\ModelRefused;

/** The parts of a page, as a student has put them. Where they come to rest is for the page to say: see Parts\Settling. */
final readonly class ModelAnswer implements AnswerForm
{
    /** The name of its place on the page: no element can have it. */
    public const PLACE = '_parts';

    public function kind(): AnswerKind
    {
        return AnswerKind::Model;
    }

    public function tidy(string $answer): string
    {
        try {
            Model::parse($answer);
        } catch (ModelRefused $refusal) {
            throw AnswerRefused::noModel($refusal->getMessage());
        }

        return $answer;
    }

    public function isFilled(string $answer): bool
    {
        return $answer !== '' && $answer !== '{}';
    }

    public function key(array $answers): array
    {
        return array_values(array_filter(array_map(fn (string $answer): string => $this->tidy($answer), $answers), fn (string $answer): bool => $answer !== ''));
    }
}
