<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\Pdf\FormFields;
use App\Documents\Pdf\FormWriter;
use App\Documents\Pdf\PdfReader;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\Counted;
use OpenSlate\Answers\Limit;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Blanks\Blank;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Forms\PageFields;
use OpenSlate\Geometry\Frame;
use Symfony\Component\Process\Process;
use Tests\Support\PdfMaker;
use Tests\TestCase;

/**
 * Form fields that are written into PDFs, held against what others read of them: pdf-lib (npm), qpdf, and pages of all
 * sorts (ISO 32000-1, 7.7.3.3 and 14.11.2: Rotate, CropBox, an origin elsewhere, UserUnit).
 */
final class FormFieldsTest extends TestCase
{
    private const PAGES = [
        ['words' => 'as usual'],
        ['media' => '0 0 595.276 841.89', 'rotate' => 90],
        ['media' => '0 0 595.276 841.89', 'rotate' => 180],
        ['media' => '0 0 595.276 841.89', 'rotate' => 270],
        ['media' => '0 0 700 900', 'crop' => '50 40 650 860'],
        ['media' => '-100 -200 512 592'],
        ['media' => '-100 -200 512 592', 'crop' => '-90 -150 500 500', 'rotate' => 90],
        ['media' => '0 0 300 400', 'unit' => 2],
        ['media' => '0 0 300 400', 'unit' => 2.5, 'rotate' => 270, 'crop' => '10 20 290 380'],
        ['media' => '612 792 0 0'],
        ['media' => '0 0 841.89 595.276'],
        ['media' => '0 0 841.89 595.276', 'rotate' => 90],
        ['media' => '0 0 700 900', 'crop' => '50 40 650 860', 'rotate' => 180],
        ['media' => '0 0 700 900', 'crop' => '650 860 50 40', 'rotate' => 270],
        ['media' => '0 0 700 900', 'crop' => '-50 -40 900 1000'],
        ['media' => '-612 -792 0 0', 'rotate' => 180],
        ['media' => '512 592 -100 -200', 'crop' => '-90 -150 500 500', 'rotate' => 270],
        ['media' => '0 0 300 400', 'unit' => 1.5, 'rotate' => 90],
        ['media' => '-50 -60 300 400', 'unit' => 3, 'rotate' => 180, 'crop' => '0 0 250 350'],
        ['media' => '0.5 0.25 595.776 842.14', 'rotate' => 450],
    ];

