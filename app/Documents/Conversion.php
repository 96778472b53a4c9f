<?php

declare(strict_types=1);

namespace App\Documents;

/**
 * A way to make of files of some kinds the PDF whose pages are laid on worksheets, once; the file itself is kept
 * beside it, untouched. A new one is one class and its registration (see AppServiceProvider).
 */
interface Conversion
{
    /**
     * The kind of a file that this can convert, by what is in it; null when it is none of those.
     *
     * @param  string  $head  its first kilobyte
     *
     * @throws FileRefused when it is known what it is, and that it cannot be used
     */
    public function kindOf(string $path, string $head): ?FileKind;

    /**
     * @param  array<string, mixed>  $choices  how the teacher wants it, as each conversion reads it; what is not there
     *                                         is as usual
     * @param  string  $folder  an empty folder to work in
     *
     * @throws FileRefused
     */
    public function convert(string $path, array $choices, string $folder): Converted;
}
