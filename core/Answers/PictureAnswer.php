<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** A picture of the student's own. */
final readonly class PictureAnswer implements AnswerForm
{
    use KeptFile;

    public function kind(): AnswerKind
    {
        return AnswerKind::Picture;
    }

    public function unsaved(): string
    {
        return 'This picture is not saved. Choose it again.';
    }
}
