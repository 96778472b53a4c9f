<?php

declare(strict_types=1);

namespace Tests\Core\Access;

use OpenSlate\Access\TimedCode;
use PHPUnit\Framework\TestCase;

final class TimedCodeTest extends TestCase
{
    private const NOW = 1_800_000_000;

    public function test_a_code_of_rfc_6238(): void
    {
        $this->assertSame('287082', (new TimedCode('12345678901234567890'))->at(59));
    }

    public function test_a_code_counts_once_and_half_a_minute_to_either_side(): void
    {
        $timed = new TimedCode('12345678901234567890');
        $step = intdiv(self::NOW, 30);
        foreach ([-1, 0, 1] as $off) {
            $code = $timed->at(self::NOW + 30 * $off);
            $this->assertSame($step + $off, $timed->step($code, self::NOW, 0));
            $this->assertNull($timed->step($code, self::NOW, $step + $off), 'used before');
            $this->assertSame($step + $off, $timed->step($code, self::NOW, $step + $off - 1));
        }
        foreach ([-2, 2] as $off) {
            $this->assertNull($timed->step($timed->at(self::NOW + 30 * $off), self::NOW, 0));
        }
    }

    public function test_it_is_read_as_phones_show_it_and_nothing_else_is(): void
    {
        $timed = new TimedCode('12345678901234567890');
        $code = $timed->at(self::NOW);
        $this->assertNotNull($timed->step(substr($code, 0, 3).' '.substr($code, 3), self::NOW, 0));
        foreach (['', '0', substr($code, 0, 5), $code.'0', 'ABCDEF'] as $wrong) {
            $this->assertNull($timed->step($wrong, self::NOW, 0));
        }
    }

    public function test_the_address_for_a_phone_names_school_and_account(): void
    {
        $this->assertSame(
            'otpauth://totp/Quay%20%26%20Co%3Aada%40quay.example'.
                '?secret=GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ&issuer=Quay%20%26%20Co',
            (new TimedCode('12345678901234567890'))->address('ada@quay.example', 'Quay & Co'),
        );
    }
}
