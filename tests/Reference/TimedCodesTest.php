<?php

declare(strict_types=1);

namespace Tests\Reference;

use OpenSlate\Access\TimedCode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Against the test vectors of RFC 6238 (appendix B, SHA-1) and RFC 4226 (appendix D), as remembered; eight digits and
 * six are of one number.
 */
final class TimedCodesTest extends TestCase
{
    private const SECRET = '12345678901234567890';

    /** @return array<string, array{int, string}> */
    public static function vectors(): array
    {
        return [
            '1970' => [59, '94287082'],
            '2005' => [1111111109, '07081804'],
            '2005, two seconds later' => [1111111111, '14050471'],
            '2009' => [1234567890, '89005924'],
            '2033' => [2000000000, '69279037'],
            '2603' => [20000000000, '65353130'],
        ];
    }

    #[DataProvider('vectors')]
    public function test_codes_of_rfc_6238(int $time, string $code): void
    {
        $timed = new TimedCode(self::SECRET);
        $this->assertSame($code, $timed->ofStep(intdiv($time, 30), 8));
        $this->assertSame(substr($code, 2), $timed->at($time));
    }

    public function test_codes_of_rfc_4226(): void
    {
        $codes = ['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489'];
        foreach ($codes as $count => $code) {
            $this->assertSame($code, (new TimedCode(self::SECRET))->ofStep($count, 6));
        }
    }
}
