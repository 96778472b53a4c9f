<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;

/** The printed lines below a box: typed text sits on them. */
final readonly class Ruling
{
    public const CLOSEST = 6.0;

    public const WIDEST = 200.0;

    /**
     * @param  float  $pitch  from one line to the next, in points
     * @param  float  $first  from the top of the box down to the first line, in points
     */
    public function __construct(public float $pitch, public float $first)
    {
    }

    /** Null where a form says nothing of one. */
    public static function decode(Fields $fields): ?self
    {
        $pitch = $fields->isGiven('pitch') ? $fields->number('pitch', self::CLOSEST, self::WIDEST) : null;
        $first = $fields->isGiven('first') ? $fields->number('first', 0, self::WIDEST) : null;

        return $pitch === null || $first === null ? null : new self($pitch, $first);
    }

    /** So many times as far apart, as far as one can write on it. */
    public function enlarged(float $factor): self
    {
        return new self(
            max(self::CLOSEST, min(self::WIDEST, round($this->pitch * $factor, 3))),
            min(self::WIDEST, round($this->first * $factor, 3)),
        );
    }

    /** The ruling of a box that ends where the last of so many lines is; null where that could not be written on. */
    public static function within(float $height, float $pitch, int $count): ?self
    {
        $first = $height - ($count - 1) * $pitch;

        return $pitch < self::CLOSEST || $pitch > self::WIDEST || $first < 0
            ? null
            : new self(round($pitch, 3), round($first, 3));
    }
}
