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

    /** Copies as their students have filled them. */
    case Copies = 'copies';

    /** The same, a file for each. */
    case CopiesApart = 'copies-apart';

    /** @return list<self> of a worksheet */
    public static function ofWorksheets(): array
    {
        return [self::Form, self::Paper];
    }

    /** How the name of the file ends. */
    public function ending(): string
    {
        return $this === self::CopiesApart ? 'zip' : 'pdf';
    }

    public function mediaType(): string
    {
        return $this === self::CopiesApart ? 'application/zip' : 'application/pdf';
    }
}
