<?php

declare(strict_types=1);

namespace Tests\Core\Judging;

use OpenSlate\Judging\NumberJudge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NumberJudgeTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string}> key, answer, printed unit, verdict */
    public static function answers(): iterable
    {
        $cases = [
            // As people write them.
            ['12', '12', '', 'right'],
            ['12', '12.0', '', 'right'],
            ['12', ' 012 ', '', 'right'],
            ['12', '= 12', '', 'right'],
            ['12', 'x = 12', '', 'right'], ['12', 'twelve', '', 'right'], ['12', 'a dozen', '', 'right'],
            ['12', '13', '', 'wrong'],
            ['12', 'dunno', '', 'wrong'],
            ['12', '1 2', '', 'wrong'],
            ['12', '21', '', 'wrong'],
            ['125', 'one hundred and twenty-five', '', 'right'], ['2000', 'two thousand', '', 'right'],
            ['3007', 'three thousand and seven', '', 'right'], ['0', 'zero', '', 'right'], ['0', '', '', 'wrong'],
            // Signs.
            ['-5', '−5', '', 'right'], ['-5', 'minus five', '', 'right'], ['-5', 'negative 5', '', 'right'],
            ['-5', '5', '', 'wrong'], ['5', '+5', '', 'right'],
            // Points and commas.
            ['1.5', '1,5', '', 'right'], ['1,5', '1.5', '', 'right'], ['0.5', '.5', '', 'right'],
            ['1250', '1,250', '', 'right'], ['1250', '1 250', '', 'right'], ['1250', "1'250", '', 'right'],
            ['1250', '1.250', '', 'wrong'], ['1.25', '1,250', '', 'right'], ['1250000', '1.250.000', '', 'right'],
            ['1250.5', '1,250.5', '', 'right'], ['1250.5', '1.250,5', '', 'right'], ['1250', '12,50', '', 'wrong'],
            // Fractions.
            ['1/2', '0.5', '', 'right'],
            ['1/2', '2/4', '', 'right'],
            ['1 1/2', '1½', '', 'right'],
            ['1.5', '1 1/2', '', 'right'],
            ['3/4', 'three quarters', '', 'right'],
            ['2.5', 'two and a half', '', 'right'],
            ['1/2', 'half', '', 'right'],
            ['1/3', '0.33', '', 'unjudged'],
            ['1/3', '0.3', '', 'unjudged'],
            ['1/3', '0.34', '', 'wrong'],
            ['3.333', '3.33', '', 'unjudged'],
            ['11/2', '1 1/2', '', 'wrong'], ['1/2', '1/0', '', 'wrong'], ['1/2', '1/3', '', 'wrong'],
            // Powers of ten.
            ['1200', '1.2e3', '', 'right'], ['1200', '1.2 x 10^3', '', 'right'], ['1200', '1.2 × 10³', '', 'right'],
            ['0.012', '1.2 x 10^-2', '', 'right'], ['1200', '1.2 x 10^2', '', 'wrong'],
            // How far off.
            ['3.5 ± 0.1', '3.6', '', 'right'], ['3.5 ± 0.1', '3.4', '', 'right'], ['3.5 ± 0.1', '3.61', '', 'wrong'],
            ['3.5 +- 0.1', '3,45', '', 'right'], ['200 ± 5 %', '210', '', 'right'], ['200 ± 5 %', '210.1', '', 'wrong'],
            ['12 ± 0.5', '118 mm', 'cm', 'right'], ['12 ± 0.5', '113 mm', 'cm', 'wrong'],
            // Units.
            ['12', '12 cm', 'cm', 'right'], ['12', '120 mm', 'cm', 'right'], ['12', '0.12m', 'cm', 'right'],
            ['12', '12 m', 'cm', 'wrong'], ['12', '12 kg', 'cm', 'wrong'], ['12 cm', '12', '', 'unjudged'],
            ['12', '12 cm', '', 'unjudged'], ['12 cm', '13', '', 'wrong'], ['7', '7 boats', 'boats', 'right'],
            ['7', '7 boat', 'boats', 'right'], ['7', '7 boats', '', 'unjudged'], ['7', '8 boats', 'boats', 'wrong'],
            ['100', '100 m2', 'm²', 'right'],
            ['100', '100 square metres', 'm²', 'right'],
            ['1', '10 000 cm²', 'm²', 'right'],
            ['90', '90 degrees', '°', 'right'], ['20 °C', '68 °F', '', 'right'], ['5', '5 M', 'm', 'right'],
            ['1000 mW', '1 MW', '', 'wrong'],
            ['3 m 20 cm', '320 cm', '', 'right'],
            ['5 ft 3 in', '63 inches', '', 'right'],
            ['3 kg 200 g', '3.2kg', '', 'right'], ['3 kg 200 cm', '3.2kg', '', 'wrong'],
            // Percent, money.
            ['25%', '25 %', '', 'right'],
            ['25%', '0.25', '', 'right'],
            ['25%', '1/4', '', 'right'],
            ['25%', '25', '', 'unjudged'],
            ['25', '25%', '%', 'right'],
            ['0.25', '25%', '', 'right'],
            ['0.25', '20%', '', 'wrong'],
            ['25', '25%', '', 'wrong'],
            ['3.50', '£3.50', '£', 'right'],
            ['£3.50', '350p', '', 'right'],
            ['£3.50', '£3.5', '', 'right'],
            ['£3.50', '£3.05', '', 'wrong'],
            ['€2', '2 €', '', 'right'], ['€2', '$2', '', 'wrong'],
            // Times.
            ['06:40', '6:40', '', 'right'],
            ['06:40', '6.40 am', '', 'right'],
            ['06:40', '0640', '', 'right'],
            ['06:40', '6:40 pm', '', 'wrong'],
            ['18:40', '6.40 p.m.', '', 'right'], ['18:40', '6:40', '', 'unjudged'], ['18:40', '06:40', '', 'wrong'],
            ['6:40 pm', 'twenty to seven', '', 'unjudged'], ['6:40 pm', 'twenty to seven pm', '', 'right'],
            ['6:30', 'half past six', '', 'right'],
            ['7:45', 'quarter to eight', '', 'right'],
            ['3:00', "3 o'clock", '', 'right'],
            ['12:00', 'noon', '', 'right'],
            ['00:00', 'midnight', '', 'right'],
            ['6:40', '6:04', '', 'wrong'],
            ['6:40', '25:61', '', 'wrong'],
            ['2 h 15 min', '135 min', '', 'right'],
            ['2 h 15 min', '2h15m', '', 'right'],
            ['2 h 15 min', '2.25 hours', '', 'right'],
            ['135', '2 hours 15 minutes', 'min', 'right'], ['90', '1 hour and 30 minutes', 'min', 'right'],
            // More than a number.
            ['12', 'about 12', '', 'unjudged'],
            ['12', '12 or 13', '', 'unjudged'],
            ['6', '6 remainder 2', '', 'unjudged'],
            ['12', '112 or 312', '', 'wrong'],
        ];
        foreach ($cases as $case) {
            yield "{$case[1]} for {$case[0]} {$case[2]}" => $case;
        }
    }

    #[DataProvider('answers')]
    public function test_a_number_is_judged_by_what_it_says(
        string $key,
        string $given,
        string $unit,
        string $verdict,
    ): void {
        $judged = NumberJudge::of([$key], $given, $unit);

        $this->assertSame($verdict, $judged->verdict->value, $judged->why);
    }

    public function test_the_best_of_several_keys_counts(): void
    {
        $this->assertSame('right', NumberJudge::of(['10', '12'], '12', '')->verdict->value);
        $this->assertSame('unjudged', NumberJudge::of(['10', '12'], '12 or so', '')->verdict->value);
        $this->assertSame('wrong', NumberJudge::of(['10', '12'], '11', '')->verdict->value);
    }

    public function test_a_key_is_a_number_a_time_or_one_with_how_far_off_an_answer_may_be(): void
    {
        foreach (
            ['12', '3.5 ± 0.1', '1/2', '2 1/4', '25%', '06:40', '12 cm', '200 ± 5%', '£3.50', '2 h 15 min'] as $key
        ) {
            $this->assertTrue(NumberJudge::isKey($key), $key);
        }
        foreach (['a lot', '12 or 13', '', '± 2', '1/0', '12 things'] as $key) {
            $this->assertFalse(NumberJudge::isKey($key), $key);
        }
    }

    public function test_answers_that_are_one_number_are_alike(): void
    {
        $alike = NumberJudge::likeness('1,5 cm', 'cm');
        foreach (['1.5', '1 1/2', '3/2 cm', '1.50cm'] as $answer) {
            $this->assertSame($alike, NumberJudge::likeness($answer, 'cm'), $answer);
        }
        $this->assertNotSame($alike, NumberJudge::likeness('1.5 m', 'cm'));
        $this->assertSame(NumberJudge::likeness('Dunno.', ''), NumberJudge::likeness('dunno', ''));
    }
}
