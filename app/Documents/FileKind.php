<?php

declare(strict_types=1);

namespace App\Documents;

/** A kind of file that can be brought in; which kind a file is of is told by what is in it. */
interface FileKind
{
    /** As a person calls it: "pdf", "docx". */
    public function format(): string;

    public function mediaType(): string;

    /**
     * What can be said against a file in a moment, without reading it.
     *
     * @throws FileRefused
     */
    public function check(string $path): void;
}
