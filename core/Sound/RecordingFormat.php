<?php

declare(strict_types=1);

namespace OpenSlate\Sound;

/**
 * What a recording, sound or film, is written in, told from its first bytes: names and media types of files are
 * anybody's to choose.
 */
enum RecordingFormat: string
{
    /** Matroska's EBML head (RFC 8794) with the document type "webm". */
    case WebM = 'webm';

    /** RFC 3533. */
    case Ogg = 'ogg';

    /** ISO/IEC 14496-12, with a brand that is for sound or film; phones write those of its forerunner, "qt". */
    case Mp4 = 'mp4';

    /** ISO/IEC 11172-3, layer III, with or without an ID3 tag before it. */
    case Mp3 = 'mp3';
    case Wave = 'wav';

    /** So many first bytes tell. */
    public const HEAD = 64;

    private const BRANDS = [
        ...['M4A ', 'M4B ', 'M4V ', 'mp41', 'mp42', 'avc1', 'isom', 'iso2', 'iso4', 'iso5', 'iso6', 'dash'],
        ...['3gp4', '3gp5', '3gp6', 'qt  '],
    ];

    /** @param  string  $head  the first bytes of a file */
    public static function of(string $head): ?self
    {
        return match (true) {
            str_starts_with($head, "\x1A\x45\xDF\xA3") && str_contains($head, "\x42\x82\x84webm") => self::WebM,
            str_starts_with($head, "OggS\x00") => self::Ogg,
            substr($head, 4, 4) === 'ftyp' && in_array(substr($head, 8, 4), self::BRANDS, true) => self::Mp4,
            str_starts_with($head, 'RIFF') && substr($head, 8, 4) === 'WAVE' => self::Wave,
            str_starts_with($head, 'ID3'), self::isLayerThree($head) => self::Mp3,
            default => null,
        };
    }

    /** A frame's head: eleven bits set, of a version and of layer III, at a bit rate and a sampling rate that there are. */
    private static function isLayerThree(string $head): bool
    {
        if (strlen($head) < 4) {
            return false;
        }
        [$first, $second, $third] = array_map(ord(...), str_split(substr($head, 0, 3)));
        $isSync = $first === 0xFF && ($second & 0xE0) === 0xE0;
        $isLayer = ($second & 0x06) === 0x02 && ($second & 0x18) !== 0x08;

        return $isSync && $isLayer && ! in_array($third >> 4, [0, 15], true) && ($third & 0x0C) !== 0x0C;
    }
}
