<?php

declare(strict_types=1);

namespace Tests\Core\Sound;

use OpenSlate\Sound\RecordingFormat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RecordingFormatTest extends TestCase
{
    /** @return array<string, array{string, RecordingFormat|null}> */
    public static function heads(): array
    {
        return [
            'WebM' => ["\x1A\x45\xDF\xA3\x9F\x42\x86\x81\x01\x42\x82\x84webm\x42\x87", RecordingFormat::WebM],
            'Matroska that is no WebM' => ["\x1A\x45\xDF\xA3\x9F\x42\x82\x88matroska", null],
            'Ogg' => ["OggS\x00\x02\x00\x00", RecordingFormat::Ogg],
            'M4A' => ["\x00\x00\x00\x1CftypM4A \x00\x00", RecordingFormat::Mp4],
            'a picture in the same box format' => ["\x00\x00\x00\x1Cftypheic\x00\x00", null],
            'WAV' => ["RIFF\x24\x00\x00\x00WAVEfmt ", RecordingFormat::Wave],
            'another RIFF' => ["RIFF\x24\x00\x00\x00WEBPVP8 ", null],
            'MP3 with a tag' => ["ID3\x04\x00\x00", RecordingFormat::Mp3],
            'MP3 without' => ["\xFF\xFB\x90\x64\x00", RecordingFormat::Mp3],
            'layer II' => ["\xFF\xFD\x90\x64", null],
            'a JPEG' => ["\xFF\xD8\xFF\xE0\x00\x10JFIF", null],
            'a page' => ['<!doctype html><script>', null],
            'nothing' => ['', null],
            'a byte' => ["\xFF", null],
        ];
    }

    #[DataProvider('heads')]
    public function test_it_is_told_from_the_first_bytes(string $head, ?RecordingFormat $format): void
    {
        $this->assertSame($format, RecordingFormat::of($head));
    }
}
