<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** Holds words against the right ones. */
final class TextJudge
{
    /** A key of more words than this asks for a thought, which can be put in other words. */
    private const SHORT = 5;

    /**
     * @param  non-empty-list<string>  $key  the right answers
     */
    public static function of(array $key, string $given, Strictness $strictness, Lexicon $words): Judgement
    {
        $mine = TextReading::folded($given, $strictness);
        $best = Nearness::Far;
        $near = '';
        foreach ($key as $right) {
            $nearness = self::nearness($mine, TextReading::folded($right, $strictness), $strictness, $words);
            if ($nearness === Nearness::Same) {
                return Judgement::right();
            }
            if ($nearness->value < $best->value) {
                [$best, $near] = [$nearness, $right];
            }
        }

        return self::asQuantity(
            $key,
            $given,
            $strictness,
        ) ?? self::inLooks($key, $given, $strictness) ?? match ($best) {
            Nearness::Misspelt => self::misspelt($near, $strictness),
            Nearness::Doubtful => Judgement::unjudged("near to “{$near}”, perhaps another word"),
            default => self::far($key, $given, $mine, $strictness),
        };
    }

    /** What two answers have in common that are one answer by the key's strictness. */
    public static function likeness(string $given, Strictness $strictness): string
    {
        return TextReading::folded($given, $strictness);
    }

    private static function nearness(string $mine, string $right, Strictness $strictness, Lexicon $words): Nearness
    {
        if (self::isSame($mine, $right, $strictness)) {
            return Nearness::Same;
        }
        if ($strictness->misspelt === Misspelt::Wrong) {
            return Nearness::Far;
        }
        [$mine, $right] = [NumberWords::alsoOrdinals($mine), NumberWords::alsoOrdinals($right)];

        return Spelling::isVariant($mine, $right) ? Nearness::Same : Spelling::nearness($mine, $right, $words);
    }

    private static function isAlike(string $given, string $right, Strictness $strictness): bool
    {
        return self::isSame(
            TextReading::folded($given, $strictness),
            TextReading::folded($right, $strictness),
            $strictness,
        );
    }

    /** Of two that are folded. */
    private static function isSame(string $given, string $right, Strictness $strictness): bool
    {
        return $given === $right || (! $strictness->counts(TextAspect::Spacing) &&
            TextReading::joined($given) === TextReading::joined($right));
    }

    private static function misspelt(string $near, Strictness $strictness): Judgement
    {
        return match ($strictness->misspelt) {
            Misspelt::Right => Judgement::right("“{$near}”, misspelt"),
            Misspelt::Half => Judgement::share(1, 2, "“{$near}”, misspelt"),
            Misspelt::Look => Judgement::unjudged("“{$near}”, misspelt"),
            Misspelt::Wrong => Judgement::wrong(),
        };
    }

    /**
     * Where a text is to be a number, or one with a unit, it is read as such.
     *
     * @param  non-empty-list<string>  $key
     */
    private static function asQuantity(array $key, string $given, Strictness $strictness): ?Judgement
    {
        if ($strictness->misspelt === Misspelt::Wrong && $strictness->counts !== []) {
            return null;
        }
        $quantities = array_values(array_filter($key, fn (string $right): bool => NumberJudge::isNumber($right)));
        if ($quantities === [] || count($quantities) < count($key)) {
            return null;
        }
        $judgement = NumberJudge::of($quantities, $given, '');

        return $judgement->verdict === Verdict::Wrong ? null : $judgement;
    }

    /** @param  non-empty-list<string>  $key */
    private static function far(array $key, string $given, string $mine, Strictness $strictness): Judgement
    {
        foreach ($key as $right) {
            $folded = TextReading::folded($right, $strictness);
            $isText = preg_match('/\p{L}|\d/u', $folded) === 1;
            if ($isText && self::isWithin($folded, $mine, $strictness)) {
                return Judgement::unjudged("“{$right}”, with other words");
            }
        }
        foreach ($key as $right) {
            if (count(TextReading::words($right)) > self::SHORT) {
                return Judgement::unjudged('in other words than the key');
            }
        }

        return Judgement::wrong();
    }

    /**
     * Not right, where it would be if less of its look counted.
     *
     * @param  non-empty-list<string>  $key
     */
    private static function inLooks(array $key, string $given, Strictness $strictness): ?Judgement
    {
        $loose = new Strictness;
        foreach ($strictness->counts === [] ? [] : $key as $right) {
            if (self::isAlike($given, $right, $loose)) {
                return Judgement::wrong(self::difference($given, $right, $strictness));
            }
        }

        return null;
    }

    private static function difference(string $given, string $right, Strictness $strictness): string
    {
        foreach ($strictness->counts as $aspect) {
            $others = array_values(array_filter(
                $strictness->counts,
                fn (TextAspect $other): bool => $other !== $aspect,
            ));
            $without = new Strictness($others);
            if (self::isAlike($given, $right, $without)) {
                return "as in the key but for {$aspect->words()}";
            }
        }

        return 'as in the key but for '.implode(' and ', array_map(
            fn (TextAspect $aspect): string => $aspect->words(),
            $strictness->counts,
        ));
    }

    private static function isWithin(string $right, string $given, Strictness $strictness): bool
    {
        if ($strictness->misspelt === Misspelt::Wrong) {
            return str_contains(" {$given} ", " {$right} ");
        }
        $stems = fn (string $text): string => implode(' ', array_map(Spelling::stem(...), explode(' ', $text)));

        return str_contains(" {$stems($given)} ", " {$stems($right)} ");
    }
}