    public function test_every_field_is_read_back_where_it_was_laid_with_its_name_its_kind_and_its_choices(): void
    {
        $path = PdfMaker::file(PdfMaker::make(self::PAGES, version: '1.6'), 'odd.pdf');
        $fields = [];
        foreach (array_keys(self::PAGES) as $index) {
            $fields[$index + 1] = PageFields::ofBoxes($this->boxes(), $index + 1);
        }
        $made = "{$path}.fields.pdf";
        app(FormWriter::class)->write($path, $fields, $made);
        (new Process(['qpdf', '--check', $made]))->mustRun();

        // qpdf has the same names, one for each field, with what they ask.
        $said = (new Process(['qpdf', '--json=2', '--json-key=acroform', $made]))->mustRun()->getOutput();
        $listed = [];
        foreach (json_decode($said, true)['acroform']['fields'] as $field) {
            $listed[$field['fullname']][] = [$field['pageposfrom1'], $field['alternativename']];
        }
        foreach ($fields as $number => $ofPage) {
            foreach ($ofPage as $field) {
                // What can be ticked one by one is a field for each.
                $there = $listed[$field->name] ?? $listed["{$field->name}-1"] ?? [];
                $this->assertSame($number, $there[0][0] ?? null, $field->name);
                count($there) > 1 || isset($listed["{$field->name}-1"]) ||
                    $this->assertSame($field->said, $there[0][1] ?? null);
            }
        }

        $boxes = app(PdfReader::class)->boxes($made);
        $seen = json_decode(
            (new Process(['node', __DIR__.'/form-fields.mjs', $made], base_path()))->mustRun()->getOutput(),
            true,
        );
        $names = [];
        $kinds = [];
        foreach ($seen as $field) {
            [$x, $y, $width, $height] = $field['rectangle'];
            $frame = $boxes[$field['page']]->place([$x, $y, $x + $width, $y + $height]);
            $names["{$field['page']} {$field['name']}"][] = $frame;
            $kinds[$field['name']] = $field['kind'].($field['several'] ? ' of lines' : '');
            $field['kind'] === 'PDFDropdown' && $this->assertSame(['ebb', 'flöd'], $field['options']);
        }
        $this->assertSame(
            ['PDFTextField', 'PDFTextField of lines', 'PDFCheckBox', 'PDFDropdown', 'PDFRadioGroup', 'PDFCheckBox'],
            array_map(fn (string $name): string => $kinds["1-{$name}"], ['a', 'b', 'c', 'd', 'e', 'f-1']),
        );
        $this->assertCount(7 * count(self::PAGES), $kinds, 'all names differ');
        foreach ($fields as $number => $ofPage) {
            foreach ($ofPage as $field) {
                $there = $names["{$number} {$field->name}"] ?? [
                    ...$names["{$number} {$field->name}-1"],
                    ...$names["{$number} {$field->name}-2"],
                ];
                $wanted = str_ends_with($field->name, 'e') || str_ends_with($field->name, 'f')
                    ? array_column($field->options, 1)
                    : [$field->frame];
                foreach ($wanted as $index => $frame) {
                    $this->assertEqualsWithDelta(
                        [$frame->x, $frame->y, $frame->width, $frame->height],
                        [$there[$index]->x, $there[$index]->y, $there[$index]->width, $there[$index]->height],
                        0.1,
                        "page {$number}, {$field->name}",
                    );
                }
            }
        }
    }

    public function test_what_has_just_so_many_letters_has_a_room_for_each(): void
    {
        $box = fn (string $id, float $width, Limit $limit): AnswerBox => new AnswerBox(
            $id,
            Frame::of(20, 30, $width, 18),
            TextAnswer::short($limit),
        );
        $six = Limit::of(Counted::Characters, 6, 6);
        $path = PdfMaker::file(PdfMaker::pages(1), 'one.pdf');
        app(FormWriter::class)->write($path, [1 => PageFields::ofBoxes([
            $box('a', 120, $six),
            $box('b', 30, $six), // too near to each other to be told apart
            $box('c', 120, Limit::of(Counted::Characters, 2, 6)),
            $box('d', 120, Limit::of(Counted::Words, 6, 6)),
        ], 1)], "{$path}.fields.pdf");
        $seen = json_decode(
            (new Process(['node', __DIR__.'/form-fields.mjs', "{$path}.fields.pdf"], base_path()))
                ->mustRun()
                ->getOutput(),
            true,
        );
        $this->assertSame(
            [['1-a', true, 6], ['1-b', false, 6], ['1-c', false, 6], ['1-d', false, null]],
            array_map(fn (array $one): array => [$one['name'], $one['combed'], $one['longest']], $seen),
        );
    }

