<?php

declare(strict_types=1);

namespace OpenSlate\Assembly;

use DomainException;
use OpenSlate\Refusal;

/** Parts that were put where they may not go, or that there are none of. Nothing was moved. */
final class ModelRefused extends DomainException implements Refusal
{
    public static function noModel(): self
    {
        return new self('That does not say where parts are.');
    }

    public static function noSuchPart(): self
    {
        return new self('There is no such part on this page.');
    }

    public static function fixed(): self
    {
        return new self('That part is fixed.');
    }

    public static function noPicture(): self
    {
        return new self('That is no picture.');
    }

    public static function noWords(): self
    {
        return new self('That part takes no words of yours.');
    }
}
