<?php

declare(strict_types=1);

namespace OpenSlate\Package;

use DomainException;
use OpenSlate\Refusal;
use Throwable;

/** A package cannot be taken in, and nothing of it is. */
final class PackageRefused extends DomainException implements Refusal
{
    private function __construct(string $message, ?Throwable $cause = null)
    {
        parent::__construct($message, 0, $cause);
    }

    public static function none(): self
    {
        return new self('This ZIP is no package of worksheets: it does not say what is in it.');
    }

    public static function newer(int $version): self
    {
        return new self("This package is of a newer kind ({$version}). Update this program, then bring it in again.");
    }

    public static function tooMuch(): self
    {
        return new self(
            'There is more in this package than can be taken in at once. Make packages of fewer worksheets.',
        );
    }

    public static function unsafe(): self
    {
        return new self('This package has files that lead out of it. It is not taken in.');
    }

    public static function damaged(?Throwable $cause = null): self
    {
        return new self(
            'This package is damaged: what is in it is not what it says. Get it again from whoever made it.',
            $cause,
        );
    }

    public static function pageWrong(string $path, Throwable $cause): self
    {
        return new self("A page of this package cannot be read ({$path}: {$cause->getMessage()}).", $cause);
    }
}