    public function test_what_they_ask_and_take_comes_back_with_the_file(): void
    {
        $path = PdfMaker::file(PdfMaker::pages(1), 'one.pdf');
        app(FormWriter::class)->write($path, [1 => PageFields::ofBoxes($this->boxes(), 1)], "{$path}.fields.pdf");
        $blanks = app(FormFields::class)->read("{$path}.fields.pdf")[1];
        $by = [];
        foreach ($blanks as $blank) {
            $by[$blank->label] = $blank;
        }
        $this->assertSame('Why?', $by['Why?']->label);
        $this->assertEquals(TextAnswer::lines(), $by['Why?']->form);
        $this->assertEquals(TextAnswer::short(Limit::of(Counted::Characters, null, 20)), $by['Which boat?']->form);
        $this->assertEquals(ListAnswer::of(['ebb', 'flöd']), $by['The tide']->form);
        $this->assertEquals(new TickAnswer, $by['rope']->form);
        $one = array_values(array_filter($blanks, fn (Blank $blank): bool => $blank->form instanceof ChoiceAnswer));
        $this->assertSame(['north', 'south'], $one[0]->choices());
        $this->assertSame('The wind', $one[0]->label);

        // Written over once more, they stay, and the new ones come to them.
        app(FormWriter::class)->write(
            "{$path}.fields.pdf",
            [1 => PageFields::ofBoxes([new AnswerBox('z', Frame::of(300, 700, 90, 20), prompt: 'More')], 1)],
            "{$path}.more.pdf",
        );
        $again = app(FormFields::class)->read("{$path}.more.pdf")[1];
        $this->assertCount(count($blanks) + 1, $again);
    }

    public function test_the_print_stays_what_it_was(): void
    {
        $path = base_path('database/demo/working-harbour-pack.pdf');
        $made = PdfMaker::file('', 'pack.pdf');
        $this->artisan('slate:fillable', ['file' => $path, 'out' => $made])->assertSuccessful();
        $text = fn (string $of): string => (new Process(['pdftotext', '-layout', $of, '-']))->mustRun()->getOutput();
        $fonts = fn (string $of): string => (string) preg_replace(
            '/ +\d+ +\d+$/m',
            '',
            (new Process(['pdffonts', $of]))->mustRun()->getOutput(),
        );
        $this->assertSame($text($path), $text($made));
        $this->assertSame($fonts($path), $fonts($made));
        $this->assertGreaterThan(40, array_sum(array_map(count(...), app(FormFields::class)->read($made))));
    }

    public function test_what_cannot_be_read_or_written_is_said_and_nothing_is_left(): void
    {
        $out = PdfMaker::file('', 'none.pdf').'.out.pdf';
        $this->artisan('slate:fillable', ['file' => PdfMaker::file('Dear diary', 'diary.pdf'), 'out' => $out])
            ->expectsOutputToContain('This file is not a PDF')
            ->assertFailed();
        $this->assertFileDoesNotExist($out);
        $one = PdfMaker::file(PdfMaker::pages(1), 'one.pdf');
        $this->artisan('slate:fillable', ['file' => $one, 'out' => '/no/such/folder/out.pdf'])
            ->expectsOutputToContain('Nothing can be written at that place.')
            ->assertFailed();
        $this->artisan('slate:fillable', ['file' => $one, 'out' => $out])
            ->expectsOutput('0 fields')
            ->assertSuccessful();
        (new Process(['qpdf', '--check', $out]))->mustRun();
    }

    /** @return list<AnswerBox> one of each kind that has a field */
    private function boxes(): array
    {
        $options = [
            new Option('a', 'north', 0.0, 0.0, 0.5, 0.5),
            new Option('b', 'south', 0.5, 0.5, 0.5, 0.5),
        ];

        return [
            new AnswerBox(
                'a',
                Frame::of(20, 30, 120, 18),
                TextAnswer::short(Limit::of(Counted::Characters, null, 20)),
                prompt: 'Which boat?',
            ),
            new AnswerBox('b', Frame::of(20.5, 60.25, 140, 70), TextAnswer::lines(), prompt: 'Why?'),
            new AnswerBox('c', Frame::of(20, 140, 14, 14), new TickAnswer, prompt: 'rope'),
            new AnswerBox('d', Frame::of(20, 160, 120, 18), ListAnswer::of(['ebb', 'flöd']), prompt: 'The tide'),
            new AnswerBox('e', Frame::of(20, 190, 100, 40), ChoiceAnswer::of($options), prompt: 'The wind'),
            new AnswerBox('f', Frame::of(20, 240, 100, 40), ChoiceAnswer::of($options, true), prompt: 'Both'),
        ];
    }
}
