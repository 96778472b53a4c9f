<?php

declare(strict_types=1);

namespace Tests\Reference;

use OpenSlate\Judging\Misspelling;
use OpenSlate\Judging\NumberJudge;
use OpenSlate\Judging\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Units, fractions and distances against libraries that had no part in them, and against the published definitions. */
final class NumberAnswersTest extends TestCase
{
    /** Names as pupils write them => as mathjs 15.2.0 has them, by what is measured. */
    private const UNITS = [
        ['mm' => 'mm', 'cm' => 'cm', 'metres' => 'm', 'km' => 'km', 'inches' => 'in', 'feet' => 'ft', 'yards' => 'yd',
            'miles' => 'mile'],
        ['cm²' => 'cm2', 'm2' => 'm2', 'square feet' => 'sqft', 'hectares' => 'hectare'],
        ['ml' => 'ml', 'cl' => 'cl', 'litres' => 'litre', 'm³' => 'm3', 'cm3' => 'cm3'],
        ['g' => 'g', 'kg' => 'kg', 'tonnes' => 'tonne', 'lb' => 'lbm', 'ounces' => 'oz', 'stone' => 'stone'],
        ['seconds' => 's', 'min' => 'minutes', 'hours' => 'hours', 'days' => 'days', 'weeks' => 'weeks'],
        ['m/s' => 'm/s', 'km/h' => 'km/h', 'mph' => 'mile/hour'],
        ['°C' => 'degC', '°F' => 'degF', 'K' => 'K'],
        ['N' => 'N', 'kN' => 'kN'],
        ['kJ' => 'kJ', 'kWh' => 'kWh', 'J' => 'J'],
    ];

    public function test_units_convert_as_mathjs_converts_them(): void
    {
        mt_srand(17);
        $asked = $names = [];
        foreach (self::UNITS as $units) {
            foreach ($units as $from => $theirFrom) {
                foreach ($units as $to => $theirTo) {
                    $value = mt_rand(1, 9999) / 10;
                    $asked[] = [$value, $theirFrom, $theirTo];
                    $names[] = [$value, $from, $to];
                }
            }
        }
        foreach ($this->library('units', $asked) as $at => $theirs) {
            [$value, $from, $to] = $names[$at];
            $off = max(1e-9, abs($theirs) * 1e-9);
            $key = sprintf('%.12F', $theirs);
            $judged = NumberJudge::of(
                [self::shortened($key).' ± '.self::shortened(sprintf('%.10F', $off)).''],
                "{$value} {$from}",
                $to,
            );
            $this->assertSame(Verdict::Right, $judged->verdict, "{$value} {$from} is {$key} {$to}: {$judged->why}");
            $other = NumberJudge::of(
                [self::shortened(sprintf('%.10F', $theirs * 1.01 + 0.001))],
                "{$value} {$from}",
                $to,
            );
            $this->assertNotSame(Verdict::Right, $other->verdict, "{$value} {$from} is not more than {$key} {$to}");
        }
    }

    public function test_fractions_and_mixed_numbers_are_the_decimals_that_mathjs_makes_of_them(): void
    {
        mt_srand(5);
        $asked = [];
        for ($n = 0; $n < 200; $n++) {
            $below = [2, 4, 5, 8, 10, 16, 20, 25, 40, 50][mt_rand(0, 9)];
            $asked[] = $n % 2 === 0
                ? mt_rand(1, 99)."/{$below}"
                : mt_rand(1, 40).' '.mt_rand(1, $below - 1)."/{$below}";
        }
        foreach ($this->library('fractions', $asked) as $at => $theirs) {
            $this->assertSame(
                Verdict::Right,
                NumberJudge::of([$asked[$at]], (string) $theirs, '')->verdict,
                $asked[$at],
            );
            $this->assertSame(
                Verdict::Right,
                NumberJudge::of([(string) $theirs], $asked[$at], '')->verdict,
                $asked[$at],
            );
            $this->assertSame(Verdict::Wrong, NumberJudge::of([$asked[$at]], (string) ($theirs + 0.0001), '')->verdict);
        }
    }

    public function test_words_are_as_far_apart_as_a_library_says(): void
    {
        mt_srand(3);
        $asked = [];
        for ($n = 0; $n < 600; $n++) {
            $one = implode('', array_map(fn (): string => 'abcde'[mt_rand(0, 4)], range(1, mt_rand(1, 9))));
            $other = str_split($one);
            for ($change = mt_rand(0, 3); $change > 0; $change--) {
                $at = mt_rand(0, max(0, count($other) - 2));
                match (mt_rand(0, 3)) {
                    0 => array_splice($other, $at, 1),
                    1 => array_splice($other, $at, 0, ['x']),
                    2 => $other[$at] = 'z',
                    default => count($other) > $at + 1
                        ? [$other[$at], $other[$at + 1]] = [$other[$at + 1], $other[$at]]
                        : null,
                };
            }
            $asked[] = [$one, implode('', $other)];
        }
        foreach ($this->library('words', $asked) as $at => $theirs) {
            $this->assertSame((int) $theirs, Misspelling::distance(...$asked[$at]), implode(' ', $asked[$at]));
        }
    }

    /**
     * Exact by definition: international yard and pound agreement of 1959 (NIST SP 811, appendix B.8), ISO 80000-3
     * (nautical mile, hour), SI Brochure (litre, tonne, Celsius).
     *
     * @return array<string, array{string, string}>
     */
    public static function definitions(): array
    {
        return [
            'inch' => ['1 in', '25.4 mm'],
            'foot' => ['1 ft', '0.3048 m'],
            'mile' => ['1 mile', '1.609344 km'],
            'nautical mile' => ['1 nmi', '1852 m'],
            'pound' => ['1 lb', '0.45359237 kg'],
            'ounces' => ['16 oz', '1 lb'],
            'pint' => ['1 pint', '568.26125 ml'],
            'gallon' => ['1 gallon', '8 pints'],
            'litre' => ['1 litre', '1 dm³'],
            'millilitre' => ['1 ml', '1 cm³'],
            'tonne' => ['1 tonne', '1000 kg'],
            'hectare' => ['1 ha', '10 000 m²'],
            'knot' => ['1 knot', '1.852 km/h'],
            'water freezes' => ['0 °C', '273.15 K'],
            'water boils' => ['100 °C', '212 °F'],
            'as cold as as cold' => ['-40 °C', '-40 °F'],
            'stone' => ['1 stone', '14 lb'],
            'fathom' => ['1 fathom', '6 ft'],
            'day' => ['1 day', '86,400 s'],
        ];
    }

    #[DataProvider('definitions')]
    public function test_units_are_exactly_what_their_definitions_say(string $one, string $other): void
    {
        $this->assertSame(Verdict::Right, NumberJudge::of([$one], $other, '')->verdict);
        $this->assertSame(Verdict::Right, NumberJudge::of([$other], $one, '')->verdict);
    }

    private static function shortened(string $number): string
    {
        return (string) preg_replace('/(\.\d{0,10})\d*$/', '$1', $number);
    }

    /**
     * @param  list<mixed>  $asked
     * @return list<float|int>
     */
    private function library(string $what, array $asked): array
    {
        $process = new Process(['node', __DIR__.'/marking.mjs']);
        $output = $process->setInput(json_encode([$what => $asked], JSON_THROW_ON_ERROR))->mustRun()->getOutput();

        return json_decode($output, true, flags: JSON_THROW_ON_ERROR)[$what];
    }
}
