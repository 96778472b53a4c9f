<?php

declare(strict_types=1);

namespace App\View;

/** The kinds of files that can be brought in, as a file dialogue is told of them; what counts is what is in a file. */
final class FileTypes
{
    public const ACCEPTED = 'application/pdf,.pdf,.docx,.docm,.dotx,.odt,.ott,.rtf,.doc,.pptx,.pptm,.ppsx,.odp,.zip,'
        .'image/*,.heic,.heif,.tif,.tiff';
}
