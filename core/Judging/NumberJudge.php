<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Holds a number, with or without its unit, or a time of day against the right ones. All of it is exact. */
final class NumberJudge
{
    private const TOLERANCE = '/^(?<number>.*?\S)\s*(?:±|\+\/?-)\s*(?<off>\d{1,15}(?:[.,]\d{1,10})?)\s*(?<share>%)?$/u';

    /** Whether it can be a right answer: a number, perhaps with how far off an answer may be, or a time. */
    public static function isKey(string $key): bool
    {
        return self::isNumber(self::parted($key)[0]);
    }

    /**
     * Whether it is a number, by itself or with a unit that there is, or a time of day.
     *
     * @param  string  $printed  the unit that stands behind the place: others have to measure the same
     */
    public static function isNumber(string $text, string $printed = ''): bool
    {
        if ($printed === '' && ClockTime::read($text) !== null) {
            return true;
        }
        $of = array_map(fn (Unit $unit): string => $unit->of, Units::named($printed));
        foreach (QuantityReading::of($text) as $one) {
            $units = array_map(fn (Unit $unit): string => $unit->of, Units::named($one->unit));
            if (
                $one->unit === '' ||
                self::isOneName($one->unit, $printed) ||
                ($printed === '' ? $units !== [] : array_intersect($units, $of) !== [])
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  non-empty-list<string>  $key  the right answers
     * @param  string  $printed  the unit that stands behind the place
     */
    public static function of(array $key, string $given, string $printed): Judgement
    {
        $read = QuantityReading::of($given);
        $best = null;
        foreach ($key as $right) {
            $judgement = self::ofOne($right, $given, $read, $printed);
            if ($judgement->verdict === Verdict::Right) {
                return $judgement;
            }
            $best = $best === null || $judgement->verdict === Verdict::Unjudged ? $judgement : $best;
        }

        return $best;
    }

    /** What two answers have in common that are one number; its words where it is none. */
    public static function likeness(string $given, string $printed): string
    {
        $read = QuantityReading::of($given);
        if (count($read) !== 1) {
            return TextReading::folded($given, new Strictness);
        }
        $unit = self::isOneName($read[0]->unit, $printed) ? '' : $read[0]->unit;

        return trim("{$read[0]->value->simplified()} ".mb_strtolower($unit));
    }

    /** @param  list<Quantity>  $read */
    private static function ofOne(string $right, string $given, array $read, string $printed): Judgement
    {
        [$number, $off, $isShare] = self::parted($right);
        $time = ClockTime::read($number);
        if ($time !== null && $off === null) {
            $said = ClockTime::read($given, true);
            if ($said !== null) {
                return match (true) {
                    $said->isSame($time) => Judgement::right(),
                    $said->isSameOnTheDial($time) => Judgement::unjudged("“{$right}”, but not whether am or pm"),
                    default => Judgement::wrong(),
                };
            }
        }
        $best = null;
        foreach (QuantityReading::of($number) as $wanted) {
            $allowed = match (true) {
                $off === null => BigRational::zero(),
                $isShare => $wanted->value->abs()->multipliedBy($off)->dividedBy(100),
                default => $off,
            };
            foreach ($read as $one) {
                $judgement = self::compared($one, $wanted, $allowed, $printed);
                if ($judgement->verdict === Verdict::Right) {
                    return $judgement;
                }
                $best = $best === null || $judgement->verdict === Verdict::Unjudged ? $judgement : $best;
            }
        }
        if ($best !== null) {
            return $best;
        }

        return self::isAmongWords($number, $given)
            ? Judgement::unjudged("“{$right}”, with other words")
            : Judgement::wrong(preg_match('/\d/', $given) === 1 ? 'not as in the key' : 'no number');
    }

    private static function compared(
        Quantity $given,
        Quantity $wanted,
        BigRational $allowed,
        string $printed,
    ): Judgement {
        $unit = $wanted->unit === '' ? $printed : $wanted->unit;
        $isBare = $given->unit === '';
        if ($isBare || self::isOneName($given->unit, $unit)) {
            $isOff = $given->value->minus($wanted->value)->abs()->isGreaterThan($allowed);

            return match (true) {
                $isOff => $isBare && $unit === '%' && self::isShareOf($given, $wanted)
                    ? Judgement::right()
                    : self::rounded($given, $wanted) ?? Judgement::wrong(),
                $isBare && $wanted->unit !== '' && ! self::isOneName($printed, $unit) => Judgement::unjudged(
                    "right, without “{$wanted->unit}”",
                ),
                default => Judgement::right(),
            };
        }
        foreach (Units::named($unit) as $theirs) {
            foreach (Units::named($given->unit) as $mine) {
                if ($mine->of === $theirs->of) {
                    $apart = $mine->inFirst($given->value)->minus($theirs->inFirst($wanted->value))->abs();
                    if (! $apart->isGreaterThan($theirs->span($allowed))) {
                        return Judgement::right("as in the key, in {$given->unit}");
                    }
                }
            }
        }
        $isEqual = ! $given->value->minus($wanted->value)->abs()->isGreaterThan($allowed);
        if ($unit === '' && $given->unit === '%') {
            return $given->value->isEqualTo($wanted->value->multipliedBy(100))
                ? Judgement::right('as in the key, as a percentage')
                : Judgement::wrong();
        }

        return match (true) {
            ! $isEqual => Judgement::wrong(),
            Units::named($unit) !== [] && Units::named($given->unit) !== [] => Judgement::wrong(
                "in {$given->unit} for {$unit}",
            ),
            default => Judgement::unjudged("the right number, with “{$given->unit}”"),
        };
    }

    /** Whether 0.25 was given for 25 %. */
    private static function isShareOf(Quantity $given, Quantity $wanted): bool
    {
        return $wanted->unit === '%' && $given->value->multipliedBy(100)->isEqualTo($wanted->value);
    }

    private static function rounded(Quantity $given, Quantity $wanted): ?Judgement
    {
        $round = fn (BigRational $value): BigRational => BigRational::of(
            $value->toScale($given->decimals, RoundingMode::HALF_UP),
        );

        return $given->decimals > 0 && $round($wanted->value)->isEqualTo($given->value)
            ? Judgement::unjudged("the right number, rounded to {$given->decimals} ".
                ($given->decimals === 1 ? 'place' : 'places'))
            : null;
    }

    private static function isAmongWords(string $number, string $given): bool
    {
        $folded = NumberWords::inDigits(TextReading::folded($given, new Strictness));

        return preg_match('/(?<![\d.,\/:-])'.preg_quote(TextReading::folded($number, new Strictness), '/').
            '(?![\d\/:]|[.,]\d)/u', $folded) === 1;
    }

    private static function isOneName(string $unit, string $other): bool
    {
        $plain = fn (string $name): string => (string) preg_replace(
            '/(?<=\p{L}{3})s$/u',
            '',
            mb_strtolower(trim(TextReading::plain($name), ' .')),
        );

        return $unit === $other || ($unit !== '' && $plain($unit) === $plain($other));
    }

    /**
     * @return array{string, BigRational|null, bool} the number, how far off an answer may be, and whether in per cent
     */
    private static function parted(string $key): array
    {
        $key = trim(str_replace('−', '-', $key));

        return preg_match(self::TOLERANCE, $key, $match) === 1
            ? [$match['number'], BigRational::of(str_replace(',', '.', $match['off'])), ($match['share'] ?? '') === '%']
            : [$key, null, false];
    }
}
