<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Recordings for the tests: a tone, in what devices record. */
final class Recorded
{
    private const RATE = 8000;

    /** A tone as a WAV file, one channel of 16 bits. */
    public static function wave(float $seconds): string
    {
        $count = (int) round($seconds * self::RATE);
        $samples = '';
        for ($at = 0; $at < $count; $at++) {
            $samples .= pack('v', (int) round(8000 * sin((2 * M_PI * 440 * $at) / self::RATE)) & 0xFFFF);
        }

        return 'RIFF'.
            pack('V', 36 + strlen($samples)).
            'WAVEfmt '.
            pack('VvvVVvv', 16, 1, 1, self::RATE, 2 * self::RATE, 2, 16).
            'data'.
            pack('V', strlen($samples)).
            $samples;
    }

    /** Whatever ffmpeg makes: what comes of these arguments, as a file with this name. */
    public static function made(string $name, string ...$arguments): string
    {
        $folder = sys_get_temp_dir().'/recorded-'.bin2hex(random_bytes(6));
        mkdir($folder);
        $process = new Process(['ffmpeg', '-nostdin', '-v', 'error', ...$arguments, "{$folder}/{$name}"]);
        $process->run();
        $made = @file_get_contents("{$folder}/{$name}");
        @unlink("{$folder}/{$name}");
        rmdir($folder);

        return $made === false ? throw new RuntimeException($process->getErrorOutput()) : $made;
    }

    /** A tone, in what a file of this name is written in. */
    public static function tone(string $name, float $seconds = 1.0, string ...$arguments): string
    {
        return self::made($name, '-f', 'lavfi', '-i', "sine=frequency=440:duration={$seconds}", ...$arguments);
    }

    /** A moving picture with a tone. */
    public static function film(string $name, int $width, int $height, float $seconds = 1.0): string
    {
        return self::made(
            $name,
            ...['-f', 'lavfi', '-i', "testsrc=size={$width}x{$height}:rate=12:duration={$seconds}"],
            ...['-f', 'lavfi', '-i', "sine=duration={$seconds}", '-shortest'],
            ...['-preset', 'ultrafast', '-deadline', 'realtime', '-cpu-used', '8'],
        );
    }
}
