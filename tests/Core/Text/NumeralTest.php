<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use OpenSlate\Text\Numeral;
use PHPUnit\Framework\TestCase;

final class NumeralTest extends TestCase
{
    /** Roman numerals up to 39 are a ten's letters and a unit's: common practice, no source. */
    public function test_digits_roman_numerals_and_words_count_alike(): void
    {
        $units = ['', 'i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix'];
        foreach (['', 'x', 'xx', 'xxx'] as $tens => $letters) {
            foreach ($units as $unit => $ends) {
                $number = 10 * $tens + $unit;
                $this->assertSame($number, Numeral::value((string) $number));
                $this->assertSame($number ?: null, Numeral::value(strtoupper($letters.$ends)), "{$letters}{$ends}");
            }
        }
        $teens = ['nine' => 9, 'ten' => 10, 'eleven' => 11, 'Thirteen' => 13, 'nineteen' => 19];
        $tens = ['twenty' => 20, 'twenty-one' => 21, 'Thirty nine' => 39, 'fifty-nine' => 59];
        foreach ($teens + $tens as $word => $number) {
            $this->assertSame($number, Numeral::value($word), $word);
        }
    }

    public function test_other_words_are_no_numbers(): void
    {
        foreach (['', 'iiii', 'iix', 'vx', 'xxxx', 'twenty-ten', 'twenty-ebb', 'sixty', '1000', 'ebb', '-3'] as $text) {
            $this->assertNull(Numeral::value($text), $text);
        }
    }
}
