<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** What a student says. */
final readonly class SpokenAnswer implements AnswerForm
{
    use KeptFile;

    public function kind(): AnswerKind
    {
        return AnswerKind::Spoken;
    }

    public function unsaved(): string
    {
        return 'What you said is not saved. Say it again.';
    }
}
