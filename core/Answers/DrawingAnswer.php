<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;

/** A drawing or handwriting, by pen, finger or mouse. */
final readonly class DrawingAnswer implements AnswerForm
{
    use CountsOnce;

    public function kind(): AnswerKind
    {
        return AnswerKind::Drawing;
    }

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

    /** Strokes are put down and rubbed out; both did so. */
    public function merged(string $was, string $theirs, string $mine): ?string
    {
        return Ink::merged($was, $theirs, $mine);
    }
}
