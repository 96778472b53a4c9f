<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use ZipArchive;

/** Class lists as teachers and school offices have them: typed, pasted, from spreadsheets, from OneRoster exports. */
final class RosterTest extends TestCase
{
    /** @return iterable<string, array{string, list<list<string|null>>}> bytes, and first, last, class, trouble */
    public static function lists(): iterable
    {
        $two = [['Nia', 'Penrose', '', null], ['Tom', 'Hale', '', null]];
        yield 'a name a line' => ["Nia Penrose\nTom Hale\n", $two];
        yield 'with the line ends of Windows and empty lines' => ["Nia Penrose\r\n\r\n  Tom   Hale\r\n", $two];
        yield 'numbered' => ["1. Nia Penrose\n2) Tom Hale", $two];
        yield 'last name first' => ["Penrose, Nia\nHale, Tom", $two];
        yield 'in one line' => ['Nia Penrose, Tom Hale', $two];
        yield 'from a spreadsheet' => ["Nia\tPenrose\nTom\tHale", $two];
        yield 'from a spreadsheet with heads' => ["Surname\tForename\nPenrose\tNia\nHale\tTom", $two];
        yield 'names of several words' => [
            "Ana Maria da Silva\nJan van der Berg\nMadonna\nVan Morris",
            [['Ana Maria', 'da Silva', '', null], ['Jan', 'van der Berg', '', null], ['Madonna', '', '', null],
                ['Van', 'Morris', '', null]],
        ];
        $heron = [['Nia', 'Penrose', '6 Heron', null], ['Tom', 'Hale', '6 Curlew', null]];
        yield 'CSV' => ["First name,Last name,Class\nNia,Penrose,6 Heron\nTom,Hale,6 Curlew\n", $heron];
        yield 'CSV with semicolons' => ["Klasse;Nachname;Vorname\n6 Heron;Penrose;Nia\n6 Curlew;Hale;Tom", $heron];
        yield 'CSV with a separator said' => ["sep=|\nFirst|Last|Form\nNia|Penrose|6 Heron\nTom|Hale|6 Curlew", $heron];
        yield 'CSV quoted, with commas, quotes and lines in fields (RFC 4180, 2.5 to 2.7)' => [
            "\"Name\",\"Class\",\"Note\"\r\n\"Penrose, Nia\",\"6 Heron\",\"says \"\"hello\"\"\r\nand bye\"\r\n"
                .'"Hale, Tom","6 Curlew",""',
            $heron,
        ];
        yield 'a name and a class without heads' => ["Nia Penrose;6 Heron\nTom Hale;6 Curlew", $heron];
        yield 'first, last and class without heads' => ["Nia,Penrose,6 Heron\nTom,Hale,6 Curlew", $heron];
        yield 'heads in another order, with columns that say nothing' => [
            "UPN,Year,Legal Surname,Preferred First Name,Reg Group\nA1,6,Penrose,Nia,6 Heron\nA2,6,Hale,Tom,6 Curlew",
            $heron,
        ];
        yield 'a class that is numbered' => [
            "Name,Class\nNia Penrose,5. Klasse",
            [['Nia', 'Penrose', '5. Klasse', null]],
        ];
        $accents = [['Zoë', 'Müller', '', null], ['Łucja', 'Żak', '', null]];
        $text = "Zoë Müller\nŁucja Żak";
        yield 'UTF-8 with its mark' => ["\xEF\xBB\xBF{$text}", $accents];
        foreach (['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"] as $encoding => $mark) {
            yield $encoding => [$mark.mb_convert_encoding($text, $encoding, 'UTF-8'), $accents];
            yield "{$encoding} without its mark" => [(string) mb_convert_encoding($text, $encoding, 'UTF-8'), $accents];
        }
        yield 'as Windows writes' => [
            (string) mb_convert_encoding("Zoë Müller\nSeán O’Brien", 'Windows-1252', 'UTF-8'),
            [['Zoë', 'Müller', '', null], ['Seán', 'O’Brien', '', null]],
        ];
        yield 'other scripts' => ["山田 太郎\nأمل حسن", [['山田', '太郎', '', null], ['أمل', 'حسن', '', null]]];
        yield 'rows with their troubles' => [
            "First,Last,Class\nNia,Penrose,6 Heron\nnia,penrose,6 heron\n,,6 Heron\n1234,,6 Heron\n"
                .'Tom,Hale,'."\n".str_repeat('x', 81).",,6 Heron\n",
            [
                ['Nia', 'Penrose', '6 Heron', null],
                ['nia', 'penrose', '6 heron', 'This name is in the list before. Are they two?'],
                ['', '', '6 Heron', 'There is no name.'],
                ['1234', '', '6 Heron', 'This does not look like a name.'],
                ['Tom', 'Hale', '', 'The class is missing.'],
                [str_repeat('x', 81), '', '6 Heron', 'The name is longer than 80 letters.'],
            ],
        ];
    }

    /** @param  list<list<string|null>>  $expected */
    #[DataProvider('lists')]
    public function test_a_list_is_read_row_by_row(string $bytes, array $expected): void
    {
        [$status, $answer] = $this->roster($this->file($bytes));
        $this->assertSame(0, $status);
        $this->assertNull($answer['error']);
        $this->assertSame($expected, array_map(array_values(...), $answer['rows']));
        $this->assertSame(['first', 'last', 'class', 'trouble'], array_keys($answer['rows'][0]));
    }

    public function test_a_oneroster_export_is_read_of_either_version(): void
    {
        $classes = "\"sourcedId\",\"status\",\"title\"\nc1,,6 Heron\nc2,active,6 Curlew\nc3,tobedeleted,Old\n";
        $enrollments = "sourcedId,status,classSourcedId,userSourcedId,role\ne1,,c1,u1,student\ne2,,c2,u2,student\n"
            ."e3,,c1,u2,student\ne4,,c1,t1,teacher\ne5,tobedeleted,c2,u1,student\ne6,,c9,u1,student\n"
            ."e7,,c1,u9,student\n";
        $expected = [
            ['Nia', 'Penrose', '6 Heron', null],
            ['Tom', 'Hale', '6 Curlew', null],
            ['Tom', 'Hale', '6 Heron', null],
            ['Nia', 'Penrose', '', 'The class is not in the list.'],
            ['', '', '6 Heron', 'The list names nobody for this place in the class.'],
            ['Ada', 'Brine', '', 'The class is missing.'],
        ];
        $users = "sourcedId,status,role,givenName,familyName\nu1,,student,Nia,Penrose\nu2,,student,Tom,Hale\n"
            ."u3,,student,Ada,Brine\nu4,tobedeleted,student,Gone,Away\nt1,,teacher,Ms,Marlow\n";
        $this->assertSame($expected, $this->zipped(['users.csv' => $users] + compact('classes', 'enrollments')));

        $users = "sourcedId,givenName,familyName,preferredGivenName\nu1,Antonia,Penrose,Nia\nu2,Tom,Hale,\n"
            ."u3,Ada,Brine,\nt1,Ms,Marlow,\n";
        $roles = "sourcedId,userSourcedId,roleType,role\nr1,u3,primary,student\nr2,t1,primary,teacher\n";
        $this->assertSame(
            $expected,
            $this->zipped(['users.csv' => $users, 'roles.csv' => $roles] + compact('classes', 'enrollments')),
        );
    }

    /** @return iterable<string, array{string, string}> bytes, and the code of what is wrong */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'empty'];
        yield 'empty lines' => ["\n \n\t\n", 'empty'];
        yield 'heads alone' => ["First,Last,Class\n", 'empty'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\x00\x00\x00\rIHDR", 'not_a_list'];
        yield 'a ZIP that is cut off' => ["PK\x03\x04".str_repeat('x', 40), 'damaged'];
        yield 'too many' => [str_repeat("Nia Penrose\n", 5001), 'too_long'];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_list_is_refused_in_a_sentence(string $bytes, string $code): void
    {
        [$status, $answer] = $this->roster($this->file($bytes));
        $this->assertSame([1, $code], [$status, $answer['error']['code']]);
        $this->assertMatchesRegularExpression('/^[A-Z].*\.$/u', $answer['error']['message']);
        $this->assertSame(['error'], array_keys($answer));
    }

    public function test_a_zip_that_is_no_export_or_unpacks_to_far_too_much_is_refused(): void
    {
        $this->assertSame('not_oneroster', $this->refusedZip(['other.csv' => 'x']));
        $this->assertSame('too_large', $this->refusedZip([
            'users.csv' => str_repeat('a', 25 * 1024 * 1024),
            'classes.csv' => 'x',
            'enrollments.csv' => 'x',
        ]));
        [$status, $answer] = $this->roster('/nowhere/at-all.csv');
        $this->assertSame([1, 'missing'], [$status, $answer['error']['code']]);
    }

    /**
     * @param  array<string, string>  $files
     * @return list<list<string|null>>
     */
    private function zipped(array $files): array
    {
        [$status, $answer] = $this->roster($this->zip($files));
        $this->assertSame(0, $status);

        return array_map(array_values(...), $answer['rows']);
    }

    /** @param  array<string, string>  $files */
    private function refusedZip(array $files): string
    {
        [$status, $answer] = $this->roster($this->zip($files));
        $this->assertSame(1, $status);

        return $answer['error']['code'];
    }

    /** @param  array<string, string>  $files  by name; a name without an ending is a table */
    private function zip(array $files): string
    {
        $path = $this->file('');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($files as $name => $content) {
            $zip->addFromString(str_contains($name, '.') ? $name : "{$name}.csv", $content);
        }
        $zip->close();

        return $path;
    }

    private function file(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'list');
        file_put_contents($path, $bytes);
        $this->beforeApplicationDestroyed(fn () => @unlink($path));

        return $path;
    }

    /** @return array{int, array<string, mixed>} exit status, and what is printed */
    private function roster(string $path): array
    {
        $status = Artisan::call('slate:roster', ['file' => $path, '--json' => true]);

        return [$status, json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR)];
    }
}
