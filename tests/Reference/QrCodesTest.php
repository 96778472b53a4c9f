<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\QrCode;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What our QR codes say, read back by jsQR, a general reader of QR codes (npm). */
final class QrCodesTest extends TestCase
{
    public function test_a_general_reader_reads_what_was_written(): void
    {
        $texts = [
            'x',
            'http://127.0.0.1:8000/class/HERN26?name=12',
            'https://slate.harbour-school.example/p/'.str_repeat('aB3', 12),
            'otpauth://totp/Open%20Slate%2C%20Quay%20%26%20Co%3Aada%40quay.example?secret=GEZDGNBVGY3TQOJQ&issuer=Quay',
            'Čenda, 東京, ‮שלום',
        ];
        $reader = new Process(['node', __DIR__.'/jsqr.mjs'], timeout: 30);
        $drawn = array_map(fn (string $text): string => QrCode::svg($text, 'a code'), $texts);
        $reader->setInput(json_encode($drawn, JSON_THROW_ON_ERROR));
        $reader->mustRun();
        $this->assertSame($texts, json_decode($reader->getOutput(), true));
    }

    public function test_it_has_the_quiet_zone_of_the_standard_and_words(): void
    {
        $svg = QrCode::svg('https://slate.example/p/abc', 'Way to "Tides" & more');
        $this->assertStringContainsString('aria-label="Way to &quot;Tides&quot; &amp; more"', $svg);
        preg_match('/viewBox="0 0 (\d+) /', $svg, $size);
        preg_match_all('/M(\d+) (\d+)h(\d+)/', $svg, $bars, PREG_SET_ORDER);
        // Four squares all around (ISO/IEC 18004, 9.1: from memory).
        $this->assertSame(4, min(array_column($bars, 1)) + 0);
        $this->assertSame(4, min(array_column($bars, 2)) + 0);
        $ends = array_map(fn (array $bar): int => (int) $bar[1] + (int) $bar[3], $bars);
        $this->assertSame((int) ($size[1] ?? 0) - 4, max($ends));
    }
}
