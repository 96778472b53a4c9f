<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use OpenSlate\Check\FileTitle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FileTitleTest extends TestCase
{
    /** @return array<string, array{string, string|null}> */
    public static function names(): array
    {
        return [
            'dashes' => ['tide-times.pdf', 'Tide times'],
            'underscores' => ['harbour_log_days_1-3.docx', 'Harbour log days 1 3'],
            'downloaded twice' => ['Knots to tie (2).PDF', 'Knots to tie'],
            'a copy of a copy' => ['Copy of Copy of Rocky shore.pdf', 'Rocky shore'],
            'a version' => ['rocky-shore final v3.pdf', 'Rocky shore'],
            'dots' => ['year6.tides.pdf', 'Year6 tides'],
            'accents' => ['île_et_mer.odt', 'Île et mer'],
            'a dash with room around it stays' => ['Tides - part one.pdf', 'Tides - part one'],
            'a number stays' => ['Fractions 3.5.pdf', 'Fractions 3.5'],
            'a camera' => ['IMG_20260312_093012.jpg', null],
            'a scanner' => ['Scan 0004.pdf', null],
            'numbers alone' => ['20260312.pdf', null],
            'nothing' => ['.pdf', null],
        ];
    }

    #[DataProvider('names')]
    public function test_what_is_obvious_is_made_a_title(string $file, ?string $title): void
    {
        $this->assertTrue(FileTitle::isFile($file));
        $this->assertSame($title, FileTitle::mended($file));
        $this->assertFalse($title !== null && FileTitle::isFile($title), 'what is mended is found no more');
    }

    public function test_titles_are_no_files(): void
    {
        foreach (['Tide times', 'Day 1', 'The Ferry (part 2)', 'New words', 'A new document for Ms Tide'] as $title) {
            $this->assertFalse(FileTitle::isFile($title), $title);
        }
    }
}
