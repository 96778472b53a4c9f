<?php

declare(strict_types=1);

namespace App\Models;

/** What is made to leave. */
enum ExportKind: string
{
    /** A worksheet with form fields. */
    case Form = 'form';

    /** A worksheet to be written on by hand. */
    case Paper = 'paper';

    /** A worksheet with the right answers in their places. */
    case Key = 'key';

    /** Copies as their students have filled them. */
    case Copies = 'copies';

    /** The same, a file for each. */
    case CopiesApart = 'copies-apart';

    /** One copy with form fields, in which its answers so far stand. */
    case CopyForm = 'copy-form';

    /** Several of them, a file for each. */
    case CopyForms = 'copy-forms';

    /** Worksheets with all that belongs to them, for this program elsewhere, and for others. */
    case Package = 'package';

    /** All that a student has done. */
    case Student = 'student';

    /** @return list<self> of a worksheet */
    public static function ofWorksheets(): array
    {
        return [self::Form, self::Paper, self::Key, self::Package];
    }

    /** How the name of the file ends. */
    public function ending(): string
    {
        return $this->isManyFiles() ? 'zip' : 'pdf';
    }

    public function mediaType(): string
    {
        return $this->isManyFiles() ? 'application/zip' : 'application/pdf';
    }

    public function isManyFiles(): bool
    {
        return in_array($this, [self::CopiesApart, self::CopyForms, self::Package, self::Student], true);
    }

    /** Whether it has form fields. */
    public function hasFields(): bool
    {
        return in_array($this, [self::Form, self::CopyForm, self::CopyForms], true);
    }
}
