<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\Pdf\FormFields;
use App\Documents\Pdf\PageMarks;
use App\Documents\Pdf\PageTexts;
use App\Documents\Pdf\PdfReader;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\SourcePage;
use Symfony\Component\Process\Process;
use TCPDF;
use Tests\Support\PdfMaker;
use Tests\Support\Scanner;
use Tests\TestCase;

/** What is drawn on a page is read where it is displayed, whatever its boxes, its rotation and its unit. */
final class PageMarksTest extends TestCase
{
    public function test_of_pages_that_say_the_same_it_is_seen_which_has_more_on_it_as_long_as_they_are_few(): void
    {
        $words = str_repeat('the tide turns every six hours ', 5);
        $ink = function (int $pages) use ($words): array {
            $path = PdfMaker::file(PdfMaker::make(array_map(
                fn (int $at): array => ['words' => $words.intdiv($at, 2).'th'],
                range(0, $pages - 1),
            )));

            return array_column(app(PageTexts::class)->read($path, app(PdfReader::class)->pages($path)), 'ink');
        };

        $this->assertNotContains(null, $ink(4));
        $this->assertSame([null], array_values(array_unique($ink(18))));
        $this->assertSame([null], $ink(1), 'it has words enough');
    }

    public function test_how_much_of_a_page_is_ink_is_the_same_whichever_pages_are_looked_at_with_it(): void
    {
        $half = '153 50 306 692 re f'; // of a page of Letter, nearly
        $path = PdfMaker::file(PdfMaker::make([
            ['words' => 'first'],
            ['content' => $half],
            // As a scanner sees what is beside the sheet.
            ['content' => '0 0 612 14 re f 0 0 8 792 re f'],
            ['content' => '450 150 100 100 re f', 'media' => '0 0 1000 400'],
            ['words' => str_repeat('the tide turns ', 10), 'content' => $half],
            ['content' => '200 40 61.2 712 re f'],
            // A frame near its edges is printed.
            ['content' => '12 12 588 768 re 24 24 564 744 re f*'],
        ]));
        $pages = app(PdfReader::class)->pages($path);
        $inks = array_column(app(PageTexts::class)->read($path, $pages), 'ink');

        $this->assertNull($inks[4], 'it has words enough');
        $this->assertGreaterThan(0.0, $inks[0]);
        $this->assertSame(0.0, $inks[2]);
        $this->assertGreaterThan(0.06, $inks[6]);
        foreach ([1 => 0.437, 3 => 0.025, 5 => 0.09] as $at => $share) {
            $this->assertEqualsWithDelta($share, $inks[$at], 0.004, "page {$at} from 0");
        }
        foreach ($pages as $at => $page) {
            $alone = app(PageTexts::class)->some($path, $pages, [$page->number]);
            $this->assertSame($inks[$at], $alone[$at]->ink);
        }

        // A page that cannot be drawn is as one full of ink, and takes no other's place.
        $pages = [...array_slice($pages, 1, 2), $pages[5], new SourcePage(8, $pages[5]->size, 1.0)];
        $this->assertSame(
            [2 => $inks[1], 3 => $inks[2], 6 => $inks[5], 8 => 1.0],
            array_column(app(PageTexts::class)->read($path, $pages), 'ink', 'number'),
        );
    }

    public function test_rules_lie_where_they_are_displayed_on_cropped_turned_and_enlarged_pages(): void
    {
        $content = '1 w 150 300 m 350 300 l S 200 400 80 50 re S';
        foreach (
            [
                'plain' => [[], Frame::of(150, 492, 200, 0), [Frame::of(200, 342, 80, 50)]],
                'cropped' => [
                    ['crop' => '100 100 512 692'],
                    Frame::of(50, 392, 200, 0),
                    [Frame::of(100, 242, 80, 50)],
                ],
                'turned' => [['rotate' => 90], Frame::of(300, 150, 0, 200), [Frame::of(400, 200, 50, 80)]],
                'cropped and turned' => [
                    ['crop' => '100 100 512 692', 'rotate' => 270],
                    Frame::of(392, 162, 0, 200),
                    [Frame::of(242, 232, 50, 80)],
                ],
                'enlarged' => [['unit' => 2.0], Frame::of(300, 984, 400, 0), [Frame::of(400, 684, 160, 100)]],
            ] as $name => [$page, $rule, $box]
        ) {
            $marks = $this->marks(PdfMaker::make([['content' => $content] + $page]));
            $alone = array_values(
                array_filter(
                    $marks->rules,
                    fn (Rule $one): bool => abs($one->length() - max($rule->width, $rule->height)) < 0.1,
                ),
            );
            $this->assertCount(1, $alone, $name);
            $this->assertSame($rule->height === 0.0, $alone[0]->level, $name);
            $this->assertEqualsWithDelta(
                $alone[0]->level ? [$rule->y, $rule->x] : [$rule->x, $rule->y],
                [$alone[0]->at, $alone[0]->from],
                0.1,
                $name,
            );
            $boxes = array_values(
                array_filter(
                    BlankFinder::find($marks),
                    fn (Blank $blank): bool => $blank->kind === BlankKind::Box,
                ),
            );
            $this->assertCount(1, $boxes, $name);
            $this->assertEqualsWithDelta(
                [$box[0]->x, $box[0]->y, $box[0]->width, $box[0]->height],
                [$boxes[0]->frame->x, $boxes[0]->frame->y, $boxes[0]->frame->width, $boxes[0]->frame->height],
                2.1,
                $name,
            );
        }
    }

