<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Paper\UnusableSize;
use OpenSlate\Refusal;
use RuntimeException;
use Throwable;

/** A file that cannot be brought in: a code for programs, a sentence for people that says what and what to do. */
final class FileRefused extends RuntimeException implements Refusal
{
    private function __construct(public readonly string $reason, string $message, ?Throwable $cause = null)
    {
        parent::__construct($message, 0, $cause);
    }

    public static function notPdf(): self
    {
        return new self(
            'not_a_pdf',
            'This file is not a PDF, nor a document (DOCX, ODT, RTF, DOC), slides (PPTX, ODP) or a picture (JPEG, PNG, '
                .'WebP, TIFF). Save or print it as a PDF, then bring that in.',
        );
    }

    public static function noRecording(): self
    {
        return new self(
            'not_a_recording',
            'This is no recording that can be played: WebM, Ogg, M4A, MP4, MP3 and WAV can. Record it again, or save '
                .'it as one of these.',
        );
    }

    public static function recordingTooHeavy(int $bytes, int $most): self
    {
        return new self(
            'too_large',
            sprintf(
                'This recording has %.1f MB; at most %d MB can be taken in. Save it smaller, or record it anew.',
                $bytes / 1048576,
                intdiv($most, 1048576),
            ),
        );
    }

    public static function recordingTooLong(int $most): self
    {
        return new self(
            'recording_too_long',
            sprintf(
                'This recording is longer than %d minutes. Cut out what is needed, or say it in several.',
                intdiv($most, 60),
            ),
        );
    }

    public static function recordingTakesTooLong(self $cause): self
    {
        return new self(
            'recording_too_much_work',
            'This recording takes too long to read. Save it smaller, or record it anew.',
            $cause,
        );
    }

    public static function empty(): self
    {
        return new self('empty', 'This file is empty. Look for the right file, or download it again.');
    }

    public static function notSent(): self
    {
        return new self('not_sent', 'No file came with this. Choose one and try again.');
    }

    public static function notWhole(): self
    {
        return new self('not_whole', 'The file did not arrive whole. Check the connection and try again.');
    }

    public static function notWritten(): self
    {
        return new self('not_written', 'Nothing can be written at that place. Name a file in a folder that is there.');
    }

    public static function missing(): self
    {
        return new self('not_found', 'There is no file to read at that place.');
    }

    public static function tooLarge(int $bytes, int $most): self
    {
        return new self(
            'too_large',
            sprintf(
                'This file has %s MB; at most %d MB can be brought in. Make it smaller, or bring it in as several '
                    .'files.',
                number_format($bytes / 1048576, $bytes < 100 * 1048576 * 1.1 ? 1 : 0),
                intdiv($most, 1048576),
            ),
        );
    }

    public static function damagedDocument(?Throwable $cause = null): self
    {
        return new self(
            'damaged',
            'This document is damaged and cannot be read. Open it in the program that made it, save it as a PDF, then '
                .'bring that in.',
            $cause,
        );
    }

    public static function reachesOut(): self
    {
        return new self(
            'reaches_out',
            'This document declares things outside itself, as no word processor does. Open it in the program that made '
                .'it, save it anew, then bring that in.',
        );
    }

    public static function locked(): self
    {
        return new self(
            'password',
            'This file needs a password to open. Open it with the password, save it without one, then bring that in.',
        );
    }

    public static function cutShort(): self
    {
        return new self(
            'truncated',
            'The end of this PDF is missing: it was not saved or downloaded whole. Get the file again, then bring '
                .'that in.',
        );
    }

    public static function damaged(): self
    {
        return new self(
            'damaged',
            'This PDF is damaged and cannot be read. Open it in a PDF reader, print it to a new PDF, then bring '
                .'that in.',
        );
    }

    public static function noPages(): self
    {
        return new self(
            'no_pages',
            'This PDF has no pages. Save it again from the program that made it, then bring that in.',
        );
    }

    public static function tooManyPages(int $pages, int $most): self
    {
        return new self(
            'too_many_pages',
            "This file has {$pages} pages; at most {$most} can be brought in. Split it, and bring in the parts that "
                .'you need.',
        );
    }

    public static function pageTooLarge(int $page, UnusableSize $cause): self
    {
        return new self(
            'page_too_large',
            "Page {$page} of this PDF is larger than 200 inches. Save it at a smaller paper size, then bring that in.",
            $cause,
        );
    }

    public static function pageTooSmall(int $page, UnusableSize $cause): self
    {
        return new self(
            'page_too_small',
            "Page {$page} of this PDF is smaller than 10 points, too small to show. Save it at a real paper size, "
                .'then bring that in.',
            $cause,
        );
    }

    public static function pageUnreadable(int $page): self
    {
        return new self(
            'page_unreadable',
            "Page {$page} of this PDF cannot be drawn. Open it in a PDF reader, print it to a new PDF, then bring "
                .'that in.',
        );
    }

    public static function tooMuchWork(?Throwable $cause = null): self
    {
        return new self(
            'too_much_work',
            'This file takes too long or too much memory to read. Print it to a new PDF, or bring in fewer pages.',
            $cause,
        );
    }

    public static function noFields(): self
    {
        return new self(
            'no_fields',
            'This PDF has no form fields. Choose one that was made here to be filled in, and was saved after that.',
        );
    }

    public static function tooManyWait(int $most): self
    {
        return new self(
            'too_many_wait',
            "{$most} files are being read already. Wait until some are done, and bring this in then.",
        );
    }

    public static function noScan(): self
    {
        return new self(
            'no_scan',
            'Sheets of paper come as a PDF of a scanner, or as pictures of them. This is a document.',
        );
    }

    public static function notPrinted(?Throwable $cause = null): self
    {
        return new self(
            'not_printed',
            'The PDF could not be made: it takes too long or too much memory. Make it of fewer pages.',
            $cause,
        );
    }

    public static function noPicture(): self
    {
        return new self(
            'not_a_picture',
            'This file is no picture that can be shown. Use a JPEG, PNG, GIF or WebP file.',
        );
    }

    public static function pictureTooHeavy(int $bytes, int $most): self
    {
        return new self(
            'picture_too_heavy',
            sprintf(
                'This picture has %s MB; at most %d MB can be taken. Make it smaller and try again.',
                number_format($bytes / 1048576, 1),
                intdiv($most, 1048576),
            ),
        );
    }

    public static function pictureTakesTooLong(?Throwable $cause = null): self
    {
        return new self(
            'picture_too_much_work',
            'This picture takes too long to read. Make it smaller and try again.',
            $cause,
        );
    }

    public static function tooManyFiles(int $most): self
    {
        return new self(
            'too_many_files',
            "You have put {$most} pictures and recordings on your pages today, which is as many as there can be in "
                .'a day. Take one of those, or go on tomorrow.',
        );
    }

    public static function pictureTooLarge(int $width, int $height): self
    {
        return new self(
            'picture_too_large',
            "This picture is {$width} by {$height} pixels, too large to open safely. Make it smaller and try again.",
        );
    }
}
