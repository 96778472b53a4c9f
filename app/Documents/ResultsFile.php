<?php

declare(strict_types=1);

namespace App\Documents;

use RuntimeException;
use ZipArchive;

/**
 * A table as a file for spreadsheet programs: CSV (RFC 4180) or XLSX (ECMA-376, Office Open XML). Text stays text in
 * both: what begins like a formula is never one.
 */
final class ResultsFile
{
    private const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    private const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';

    private const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";

    /** @param  list<list<string|float|null>>  $rows */
    public static function csv(array $rows): string
    {
        // The mark by which spreadsheet programs know that it is UTF-8.
        $csv = "\u{feff}";
        foreach ($rows as $row) {
            $csv .= implode(',', array_map(self::field(...), $row))."\r\n";
        }

        return $csv;
    }

    /**
     * @param  list<list<string|float|null>>  $rows
     *
     * @throws RuntimeException when the temporary folder takes nothing
     */
    public static function xlsx(string $title, array $rows): string
    {
        $path = tempnam(sys_get_temp_dir(), 'results');
        $zip = new ZipArchive;
        if ($path === false || $zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The file could not be made: there is no room for it.');
        }
        $office = 'application/vnd.openxmlformats-officedocument.spreadsheetml';
        $zip->addFromString('[Content_Types].xml', self::HEAD.
            '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">'.
            '<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'.
            "<Override PartName=\"/xl/workbook.xml\" ContentType=\"{$office}.sheet.main+xml\"/>".
            "<Override PartName=\"/xl/worksheets/sheet1.xml\" ContentType=\"{$office}.worksheet+xml\"/></Types>");
        $zip->addFromString('_rels/.rels', self::related('officeDocument', 'xl/workbook.xml'));
        $zip->addFromString('xl/_rels/workbook.xml.rels', self::related('worksheet', 'worksheets/sheet1.xml'));
        $zip->addFromString('xl/workbook.xml', self::HEAD.'<workbook xmlns="'.self::MAIN.'" xmlns:r="'.self::RELATIONS.
            '"><sheets><sheet name="'.self::escaped(self::sheetName($title)).
            '" sheetId="1" r:id="rId1"/></sheets></workbook>');
        $zip->addFromString('xl/worksheets/sheet1.xml', self::sheet($rows));
        $zip->close();
        $file = (string) file_get_contents($path);
        unlink($path);

        return $file;
    }

    private static function field(string|float|null $value): string
    {
        if (! is_string($value)) {
            return $value === null ? '' : (string) $value;
        }
        // Spreadsheet programs take these for formulas (OWASP, CSV Injection): an apostrophe makes text of them.
        $text = preg_match('/^[=+\-@\t\r]/', $value) === 1 ? "'{$value}" : $value;

        return preg_match('/[",\r\n]|^ | $/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }

    private static function related(string $type, string $target): string
    {
        return self::HEAD.'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'.
            '<Relationship Id="rId1" Type="'.self::RELATIONS."/{$type}\" Target=\"{$target}\"/></Relationships>";
    }

    /** @param  list<list<string|float|null>>  $rows */
    private static function sheet(array $rows): string
    {
        $xml = '';
        foreach ($rows as $at => $row) {
            $xml .= '<row r="'.($at + 1).'">';
            foreach ($row as $column => $value) {
                $cell = self::column($column).($at + 1);
                $xml .= match (true) {
                    $value === null => '',
                    is_float($value) => "<c r=\"{$cell}\"><v>{$value}</v></c>",
                    default => "<c r=\"{$cell}\" t=\"inlineStr\"><is><t xml:space=\"preserve\">".
                        self::escaped($value).'</t></is></c>',
                };
            }
            $xml .= '</row>';
        }

        return self::HEAD.'<worksheet xmlns="'.self::MAIN."\"><sheetData>{$xml}</sheetData></worksheet>";
    }

    /** The letters of a column, from 0: A, B … Z, AA. */
    private static function column(int $number): string
    {
        $letters = '';
        for ($left = $number + 1; $left > 0; $left = intdiv($left - 1, 26)) {
            $letters = chr(65 + ($left - 1) % 26).$letters;
        }

        return $letters;
    }

    /** At most 31 characters, and none of those that a sheet's name may not have. */
    private static function sheetName(string $title): string
    {
        $name = trim((string) preg_replace('/[\[\]:*?\/\\\\\']+/u', ' ', $title));

        return mb_substr($name === '' ? 'Results' : $name, 0, 31);
    }

    private static function escaped(string $text): string
    {
        // XML 1.0 knows no control characters.
        return htmlspecialchars(
            (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x{FFFE}\x{FFFF}]/u', '', $text),
            ENT_QUOTES | ENT_XML1,
        );
    }
}
