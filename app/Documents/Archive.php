<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Package\PackageRefused;
use ZipArchive;

/**
 * A ZIP that somebody has sent. Nothing is unpacked that was not asked for by its name; how large it says it is is
 * looked at before, and how large it turns out to be while it is unpacked.
 */
final class Archive
{
    private const MOST_ENTRIES = 12_000;

    private const AT_ONCE = 262_144;

    private const SIGNATURE = "PK\x03\x04";

    /** Unix modes of entries: what kind of file they are (APPNOTE.TXT, 4.4.15, as Info-ZIP writes it). */
    private const KIND = 0xF000;

    private const LINK = 0xA000;

    private int $left;

    private function __construct(private ZipArchive $zip, int $mostBytes)
    {
        $this->left = $mostBytes;
    }

    /** Whether a file is a ZIP with an entry of that name. */
    public static function has(string $path, string $name): bool
    {
        if ((string) @file_get_contents($path, length: 4) !== self::SIGNATURE) {
            return false;
        }
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            return false;
        }
        $is = $zip->locateName($name) !== false;
        $zip->close();

        return $is;
    }

    /**
     * @param  int  $mostBytes  that are unpacked, together
     *
     * @throws PackageRefused
     */
    public static function open(string $path, int $mostBytes): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw PackageRefused::damaged();
        }
        if ($zip->numFiles > self::MOST_ENTRIES) {
            throw PackageRefused::tooMuch();
        }
        $names = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $name = (string) $zip->getNameIndex($at);
            $attributes = $system = 0;
            $zip->getExternalAttributesIndex($at, $system, $attributes);
            $isLink = $system === ZipArchive::OPSYS_UNIX && (($attributes >> 16) & self::KIND) === self::LINK;
            if ($isLink || preg_match('#^/|\\\\|(^|/)\.\.(/|$)|[\x00-\x1f]|^[A-Za-z]:#', $name) === 1) {
                throw PackageRefused::unsafe();
            }
            if (isset($names[$name])) {
                throw PackageRefused::damaged();
            }
            $names[$name] = true;
        }

        return new self($zip, $mostBytes);
    }

    /**
     * @return string|null null where there is no such entry
     *
     * @throws PackageRefused when it is larger than that
     */
    public function text(string $name, int $mostBytes): ?string
    {
        $text = '';
        $is = $this->unpack($name, $mostBytes, function (string $piece) use (&$text): void {
            $text .= $piece;
        });

        return $is ? $text : null;
    }

    /**
     * Writes an entry to a file, if it is what it is said to be.
     *
     * @throws PackageRefused
     */
    public function write(string $name, string $to, int $bytes, string $sha256): void
    {
        $file = fopen($to, 'wb') ?: throw FileRefused::notWritten();
        try {
            $is = $this->unpack($name, $bytes, function (string $piece) use ($file): void {
                fwrite($file, $piece) === strlen($piece) || throw FileRefused::notWritten();
            });
        } finally {
            fclose($file);
        }
        if (! $is || filesize($to) !== $bytes || hash_file('sha256', $to) !== $sha256) {
            throw PackageRefused::damaged();
        }
    }

    /** @param  callable(string): void  $take */
    private function unpack(string $name, int $mostBytes, callable $take): bool
    {
        $about = $this->zip->statName($name);
        if ($about === false) {
            return false;
        }
        if ($about['size'] > $mostBytes || $about['size'] > $this->left) {
            throw PackageRefused::tooMuch();
        }
        $entry = $this->zip->getStream($name) ?: throw PackageRefused::damaged();
        $read = 0;
        while (! feof($entry)) {
            $piece = (string) @fread($entry, self::AT_ONCE);
            $read += strlen($piece);
            if ($read > $mostBytes || $read > $this->left) {
                fclose($entry);
                throw PackageRefused::tooMuch();
            }
            if ($piece === '') {
                break;
            }
            $take($piece);
        }
        fclose($entry);
        $this->left -= $read;

        return true;
    }
}