    public function test_pictures_lie_where_they_are_drawn_however_often(): void
    {
        $picture = fn (
            string $matrix,
        ): string => "q {$matrix} cm BI /W 2 /H 2 /CS /G /BPC 8 /F /AHx ID 00FF00FF> EI Q ";
        $drawings = $this->marks(
            PdfMaker::make([['content' => $picture('100 0 0 80 200 300').$picture('50 0 0 40 20 600')]]),
        )->drawings;

        $this->assertCount(2, $drawings);
        foreach ([Frame::of(200, 412, 100, 80), Frame::of(20, 152, 50, 40)] as $n => $frame) {
            $this->assertEqualsWithDelta(
                [$frame->x, $frame->y, $frame->width, $frame->height],
                [$drawings[$n]->x, $drawings[$n]->y, $drawings[$n]->width, $drawings[$n]->height],
                0.1,
            );
        }
    }

    public function test_form_fields_come_with_their_exact_frames_and_names(): void
    {
        $path = PdfMaker::file(
            PdfMaker::make([
                [
                    'crop' => '100 100 512 692',
                    'annots' => implode(' ', [
                        '<< /Type /Annot /Subtype /Widget /FT /Tx /T (name) /TU (Your name) /Rect [150 300 350 320] >>',
                        '<< /Type /Annot /Subtype /Widget /FT /Btn /T (ok) /Rect [150 400 162 412] >>',
                        '<< /Type /Annot /Subtype /Widget /FT /Btn /Ff 65536 /T (send) /Rect [200 400 260 420] >>',
                        '<< /Type /Annot /Subtype /Link /Rect [150 500 200 520] >>',
                        '<< /Type /Annot /Subtype /Widget /FT /Tx /T (broken) /Rect [150 (x) 200 520] >>',
                    ]),
                ],
            ]),
        );
        $fields = app(FormFields::class)->read($path)[1];

        $this->assertEquals(
            [[Frame::of(50, 372, 200, 20), 'Your name'], [Frame::of(50, 280, 12, 12), 'ok']],
            array_map(fn (Blank $field): array => [$field->frame, $field->label], $fields),
        );
        $this->assertSame(
            [BlankKind::Field, BlankKind::Field],
            array_map(
                fn (Blank $blank): BlankKind => $blank->kind,
                BlankFinder::find($this->marks((string) file_get_contents($path))),
            ),
        );
    }

    public function test_a_page_of_nothing_has_no_marks(): void
    {
        $this->assertSame([], BlankFinder::find($this->marks(PdfMaker::make([[]]))));
    }

    private function marks(string $pdf): Marks
    {
        $path = PdfMaker::file($pdf);
        $pages = app(PdfReader::class)->pages($path);

        return app(PageMarks::class)->read($path, $pages, app(PageTexts::class)->read($path, $pages), [1])[1];
    }

    public function test_a_scan_with_words_that_nobody_sees_is_looked_at_and_read(): void
    {
        $scan = Scanner::scan(base_path('tests/blanks/classes/open.pdf'), 6, 0, 1);
        $words = new TCPDF('P', 'pt', [595, 842]);
        $words->setPrintHeader(false);
        $words->setPrintFooter(false);
        $words->AddPage();
        $words->SetFont('helvetica', '', 12);
        $words->Text(51, 102, '1. What did the keeper see?', 0, false, false);
        $words->Text(51, 278, '2. What did he do?', 0, false, false);
        $words->Text(51, 60, 'The storm of the year eighteen hundred and seventy', 0, false, false);
        $layer = PdfMaker::file($words->Output('', 'S'), 'layer.pdf');
        $both = PdfMaker::file('', 'both.pdf');
        (new Process(['qpdf', $scan, '--overlay', $layer, '--', $both]))->mustRun();

        $pages = app(PdfReader::class)->pages($both);
        $texts = app(PageTexts::class)->read($both, $pages);
        $marks = app(PageMarks::class)->read($both, $pages, $texts, [1])[1];
        $blanks = BlankFinder::find($marks);

        $this->assertTrue($marks->seen);
        $this->assertTrue($marks->readable);
        $this->assertSame([5, 7], array_column($blanks, 'count'));
        $this->assertSame('1. What did the keeper see?', $blanks[0]->label);
    }
}
