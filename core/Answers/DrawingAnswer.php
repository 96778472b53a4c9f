<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\InvalidJson;

/** A drawing or handwriting, by pen, finger or mouse. */
final readonly class DrawingAnswer implements AnswerForm
{
    use Perceived;

    public function kind(): AnswerKind
    {
        return AnswerKind::Drawing;
    }

    public function tidy(string $answer): string
    {
        try {
            return $answer === '' ? '' : Ink::decode($answer)->encode();
        } catch (InvalidJson $problem) {
            throw AnswerRefused::noDrawing($problem);
        }
    }

    public function unsaved(): string
    {
        return 'This drawing is not saved: there is too much in it. Rub some of it out.';
    }

    /** Strokes are put down and rubbed out; both did so. */
    public function merged(string $was, string $theirs, string $mine): ?string
    {
        return Ink::merged($was, $theirs, $mine);
    }
}
