<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

use Brick\Math\BigRational;

/**
 * Reads numbers as people write them: with point or comma, thousands set apart, fractions and mixed numbers, powers of
 * ten, in words, with a sign, money or a unit; also in two units that go together, such as 2 h 15 min.
 */
final class QuantityReading
{
    private const VULGAR = [
        '½' => '1/2',
        '⅓' => '1/3',
        '⅔' => '2/3',
        '¼' => '1/4',
        '¾' => '3/4',
        '⅕' => '1/5',
        '⅖' => '2/5',
        '⅗' => '3/5',
        '⅘' => '4/5',
        '⅙' => '1/6',
        '⅚' => '5/6',
        '⅛' => '1/8',
        '⅜' => '3/8',
        '⅝' => '5/8',
        '⅞' => '7/8',
        '⅒' => '1/10',
    ];

    /** Enough for any number of school work, and short enough that nobody keeps the server reckoning. */
    private const LONGEST = 80;

    private const NUMBER =
        '(?<mixed>\d{1,9} +\d{1,9} *\/ *0*[1-9]\d{0,8})|(?<fraction>\d{1,9} *\/ *0*[1-9]\d{0,8})(?!\d)|'.
        '(?<decimal>(?:\d{1,3}(?:[ ,\']\d{3})+(?!\d)(?:\.\d{1,15})?|\d{1,3}(?:\.\d{3}){2,}(?!\d)(?:,\d{1,15})?|'.
        '\d{1,3}(?:\.\d{3})+,\d{1,15}|\d{1,15}(?:[.,]\d{1,15})?|[.,]\d{1,15})'.
        '(?: *(?:x|×|\*|·) *10\^?(?<power>-?\d{1,2})|e(?<exponent>[+-]?\d{1,2}))?)';

    /** @return list<Quantity> what a text may mean; nothing where it is no number, or more than one */
    public static function of(string $text): array
    {
        $text = TextReading::plain($text);
        if (mb_strlen($text) > self::LONGEST) {
            return [];
        }
        $text = (string) preg_replace('/^(?:[a-z] *)?= */iu', '', $text);
        $text = rtrim($text, ' .!');
        foreach (self::VULGAR as $sign => $fraction) {
            $text = (string) preg_replace("/ *{$sign}/u", " {$fraction}", $text);
        }
        $text = trim($text);
        if (preg_match('/\d/', $text) !== 1) {
            $text = trim(NumberWords::withFractions(str_replace('-', ' ', mb_strtolower($text))));
        }
        $text = (string) preg_replace('/^(?:minus|negative) +/iu', '-', $text);
        if (preg_match('/^(?<sign>[+-])? *(?<money>[£$€])? *(?<rest>[\d.,].*)$/u', $text, $match) !== 1) {
            return [];
        }
        $readings = self::pieces($match['rest'], $match['money']);

        return $match['sign'] === '-'
            ? array_map(
                fn (Quantity $one): Quantity => new Quantity($one->value->negated(), $one->unit, $one->decimals),
                $readings,
            )
            : $readings;
    }

    /** @return list<Quantity> */
    private static function pieces(string $text, string $money): array
    {
        $pattern = '/^(?:'.self::NUMBER.') *(?<unit>[a-z]+[23](?!\d)|[^\d,;]*?(?:\^[23])?) *(?:(?:,|and) *(?=\d)|'.
            '(?=\d)|$)/ui';
        $sums = [];
        $isFirst = true;
        while ($text !== '') {
            if (preg_match($pattern, $text, $match) !== 1) {
                return [];
            }
            $text = substr($text, strlen($match[0]));
            $unit = trim($match['unit']) === '' ? $money : trim($match['unit']);
            if (! $isFirst && $unit === '') {
                // "2 h 15" and "3 m 20" say the second unit by custom; what has none is no number of two.
                return [];
            }
            $found = array_map(
                fn (array $one): Quantity => new Quantity($one[0], $unit, $one[1]),
                self::values($match),
            );
            $sums = $isFirst ? $found : self::added($sums, $found);
            $isFirst = false;
        }

        return $sums;
    }

    /**
     * @param  list<Quantity>  $sums
     * @param  list<Quantity>  $more
     * @return list<Quantity>
     */
    private static function added(array $sums, array $more): array
    {
        $added = [];
        foreach ($sums as $sum) {
            foreach ($more as $one) {
                foreach (Units::named($sum->unit) as $unit) {
                    foreach (Units::named($one->unit) as $small) {
                        if ($small->of === $unit->of && $unit->of !== 'temperature') {
                            $added[] = new Quantity(
                                $sum->value->plus(
                                    $small->span($one->value)->dividedBy($unit->span(BigRational::one())),
                                ),
                                $sum->unit,
                                $one->decimals,
                            );
                        }
                    }
                }
            }
        }

        return $added;
    }

    /**
     * @param  array<array-key, string>  $match
     * @return list<array{BigRational, int}> with how many decimals
     */
    private static function values(array $match): array
    {
        if (($match['mixed'] ?? '') !== '') {
            [$whole, $fraction] = preg_split('/ +/', $match['mixed'], 2) ?: ['0', '0'];

            return [[BigRational::of($whole)->plus(BigRational::of(str_replace(' ', '', $fraction))), 0]];
        }
        if (($match['fraction'] ?? '') !== '') {
            return [[BigRational::of(str_replace(' ', '', $match['fraction'])), 0]];
        }
        $power = (int) (($match['power'] ?? '') !== '' ? $match['power'] : $match['exponent'] ?? '');
        $written = (string) preg_replace('/ *(?:x|×|\*|·) *10\^?-?\d+$|e[+-]?\d+$/ui', '', $match['decimal'] ?? '0');
        $values = [];
        foreach (self::decimals($written) as $decimal) {
            $value = BigRational::of($decimal);
            $scaled = $power < 0
                ? $value->dividedBy(BigRational::of(10)->power(-$power))
                : $value->multipliedBy(BigRational::of(10)->power($power));
            $values[] = [$scaled, strlen((string) strstr($decimal, '.')) === 0
                ? 0
                : strlen((string) strstr($decimal, '.')) - 1];
        }

        return $values;
    }

    /**
     * With a point for its decimals. A comma before three digits may set thousands apart, or decimals.
     *
     * @return list<string>
     */
    private static function decimals(string $written): array
    {
        $plain = str_replace([' ', "'"], '', $written);
        if (str_starts_with($plain, '.') || str_starts_with($plain, ',')) {
            return ['0.'.substr($plain, 1)];
        }
        [$points, $commas] = [substr_count($plain, '.'), substr_count($plain, ',')];
        if ($points > 0 && $commas > 0) {
            return [strrpos($plain, '.') > strrpos($plain, ',')
                ? str_replace(',', '', $plain)
                : str_replace(['.', ','], ['', '.'], $plain)];
        }
        if ($points > 1 || $commas > 1) {
            return [str_replace(['.', ','], '', $plain)];
        }
        if ($commas === 1) {
            return preg_match('/^[1-9]\d{0,2},\d{3}$/', $plain) === 1
                ? [str_replace(',', '', $plain), str_replace(',', '.', $plain)]
                : [str_replace(',', '.', $plain)];
        }

        return [$plain];
    }
}
