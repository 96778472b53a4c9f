<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Actions\TakeAsOwn;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Office\OfficeConversion;
use App\Documents\Office\OfficeKind;
use App\Documents\Office\OfficeProgram;
use App\Models\Backdrop;
use App\Models\Original;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Storage;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Conversion\LayoutFinding;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\Support\PdfMaker;
use Tests\Support\RememberedConversion;
use Tests\Support\WordFile;
use Tests\TestCase;
use ZipArchive;

/** Files of word processors: what becomes of them, and what is not done with them. */
final class DocumentsTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->app?->bind(OfficeConversion::class, RememberedConversion::class);
    }

    public function test_a_document_becomes_pages_and_is_kept_untouched_beside_them(): void
    {
        $path = $this->path('docx');
        (new WordFile())->paragraph('The tide table')->paragraph('', '<w:pageBreakBefore/>')->write($path);
        $master = $this->bringIn($path, '../Tide table.docx');
        $original = $master->original()->sole();

        $this->assertSame(
            ['..Tide table', WorksheetState::Ready, 2],
            [str_replace('/', '', $master->name), $master->state, $master->pages()->count()],
        );
        $this->assertSame(hash_file('sha256', $path), $original->untouched());
        $this->assertFileEquals($path, app(FileStore::class)->path($original->untouched()));
        $this->assertStringStartsWith(
            '%PDF-',
            (string) file_get_contents(app(FileStore::class)->path($original->sha256)),
        );
        $this->assertStringContainsString('"table"', (string) Backdrop::where('page', 1)->sole()->lines);
        $this->assertSame([], Storage::disk('local')->allFiles('work'), 'nothing is left of the work');

        // The same file again is not made again, by whomever.
        $again = $this->bringIn($path, 'tides.docx');
        $this->assertSame($original->sha256, $again->original()->sole()->sha256);
        $this->actingAs($again->teacher, 'teacher')
            ->get("/worksheets/{$again->id}/boxes/1")
            ->assertOk();

        // Who takes a shared worksheet has its pages, and not the document, which may say more than they do.
        $master->update(['shared_with_school' => true]);
        $own = app(TakeAsOwn::class)($master, Teacher::factory()->create(), 'Mine');
        $this->assertSame(
            [$original->sha256, null],
            [$own->original()->sole()->sha256, $own->original()->sole()->made_from],
        );
        $this->assertCount(0, $own->documents());
    }

    public function test_twenty_places_of_each_kind_become_boxes_with_their_names_and_choices(): void
    {
        $list = fn (string $item): string => '<w:dropDownList><w:listItem w:displayText="Choose." w:value=""/>'.
            "<w:listItem w:displayText=\"ebb {$item}\" w:value=\"1\"/>".
            '<w:listItem w:displayText="flood" w:value="2"/></w:dropDownList>';
        $file = new WordFile();
        for ($n = 1; $n <= 20; $n++) {
            $file
                ->paragraph(
                    WordFile::run("{$n} boat ").
                        WordFile::control("boat {$n}", '<w:text/>', WordFile::run('Write here.')),
                )
                ->paragraph(
                    WordFile::run('tide ').
                        WordFile::control("tide {$n}", $list((string) $n), WordFile::run('Choose.')),
                )
                ->paragraph(
                    WordFile::run('dry ').
                        WordFile::control("dry {$n}", '<w14:checkbox/>', WordFile::run("\u{2610}"), false),
                )
                ->raw(
                    WordFile::control(
                        "story {$n}",
                        '<w:text w:multiLine="1"/>',
                        '<w:p>'.WordFile::run('Tell it.').'</w:p>',
                    ),
                )
                ->paragraph(
                    WordFile::run('crew ').
                        WordFile::formField(
                            "crew {$n}",
                            '<w:textInput><w:maxLength w:val="12"/>'.'</w:textInput>',
                            'FORMTEXT',
                            "\u{2002}\u{2002}\u{2002}",
                        ),
                )
                ->paragraph(
                    WordFile::run('moored ').WordFile::formField("moored {$n}", '<w:checkBox/>', 'FORMCHECKBOX'),
                )
                ->paragraph(
                    WordFile::run('wind ').
                        WordFile::formField(
                            "wind {$n}",
                            '<w:ddList><w:listEntry w:val="north"/>'.'<w:listEntry w:val="south"/></w:ddList>',
                            'FORMDROPDOWN',
                        ),
                )
                ->table([["depth {$n}", '']]);
        }
        $seen = $this->inspect($file->write($this->path('docx')));
        $fields = array_values(array_filter($seen['blanks'], fn (array $blank): bool => $blank['kind'] === 'field'));
        $named = fn (string $name): array => array_values(
            array_filter($fields, fn (array $field): bool => str_starts_with($field['name'], $name.' ')),
        );

        foreach (['boat', 'tide', 'dry', 'story', 'crew', 'moored', 'wind'] as $name) {
            $this->assertSame(
                array_map(fn (int $n): string => "{$name} {$n}", range(1, 20)),
                array_column($named($name), 'name'),
            );
        }
        $this->assertCount(140, $fields);
        $this->assertSame(['ebb 7', 'flood'], $named('tide')[6]['choices']);
        $this->assertSame(['north', 'south'], $named('wind')[0]['choices']);
        $this->assertCount(20, array_filter($seen['blanks'], fn (array $blank): bool => $blank['kind'] === 'cell'));
        $this->assertStringNotContainsString('Write here', $seen['text'], 'what only asks is not printed');

        $master = $this->bringIn($file->write($this->path('docx')), 'forms.docx');
        $kinds = Backdrop::where('source', $master->original()->sole()->sha256)
            ->get()
            ->flatMap(fn (Backdrop $one): array => Proposals::decode((string) $one->blanks))
            ->countBy(fn ($blank): string => $blank->form?->kind()->value ?? 'none');
        $this->assertSame([40, 40], [$kinds['tick'], $kinds['list']]);
    }

    public function test_what_may_look_otherwise_is_told_with_twenty_of_each(): void
    {
        $file = new WordFile('Quaymark');
        for ($n = 1; $n <= 20; $n++) {
            $file->paragraph(
                "<w:del w:id=\"{$n}\"><w:r><w:delText>low {$n}</w:delText></w:r></w:del>".
                    "<w:ins w:id=\"1{$n}\">".
                    WordFile::run("high {$n}").
                    '</w:ins>'.
                    WordFile::run("secret{$n}", '<w:vanish/>').
                    WordFile::run(' set', "<w:rFonts w:ascii=\"Nofont {$n}\" w:hAnsi=\"Nofont {$n}\"/>"),
            );
            $file->table([['wide', 'wider']], 14000);
        }
        $seen = $this->inspect(
            $file->comments(array_fill(1, 20, 'Check this'))->pagesSaid(9)->write($this->path('docx')),
        );
        $found = array_map(fn (array $one): string => "{$one['kind']}: {$one['words']}", $seen['layout']);

        $this->assertCount(21, array_filter($found, fn (string $one): bool => str_starts_with($one, 'font: ')));
        $this->assertContains('tracked: 40 tracked changes are taken as accepted: nothing of them shows.', $found);
        $this->assertContains('comments: 20 comments are left out.', $found);
        $this->assertContains('hidden: 20 words are marked as hidden in the document, and not printed.', $found);
        $this->assertMatchesRegularExpression(
            '/off-page: 20 tables are wider than the paper, by up to \d+ mm/',
            implode("\n", $found),
        );
        $this->assertStringContainsString('says that it has 9 pages', implode("\n", $found));
        $this->assertStringContainsString('high 7', $seen['text']);
        $this->assertStringNotContainsString('low 7', $seen['text']);
        $this->assertStringNotContainsString('secret7', $seen['text']);
    }

    public function test_pages_are_made_anew_in_the_place_of_those_that_nobody_has_laid_anything_on_else_beside(): void
    {
        $path = (new WordFile())
            ->paragraph(
                '<w:del w:id="1"><w:r><w:delText>ebbing</w:delText></w:r></w:del>'.WordFile::run('rising'),
            )
            ->write($this->path('docx'));
        $master = $this->bringIn($path, 'Tides.docx');
        $this->actingAs($master->teacher, 'teacher');
        $this->get("/worksheets/{$master->id}")->assertSee('Made from Tides.docx. 1 thing may look otherwise');
        $this->get("/worksheets/{$master->id}/document")
            ->assertSee('1 tracked change is taken as accepted')
            ->assertSee('Make them anew');
        $first = $master->original()->sole();
        $this->get("/worksheets/{$master->id}/document/{$first->id}")->assertDownload('Tides.docx');

        $this->post("/worksheets/{$master->id}/document/{$first->id}", [
            'changes' => '1',
            'comments' => '0',
        ])->assertRedirect("/worksheets/{$master->id}");
        $master->refresh();
        $second = $master->original()->sole();
        $this->assertSame([1, 1], [Worksheet::count(), $master->pages()->count()]);
        $this->assertSame(
            ['1 tracked change is shown, with what was deleted.'],
            array_map(fn (LayoutFinding $one): string => $one->words, $second->findings()),
        );
        $this->assertStringContainsString('ebbing', $this->words($second));

        $page = $master->pages()->firstOrFail();
        $link = [
            'kind' => 'link',
            'x' => 60,
            'y' => 300,
            'width' => 90,
            'height' => 20,
            'text' => 'Mine',
            'size' => 12,
            'printed' => false,
            'outline' => false,
            'on' => true,
        ];
        $this->postJson("/pages/{$page->id}/edits", [
            'base' => $page->revision,
            'edit' => [
                'kind' => 'place',
                'elements' => [$link + ['target' => 'https://tides.example/']],
            ],
        ])->assertOk();
        $this->get("/worksheets/{$master->id}/document")->assertSee('Make another worksheet of it');
        $this->post("/worksheets/{$master->id}/document/{$second->id}", ['changes' => '0', 'comments' => '0']);
        $this->assertSame([2, 1], [Worksheet::count(), $master->refresh()->pages()->count()]);
        $this->assertStringContainsString('Mine', $master->pages()->firstOrFail()->current->content);

        $this->post("/worksheets/{$master->id}/document/seen")->assertRedirect("/worksheets/{$master->id}");
        $this->get("/worksheets/{$master->id}")->assertDontSee('may look otherwise');
    }

    public function test_documents_of_other_formats_say_the_same(): void
    {
        $word = (new WordFile('Quaymark'))
            ->paragraph(
                '<w:del w:id="1"><w:r><w:delText>ebbing</w:delText></w:r></w:del>'.
                    '<w:ins w:id="2">'.
                    WordFile::run('rising').
                    '</w:ins>',
            )
            ->paragraph(WordFile::run('Boat ').WordFile::formField('boat', '<w:textInput/>', 'FORMTEXT', '     '))
            ->paragraph(
                WordFile::run('Tide ').
                    WordFile::formField(
                        'Dropdown1',
                        '<w:ddList><w:listEntry w:val="ebb"/>'.'<w:listEntry w:val="flood"/></w:ddList>',
                        'FORMDROPDOWN',
                    ),
            )
            ->write($this->path('docx'));
        foreach (['odt', 'rtf', 'doc'] as $format) {
            $seen = app(FileStore::class)->inWorkFolder(
                fn (string $folder): array => $this->inspect(
                    app(OfficeProgram::class)->make($word, OfficeKind::Docx, $format, $folder),
                ),
            );

            $this->assertSame($format, $seen['format']);
            $this->assertStringContainsString('rising', $seen['text'], $format);
            $this->assertStringNotContainsString('ebbing', $seen['text'], $format);
            $kinds = array_column($seen['layout'], 'kind');
            $this->assertContains('font', $kinds, $format);
            $this->assertContains('tracked', $kinds, $format);
            $lists = array_values(
                array_filter($seen['blanks'], fn (array $one): bool => ($one['choices'] ?? []) !== []),
            );
            $this->assertSame([['ebb', 'flood']], array_column($lists, 'choices'), $format);
        }
    }

    public function test_slides_become_pages_without_those_that_are_hidden(): void
    {
        $slide = fn (
            string $style,
            string $words,
        ): string => "<draw:page draw:style-name=\"{$style}\"><draw:frame ".
            'svg:x="2cm" svg:y="2cm" svg:width="12cm" svg:height="3cm"><draw:text-box><text:p>'.
            $words.
            '</text:p></draw:text-box></draw:frame></draw:page>';
        $odp = $this->open(
            'presentation',
            $slide('shown', 'Rock pools').$slide('hidden', 'Not for you').$slide('shown', 'Low water'),
            before: '<office:automatic-styles><style:style style:name="shown" '.
                'style:family="drawing-page"/><style:style '.
                'style:name="hidden" style:family="drawing-page"><style:drawing-page-properties '.
                'presentation:visibility="hidden"/></style:style></office:automatic-styles>',
        );
        app(FileStore::class)->inWorkFolder(function (string $folder) use ($odp): void {
            $pptx = app(OfficeProgram::class)->make($odp, OfficeKind::Odp, 'pptx', $folder);
            foreach (['odp' => $odp, 'pptx' => $pptx] as $format => $path) {
                $seen = $this->inspect($path);

                $this->assertSame($format, $seen['format']);
                $this->assertStringContainsString('Rock pools', $seen['text']);
                $this->assertStringNotContainsString('Not for you', $seen['text']);
                $this->assertContains(
                    '1 slide is hidden in the document, and left out.',
                    array_column($seen['layout'], 'words'),
                );
            }
        });
    }

    public function test_nothing_is_fetched_from_the_web_or_from_this_machine(): void
    {
        $server = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $address = 'http://'.stream_socket_get_name($server, false).'/spy.png';
        $secret = PdfMaker::file('the secret of the harbour');
        $blip = fn (
            string $id,
        ): string => '<w:drawing><wp:inline><wp:extent cx="900000" cy="900000"/><wp:docPr id="1" '.
            'name="p"/><a:graphic><a:graphicData '.
            'uri="http://schemas.openxmlformats.org/drawingml/2006/picture"><pic:pic>'.
            '<pic:nvPicPr><pic:cNvPr id="1" name="p"/><pic:cNvPicPr/></pic:nvPicPr><pic:blipFill><a:blip '.
            "r:link=\"{$id}\"/>".
            '<a:stretch><a:fillRect/></a:stretch></pic:blipFill><pic:spPr><a:xfrm><a:off x="0" y="0"/><a:ext '.
            'cx="900000" '.
            'cy="900000"/></a:xfrm><a:prstGeom '.
            'prst="rect"/></pic:spPr></pic:pic></a:graphicData></a:graphic></wp:inline>'.
            '</w:drawing>';
        $file = new WordFile();
        $web = $file->relation('image', $address, true);
        $file->relation('attachedTemplate', $address, true);
        $file->relation('image', "file://{$secret}");
        $file
            ->paragraph("<w:r>{$blip($web)}</w:r>")
            ->paragraph(WordFile::run('words of its own'))
            ->paragraph(
                "<w:fldSimple w:instr=\" INCLUDETEXT &quot;{$secret}&quot; \">".
                    WordFile::run('old').
                    '</w:fldSimple>',
            )
            ->part('word/vbaProject.bin', 'macros');
        $seen = $this->inspect($file->write($this->path('docx')));
        $this->assertStringContainsString('words of its own', $seen['text']);
        $this->assertStringNotContainsString('secret', $seen['text']);
        $this->assertStringContainsString(
            'lie on other machines or on the web',
            implode(' ', array_column($seen['layout'], 'words')),
        );

        foreach (['picture' => "INCLUDEPICTURE \"{$address}\"", 'words' => "INCLUDETEXT \"{$secret}\""] as $what) {
            $rtf = PdfMaker::file(
                "{\\rtf1\\ansi {\\*\\template {$address}}{\\field{\\*\\fldinst {{$what}}}".
                    '{\\fldrslt {then}}} words of its own\\par}',
            );
            $this->assertStringNotContainsString('secret', $this->inspect($rtf)['text']);
        }
        $odt = $this->odt(
            '<text:p>words of its own</text:p><text:section text:name="s"><text:section-source '.
                "xlink:href=\"file://{$secret}\"/><text:p>old</text:p></text:section><text:p><draw:frame ".
                'svg:width="2cm" '.
                "svg:height=\"2cm\"><draw:image xlink:href=\"{$address}\"/></draw:frame></text:p>",
        );
        $seen = $this->inspect($odt);
        $this->assertStringContainsString('words of its own', $seen['text']);
        $this->assertStringNotContainsString('secret', $seen['text']);
        $this->assertContains('hidden', array_column($seen['layout'], 'kind'));

        [$read, $write, $except] = [[$server], null, null];
        $this->assertSame(0, stream_select($read, $write, $except, 0), 'nobody has asked for anything');
    }

    /** @return array<string, array{callable(self): string, string}> how to make it, and the code */
    public static function bad(): array
    {
        $zip = function (array $parts): string {
            $path = (string) tempnam(sys_get_temp_dir(), 'zip');
            $zip = new ZipArchive();
            $zip->open($path, ZipArchive::OVERWRITE);
            foreach ($parts as $name => $content) {
                $zip->addFromString($name, $content);
            }
            $zip->close();

            return $path;
        };
        $types =
            '<?xml version="1.0"?><Types ContentType="application/vnd.openxmlformats-officedocument.'.
            'wordprocessingml.document.main+xml"/>';

        return [
            'cut off' => [
                fn (self $test): string => PdfMaker::file(
                    substr(
                        (string) file_get_contents((new WordFile())->paragraph('a')->write($test->path('docx'))),
                        0,
                        -200,
                    ),
                ),
                'damaged',
            ],
            'an archive that is no document' => [fn (): string => $zip(['a.txt' => 'a']), 'not_a_pdf'],
            'a document without a document' => [fn (): string => $zip(['[Content_Types].xml' => $types]), 'damaged'],
            'XML that is none' => [
                fn (): string => $zip(['[Content_Types].xml' => $types, '_rels/.rels' => '<a']),
                'damaged',
            ],
            'an entity from outside' => [
                fn (self $test): string => (new WordFile())
                    ->paragraph('a')
                    ->part(
                        'word/header1.xml',
                        '<!DOCTYPE w [<!ENTITY e SYSTEM "file:///etc/hostname">]><w:hdr '.
                            'xmlns:w="http://schemas.openxmlformats.org'.
                            '/wordprocessingml/2006/main"><w:p><w:r><w:t>&e;</w:t></w:r></w:p></w:hdr>',
                    )
                    ->write($test->path('docx')),
                'reaches_out',
            ],
            'a bomb' => [
                fn (): string => $zip([
                    '[Content_Types].xml' => $types,
                    'word/a.xml' => str_repeat('a', 160 * 1024 * 1024),
                    'word/b.xml' => str_repeat('b', 160 * 1024 * 1024),
                ]),
                'too_much_work',
            ],
            'entities that grow' => [
                fn (self $test): string => (new WordFile())
                    ->paragraph('a')
                    ->part(
                        'word/footer1.xml',
                        '<!DOCTYPE l [<!ENTITY a "aaaaaaaaaa">'.
                            implode(
                                '',
                                array_map(
                                    fn (int $n): string => "<!ENTITY a{$n} \"".
                                        str_repeat($n === 1 ? '&a;' : '&a'.($n - 1).';', 10).
                                        '">',
                                    range(1, 12),
                                ),
                            ).
                            ']><l>&a12;</l>',
                    )
                    ->write($test->path('docx')),
                'reaches_out',
            ],
            'a compound file with a password' => [
                fn (): string => PdfMaker::file(
                    "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".mb_convert_encoding('EncryptedPackage', 'UTF-16LE'),
                ),
                'password',
            ],
            'a compound file of something else' => [
                fn (): string => PdfMaker::file(
                    "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".mb_convert_encoding('Workbook', 'UTF-16LE'),
                ),
                'not_a_pdf',
            ],
            'a compound file of rubbish' => [
                fn (): string => PdfMaker::file(
                    "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".
                        mb_convert_encoding('WordDocument', 'UTF-16LE').
                        random_bytes(4000),
                ),
                'damaged',
            ],
            'RTF that breaks off' => [fn (): string => PdfMaker::file('{\rtf1\ansi words'), 'damaged'],
            'slides and nothing in them' => [
                fn (): string => $zip(['mimetype' => 'application/vnd.oasis.opendocument.presentation']),
                'damaged',
            ],
        ];
    }

    /** @param  callable(self): string  $make */
    #[DataProvider('bad')]
    public function test_what_cannot_be_used_is_refused_in_words_and_nothing_is_left(
        callable $make,
        string $code,
    ): void {
        $path = $make($this);
        $teacher = Teacher::factory()->create();
        try {
            $master = app(BringInFile::class)($teacher, $path, 'sheet.docx')->refresh();
            $this->assertSame(WorksheetState::Failed, $master->state);
            $message = (string) $master->problem;
        } catch (FileRefused $refusal) {
            $message = $refusal->getMessage();
            $this->assertSame(0, Worksheet::count());
        }
        $this->assertMatchesRegularExpression('/\. [A-Z].*\.$/', $message, 'says what to do as well');
        $this->assertSame([0, 0], [Original::count(), StoredFile::count()]);
        $disk = Storage::disk('local');
        $this->assertSame([], [...$disk->allFiles('files'), ...$disk->allFiles('work')]);
        $this->assertSame(1, Artisan::call('slate:inspect', ['file' => $path, '--json' => true]));
        $said = json_decode(Artisan::output(), true);
        $this->assertSame([$code, $message], [$said['error']['code'], $said['error']['message']]);
    }

    public function test_a_macro_that_runs_when_a_document_is_opened_does_not_run(): void
    {
        $left = sys_get_temp_dir().'/macro-'.bin2hex(random_bytes(4));
        $odt = $this->odt(
            '<text:p>words</text:p>',
            [
                'Basic/script-lc.xml' => '<library:libraries xmlns:library="http://openoffice.org/2000/library" '.
                    'xmlns:xlink="http://www.w3.org/1999/xlink"><library:library '.
                    'library:name="Standard"/></library:libraries>',
                'Basic/Standard/Module1.xml' => '<script:module xmlns:script="http://openoffice.org/2000/script" '.
                    "script:name=\"Module1\">Sub Main\nOpen \"{$left}\" For Output As #1\nClose #1\nEnd ".
                    'Sub</script:module>',
            ],
            '<office:scripts><office:event-listeners><script:event-listener script:language="ooo:script" '.
                'script:event-name="dom:load" '.
                'xlink:href="vnd.sun.star.script:Standard.Module1.Main?language=Basic&amp;'.
                'location=document" xlink:type="simple"/></office:event-listeners></office:scripts>',
        );

        $this->assertStringContainsString('words', $this->inspect($odt)['text']);
        $this->assertFileDoesNotExist($left);
    }

    private function bringIn(string $path, string $name): Worksheet
    {
        return app(BringInFile::class)(Teacher::factory()->create(), $path, $name)->refresh();
    }

    private function path(string $ending): string
    {
        return sys_get_temp_dir().'/'.bin2hex(random_bytes(6)).".{$ending}";
    }

    /** @param  array<string, string>  $parts */
    private function odt(string $body, array $parts = [], string $before = ''): string
    {
        return $this->open('text', $body, $parts, $before);
    }

    /**
     * A file in OpenDocument.
     *
     * @param  array<string, string>  $parts  besides its content
     */
    private function open(string $what, string $body, array $parts = [], string $before = ''): string
    {
        $names = '';
        foreach (['office', 'style', 'text', 'presentation', 'script', 'drawing', 'svg-compatible'] as $name) {
            $as = ['drawing' => 'draw', 'svg-compatible' => 'svg'][$name] ?? $name;
            $names .= " xmlns:{$as}=\"urn:oasis:names:tc:opendocument:xmlns:{$name}:1.0\"";
        }
        $path = $this->path($what === 'text' ? 'odt' : 'odp');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::CREATE);
        $zip->addFromString('mimetype', "application/vnd.oasis.opendocument.{$what}");
        $zip->addFromString(
            'META-INF/manifest.xml',
            '<manifest:manifest '.
                'xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0"><manifest:file-entry '.
                "manifest:full-path=\"/\" manifest:media-type=\"application/vnd.oasis.opendocument.{$what}\"/>".
                '<manifest:file-entry manifest:full-path="content.xml" '.
                'manifest:media-type="text/xml"/></manifest:manifest>',
        );
        $zip->addFromString(
            'content.xml',
            "<office:document-content{$names} xmlns:xlink=\"http://www.w3.org/1999/xlink\" ".
                "office:version=\"1.3\">{$before}<office:body><office:{$what}>{$body}</office:{$what}></office:body>".
                '</office:document-content>',
        );
        foreach ($parts as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return $path;
    }

    /**
     * What the command says, with the words of the pages that were made.
     *
     * @return array{
     *     format: string,
     *     layout: list<array<string, mixed>>,
     *     blanks: list<array<string, mixed>>,
     *     text: string,
     * }
     */
    private function inspect(string $path): array
    {
        $status = Artisan::call('slate:inspect', ['file' => $path, '--json' => true]);
        $said = Artisan::output();
        $this->assertSame(0, $status, $said);
        $seen = json_decode($said, true);

        return [
            'format' => $seen['format'],
            'layout' => $seen['layout'],
            'blanks' => array_merge(...array_column($seen['pages'], 'blanks')),
            'text' => RememberedConversion::$words,
        ];
    }

    private function words(Original $original): string
    {
        return (string) shell_exec(
            'pdftotext '.escapeshellarg(app(FileStore::class)->path($original->sha256)).' -',
        );
    }
}
