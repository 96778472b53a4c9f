<?php

declare(strict_types=1);

namespace App\Documents\Scans;

use App\Documents\FileKind;

/** Pictures that pages are made of, as cameras and scanners write them; told by their first bytes. */
enum PictureKind: string implements FileKind
{
    case Jpeg = 'jpeg';
    case Png = 'png';
    case WebP = 'webp';
    case Tiff = 'tiff';
    case Heic = 'heic';

    private const HEIC = '/^....ftyp(?:heic|heix|heim|heis|hevc|mif1|msf1)/s';

    public static function of(string $head): ?self
    {
        return match (true) {
            str_starts_with($head, "\xFF\xD8\xFF") => self::Jpeg,
            str_starts_with($head, "\x89PNG\r\n\x1A\n") => self::Png,
            str_starts_with($head, 'RIFF') && substr($head, 8, 4) === 'WEBP' => self::WebP,
            str_starts_with($head, "II*\0"), str_starts_with($head, "MM\0*") => self::Tiff,
            preg_match(self::HEIC, $head) === 1 => self::Heic,
            default => null,
        };
    }

    public function format(): string
    {
        return $this->value;
    }

    public function mediaType(): string
    {
        return "image/{$this->value}";
    }

    public function check(string $path): void
    {
        // What can be said against a picture is said when its head is read.
    }
}
