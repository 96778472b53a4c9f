<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Json\Fields;

/**
 * The parts of a page, as a student has put them. Where they come to rest is for the page to say: see Parts\Settling.
 */
final readonly class ModelAnswer implements AnswerForm
{
    /** The name of its place on the page: no element can have it. */
    public const PLACE = '_parts';

    public function kind(): AnswerKind
    {
        return AnswerKind::Model;
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

    /** What the parts are, and where, is read once: by the page that they settle on. */
    public function tidy(string $answer): string
    {
        return strlen($answer) > Model::LONGEST ? throw AnswerRefused::noModel(ModelRefused::noModel()) : $answer;
    }

    public function unsaved(): string
    {
        return 'The last move is not saved. Undo it, or open the page again.';
    }

    public function isFilled(string $answer): bool
    {
        return $answer !== '' && $answer !== '{}';
    }

    public function read(string $answer): string
    {
        return '';
    }

    public function key(array $answers): array
    {
        return array_values(
            array_filter(
                array_map(fn (string $answer): string => $this->tidy($answer), $answers),
                fn (string $answer): bool => $answer !== '',
            ),
        );
    }
}
