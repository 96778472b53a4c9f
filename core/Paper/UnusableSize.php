<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

use DomainException;
use OpenSlate\Refusal;

/** A page that is too small to read or too large to draw. */
final class UnusableSize extends DomainException implements Refusal
{
    private function __construct(string $message, public readonly bool $tooLarge)
    {
        parent::__construct($message);
    }

    public static function tooSmall(float $width, float $height): self
    {
        return new self(
            sprintf('A page of %.4g × %.4g pt is smaller than %d pt.', $width, $height, Size::SMALLEST),
            false,
        );
    }

    public static function tooLarge(float $width, float $height): self
    {
        return new self(
            sprintf(
                'A page of %.4g × %.4g in is larger than %d in.',
                Length::toInches($width),
                Length::toInches($height),
                Length::toInches(Size::LARGEST),
            ),
            true,
        );
    }
}
