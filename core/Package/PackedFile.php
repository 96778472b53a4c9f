<?php

declare(strict_types=1);

namespace OpenSlate\Package;

/** A file of a package: an original, a picture, a recording. */
final readonly class PackedFile
{
    private const ENDINGS = [
        'application/pdf' => 'pdf',
        'image/jpeg' => 'jpg',
        'image/png' => 'png',
        'audio/mp4' => 'm4a',
        'video/mp4' => 'mp4',
    ];

    /** @param  string  $type  its media type */
    public function __construct(public string $sha256, public int $bytes, public string $type)
    {
    }

    /** Where it is in the package. */
    public function path(): string
    {
        return "files/{$this->sha256}.".(self::ENDINGS[$this->type] ?? 'bin');
    }
}
