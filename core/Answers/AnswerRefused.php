<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use DomainException;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Refusal;

/** An answer, a key or a form of answer that cannot be; the message stands behind the name of the field. */
final class AnswerRefused extends DomainException implements Refusal
{
    public static function tooLong(int $most): self
    {
        return new self("must be at most {$most} characters long");
    }

    public static function notFilledIn(): self
    {
        return new self('is for a cell that is filled in');
    }

    public static function noTick(): self
    {
        return new self('must be "yes", "no" or nothing');
    }

    public static function noModel(ModelRefused $why): self
    {
        return new self("must say where parts are. {$why->getMessage()}", 0, $why);
    }

    public static function notOffered(): self
    {
        return new self('must be among the choices');
    }

    public static function onlyOne(): self
    {
        return new self('must be one choice only');
    }

    public static function fewChoices(): self
    {
        return new self(
            sprintf('must hold %d to %d different choices, none of them blank', Choices::FEWEST, Choices::MOST),
        );
    }

    public static function noNumber(string $given): self
    {
        return new self("must be a number, such as 12, 3.5, 1/2 or 2 1/4; \"{$given}\" is none");
    }

    public static function noDrawing(InvalidJson $why): self
    {
        return new self('is no drawing', 0, $why);
    }

    public static function noFile(): self
    {
        return new self('is no kept file');
    }

    public static function noPlace(): self
    {
        return new self('is no place in this copy');
    }

    public static function notPutHere(): self
    {
        return new self('is no picture that was given, or put on this copy');
    }

    public static function noKey(): self
    {
        return new self('cannot be given: this kind of answer is marked by eye');
    }

    public static function limitsContradict(): self
    {
        return new self('contradicts itself: the least is more than the most');
    }

    public static function noLimit(): self
    {
        return new self('needs a least or a most, from 1');
    }

    public static function nothingToCorrect(): self
    {
        return new self('is the same as the passage: there would be nothing to correct');
    }
}
