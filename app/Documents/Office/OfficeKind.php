<?php

declare(strict_types=1);

namespace App\Documents\Office;

use App\Documents\FileKind;
use App\Documents\FileRefused;

/** Files of word processors and of programs for slides. */
enum OfficeKind: string implements FileKind
{
    case Docx = 'docx';
    case Odt = 'odt';
    case Rtf = 'rtf';
    case Doc = 'doc';
    case Pptx = 'pptx';
    case Odp = 'odp';

    /** What a compound file begins with ([MS-CFB] 2.2). */
    private const COMPOUND = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1";

    /** The part that an Office Open XML package is about (ECMA-376 part 1), with macros or without. */
    private const MAIN = '/ContentType="application\/vnd\.(?:openxmlformats-officedocument\.'
        .'(?:wordprocessing|presentation)ml|ms-[a-z]+)\.'
        .'(document|template|presentation|slideshow)(?:\.macroEnabled)?\.main\+xml"/';

    /** @throws FileRefused when it is known what it is, and that it cannot be used */
    public static function of(string $path, string $head): ?self
    {
        return match (true) {
            str_starts_with($head, '{\rtf') => self::Rtf,
            str_starts_with($head, self::COMPOUND) => self::compound((string) file_get_contents($path)),
            str_starts_with($head, "PK\x03\x04") => self::packed($path),
            default => null,
        };
    }

    public function format(): string
    {
        return $this->value;
    }

    public function mediaType(): string
    {
        return match ($this) {
            self::Docx => 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
            self::Odt => 'application/vnd.oasis.opendocument.text',
            self::Rtf => 'application/rtf',
            self::Doc => 'application/msword',
            self::Pptx => 'application/vnd.openxmlformats-officedocument.presentationml.presentation',
            self::Odp => 'application/vnd.oasis.opendocument.presentation',
        };
    }

    /** The filter by which LibreOffice reads it: it does not fall back to what else the file could be. */
    public function filter(): string
    {
        return match ($this) {
            self::Docx => 'MS Word 2007 XML',
            self::Odt => 'writer8',
            self::Rtf => 'Rich Text Format',
            self::Doc => 'MS Word 97',
            self::Pptx => 'Impress Office Open XML',
            self::Odp => 'impress8',
        };
    }

    /** @throws FileRefused when it is not whole, or needs a password */
    public function check(string $path): void
    {
        match ($this) {
            self::Docx, self::Pptx => Package::open($path)->xml('[Content_Types].xml'),
            self::Odt, self::Odp => self::isLocked(Package::open($path)) ? throw FileRefused::locked() : null,
            self::Rtf => self::checkRtf($path),
            self::Doc => null,
        };
    }

    public function hasSlides(): bool
    {
        return $this === self::Pptx || $this === self::Odp;
    }

    /** A compound file's directory names its streams in UTF-16 ([MS-CFB] 2.6). */
    private static function compound(string $bytes): ?self
    {
        $has = fn (string $name): bool => str_contains($bytes, mb_convert_encoding($name, 'UTF-16LE', 'UTF-8'));

        return match (true) {
            $has('EncryptedPackage') => throw FileRefused::locked(),
            $has('WordDocument') => self::Doc,
            default => null,
        };
    }

    private static function packed(string $path): ?self
    {
        $package = Package::open($path);
        if ($package->has('mimetype')) {
            return match (trim($package->read('mimetype'))) {
                'application/vnd.oasis.opendocument.text',
                'application/vnd.oasis.opendocument.text-template' => self::Odt,
                'application/vnd.oasis.opendocument.presentation' => self::Odp,
                default => null,
            };
        }
        if (
            ! $package->has('[Content_Types].xml') ||
            preg_match(self::MAIN, $package->read('[Content_Types].xml'), $main) !== 1
        ) {
            return null;
        }

        return preg_match('/presentation|slideshow/', $main[0]) === 1 ? self::Pptx : self::Docx;
    }

    private static function isLocked(Package $package): bool
    {
        return $package->has('META-INF/manifest.xml') &&
            str_contains($package->read('META-INF/manifest.xml'), 'encryption-data');
    }

    private static function checkRtf(string $path): void
    {
        $end = rtrim((string) file_get_contents($path, offset: max(0, (int) filesize($path) - 1024)), "\0 \r\n\t\x1A");
        str_ends_with($end, '}') || throw FileRefused::damagedDocument();
    }
}
