<?php

declare(strict_types=1);

namespace Tests\Core\Access;

use OpenSlate\Access\Base32;
use PHPUnit\Framework\TestCase;

/** Against the test vectors of RFC 4648, section 10, as remembered. */
final class Base32Test extends TestCase
{
    public function test_base_32_of_rfc_4648(): void
    {
        $vectors = [
            '' => '',
            'f' => 'MY',
            'fo' => 'MZXQ',
            'foo' => 'MZXW6',
            'foob' => 'MZXW6YQ',
            'fooba' => 'MZXW6YTB',
            'foobar' => 'MZXW6YTBOI',
        ];
        foreach ($vectors as $bytes => $text) {
            $this->assertSame($text, Base32::encode($bytes));
            $this->assertSame($bytes, Base32::decode($text));
            $this->assertSame($bytes, Base32::decode(strtolower(chunk_split($text, 4, ' ')).'===='));
        }
    }

    public function test_what_is_no_letter_of_it_is_left_out(): void
    {
        $this->assertSame('foobar', Base32::decode('MZ-XW 6YT!B0O1I'));
        $this->assertSame('', Base32::decode('0189 -!'));
    }
}
