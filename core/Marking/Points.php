<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

/** Points, as an exact number of ten-thousandths: sums do not drift, and nothing is rounded before it is shown. */
final readonly class Points
{
    private const ONE = 10_000;

    public const MOST = 1000;

    private function __construct(public int $tenThousandths)
    {
    }

    public static function none(): self
    {
        return new self(0);
    }

    /** @param  int  $tenThousandths  as they are kept */
    public static function kept(int $tenThousandths): self
    {
        return new self($tenThousandths);
    }

    /** To the nearest ten-thousandth. */
    public static function of(float $points): self
    {
        return new self((int) round($points * self::ONE));
    }

    /** As people type them, with point or comma; null where it is no number of points. */
    public static function read(string $text): ?self
    {
        return preg_match('/^\s*(\d{1,4})(?:[.,](\d{1,4}))?\s*$/', $text, $match) === 1 && (int) $match[1] <= self::MOST
            ? new self((int) $match[1] * self::ONE + (int) str_pad($match[2] ?? '', 4, '0'))
            : null;
    }

    public function plus(self $other): self
    {
        return new self($this->tenThousandths + $other->tenThousandths);
    }

    /** That share of them, to the nearest ten-thousandth. */
    public function share(int $earned, int $of): self
    {
        return new self(intdiv(2 * $this->tenThousandths * $earned + $of, 2 * $of));
    }

    public function isNone(): bool
    {
        return $this->tenThousandths === 0;
    }

    public function isLessThan(self $other): bool
    {
        return $this->tenThousandths < $other->tenThousandths;
    }

    public function number(): float
    {
        return $this->tenThousandths / self::ONE;
    }

    /** Rounded to hundredths, without zeros at the end: "2.5", "0.67". */
    public function words(): string
    {
        return (string) round($this->tenThousandths / self::ONE, 2);
    }

    /** "1 point", "2.5 points". */
    public function named(): string
    {
        return $this->words().($this->tenThousandths === self::ONE ? ' point' : ' points');
    }
}
