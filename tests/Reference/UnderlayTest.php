<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\Pdf\PdfObjects;
use App\Documents\Pdf\PdfReader;
use App\Documents\Printing\HiddenLayers;
use App\Documents\Printing\Sheet;
use App\Documents\Printing\Underlay;
use App\Documents\Printing\Underprint;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Backdrop;
use OpenSlate\Paper\Size;
use Symfony\Component\Process\Process;
use Tests\Support\PdfMaker;
use Tests\TestCase;

/**
 * Prints that are laid beneath other pages, held against what poppler draws and reads of them: pages of all sorts (ISO
 * 32000-1, 7.7.3.3 and 14.11.2), whole and made smaller, turned every way.
 */
final class UnderlayTest extends TestCase
{
    /** What is drawn, in user space from the lower left of what shows: no turn or mirror image of it looks the same. */
    private const MARK = [40.0, 150.0, 60.0, 25.0];

    private const DOTS_PER_INCH = 144;

    /** The lower left of what shows, and how the page is made. */
    private const PAGES = [
        [[0, 0], []],
        [[0, 0], ['media' => '0 0 595.276 841.89', 'rotate' => 90]],
        [[0, 0], ['media' => '0 0 595.276 841.89', 'rotate' => 180]],
        [[0, 0], ['media' => '0 0 595.276 841.89', 'rotate' => 270]],
        [[50, 40], ['media' => '0 0 700 900', 'crop' => '50 40 650 860']],
        [[-100, -200], ['media' => '-100 -200 512 592']],
        [[-90, -150], ['media' => '-100 -200 512 592', 'crop' => '-90 -150 500 500', 'rotate' => 90]],
        [[0, 0], ['media' => '0 0 300 400', 'unit' => 2]],
        [[10, 20], ['media' => '0 0 300 400', 'unit' => 2.5, 'rotate' => 270, 'crop' => '10 20 290 380']],
        [[0, 0], ['media' => '612 792 0 0']],
        [[0, 0], ['media' => '0 0 841.89 595.276']],
        [[-300.5, 12.25], ['media' => '-300.5 12.25 -50 400']],
    ];

    public function test_every_page_lies_where_it_would_be_seen_whole_or_smaller_and_turned_every_way(): void
    {
        [$under, $sheets, $wanted] = [
            PdfMaker::file(
                PdfMaker::make(
                    array_map(
                        fn (array $page): array => $page[1] + [
                            'content' => PdfMaker::rectangle(
                                $page[0][0] + self::MARK[0],
                                $page[0][1] + self::MARK[1],
                                self::MARK[2],
                                self::MARK[3],
                            ),
                        ],
                        self::PAGES,
                    ),
                    version: '1.6',
                ),
                'under.pdf',
            ),
            [],
            [],
        ];
        $boxes = app(PdfReader::class)->boxes($under);
        foreach (self::PAGES as $index => [$corner]) {
            $printed = $boxes[$index + 1]->displayed();
            foreach (Rotation::cases() as $turn) {
                foreach ([1.0, 0.7, 1.3] as $factor) {
                    $turned = $printed->turned($turn);
                    $frame = Frame::of(20.5 * ($factor - 1), 11, $turned->width * $factor, $turned->height * $factor);
                    $size = Size::of($turned->width * $factor + 90, $turned->height * $factor + 33);
                    $backdrop = Backdrop::of(str_repeat('a', 64), 1, $turn, $frame);
                    $sheets[] = new Sheet(
                        $size,
                        new Underprint(
                            $under,
                            $index + 1,
                            Frame::of(0, 0, $printed->width, $printed->height),
                            $turn,
                            $frame,
                        ),
                    );
                    $wanted[] = $backdrop->shown(
                        $boxes[$index + 1]->place([
                            $corner[0] + self::MARK[0],
                            $corner[1] + self::MARK[1],
                            $corner[0] + self::MARK[0] + self::MARK[2],
                            $corner[1] + self::MARK[1] + self::MARK[3],
                        ]),
                        $printed,
                        Frame::of(0, 0, $size->width, $size->height),
                    );
                }
            }
        }
        $made = $this->laid($sheets);
        (new Process(['qpdf', '--check', $made]))->mustRun();
        foreach (app(PdfReader::class)->boxes($made) as $number => $box) {
            $this->assertEqualsWithDelta($sheets[$number - 1]->size->width, $box->displayed()->width, 0.01);
            $this->assertEqualsWithDelta($sheets[$number - 1]->size->height, $box->displayed()->height, 0.01);
        }
        $drawn = $this->drawn($made);
        foreach ($wanted as $index => $frame) {
            $this->assertEqualsWithDelta(
                [$frame->x, $frame->y, $frame->right(), $frame->bottom()],
                $drawn[$index],
                72 / self::DOTS_PER_INCH,
                "sheet {$index}: page ".(intdiv($index, 12) + 1),
            );
        }
    }

    public function test_words_stay_words_and_nothing_else_of_the_file_comes_along(): void
    {
        $note =
            '<< /Type /Annot /Subtype /Link /Rect [10 10 90 40] /A << /S /URI /URI (https://example.org/secret) >> >> '.
            '<< /Type /Annot /Subtype /Text /Rect [10 50 30 70] /Contents (the answer is twelve) /Open false >>';
        $under = PdfMaker::file(
            PdfMaker::make([['words' => 'The tide comes in', 'annots' => $note], ['words' => 'Page of the answers']]),
            'words.pdf',
        );
        $whole = Frame::of(0, 0, 612, 792);
        $made = $this->laid([
            new Sheet(Size::of(612, 792), new Underprint($under, 1, $whole, Rotation::None, $whole)),
            new Sheet(Size::of(300, 200)),
            new Sheet(Size::of(612, 792), new Underprint($under, 1, $whole, Rotation::None, $whole)),
        ]);
        $words = fn (string $of, int $page): string => (new Process([
            'pdftotext',
            '-f',
            "{$page}",
            '-l',
            "{$page}",
            '-bbox',
            $of,
            '-',
        ]))
            ->mustRun()
            ->getOutput();
        preg_match('/<word.*>tide</', $words($under, 1), $before);
        preg_match('/<word.*>tide</', $words($made, 1), $after);
        preg_match('/<word.*>tide</', $words($made, 3), $again);
        $this->assertSame($before, $after);
        $this->assertSame($before, $again);
        $this->assertStringNotContainsString('<word', $words($made, 2));
        $inside = (new Process(['qpdf', '--qdf', '--object-streams=disable', $made, '-']))->mustRun()->getOutput();
        foreach (['secret', 'twelve', 'Page of the answers', '/Annots'] as $none) {
            $this->assertStringNotContainsString($none, $inside);
        }
        $this->assertSame(1, substr_count($inside, 'The tide comes in'), 'what is laid down twice is there once');
    }

    public function test_pages_that_share_what_they_say_keep_their_own_fonts(): void
    {
        // Two pages of one content, in which the one has another font under its name.
        $path = PdfMaker::file(PdfMaker::make([['words' => 'as usual'], ['words' => 'other']]), 'shared.pdf');
        $objects = app(PdfObjects::class);
        $pages = $objects->pages($path);
        $font = ['/Type' => '/Font', '/Subtype' => '/Type1', '/BaseFont' => '/Courier-Bold'];
        $shared = $objects->replaced($path, ['obj:'.$objects->pageReferences($path)[2] => ['value' => [
            '/Contents' => $pages[1]['/Contents'],
            '/Resources' => ['/Font' => ['/F1' => $font]],
        ] + $pages[2]]], "{$path}.shared.pdf");
        $size = Size::of(612, 792);
        $under = fn (int $page): Sheet => new Sheet(
            $size,
            new Underprint($shared, $page, $size->frame(), Rotation::None, $size->frame()),
        );
        $folder = sys_get_temp_dir().'/slate-shared-'.bin2hex(random_bytes(6));
        mkdir($folder);
        $made = app(Underlay::class)->lay(
            PdfMaker::file(PdfMaker::make([['media' => '0 0 620 800'], ['media' => '0 0 620 800']]), 'laid.pdf'),
            [$under(1), $under(2)],
            $folder,
        );
        $fonts = fn (int $page): string => (new Process(
            ['pdffonts', '-f', (string) $page, '-l', (string) $page, $made],
        ))->mustRun()->getOutput();
        $this->assertStringContainsString('Helvetica', $fonts(1));
        $this->assertStringNotContainsString('Courier', $fonts(1));
        $this->assertStringContainsString('Courier-Bold', $fonts(2));
        $words = (new Process(['pdftotext', $made, '-']))->mustRun()->getOutput();
        $this->assertSame(2, substr_count($words, 'as usual'));
    }

    public function test_what_a_field_shows_becomes_print(): void
    {
        $drawn = 'q 0 g 5 5 60 20 re f Q';
        $field = '<< /Type /Annot /Subtype /Widget /FT /Tx /T (a) /Rect [100 600 180 640] /F 4 /AP << /N 6 0 R >> >>';
        $pdf = PdfMaker::make([['annots' => $field], ['content' => '']]);
        // The appearance stands in place of the second page's content.
        $pdf = str_replace(
            "6 0 obj\n<< /Length 0 >>\nstream\n\nendstream",
            "6 0 obj\n<< /Type /XObject /Subtype /Form /BBox [0 0 80 40] /Length ".
                strlen($drawn).
                " >>\nstream\n{$drawn}\nendstream",
            $pdf,
        );
        $under = PdfMaker::file($pdf, 'field.pdf');
        $whole = Frame::of(0, 0, 612, 792);
        $made = $this->laid([new Sheet(Size::of(612, 792), new Underprint($under, 1, $whole, Rotation::None, $whole))]);
        $this->assertEqualsWithDelta([105, 167, 165, 187], $this->drawn($made)[0], 0.6);
        $this->assertStringNotContainsString(
            '/Widget',
            (new Process(['qpdf', '--qdf', '--object-streams=disable', $made, '-']))->mustRun()->getOutput(),
        );
    }

    public function test_layers_that_are_hidden_are_known(): void
    {
        $with = fn (string $layers): string => PdfMaker::file(
            str_replace('/Type /Catalog', "/Type /Catalog {$layers}", PdfMaker::pages(1)),
            'layers.pdf',
        );
        $layer = '<< /Type /OCG /Name (answers) >>';
        foreach (
            [
                '' => false,
                '/OCProperties << /OCGs [3 0 R] /D << /ON [3 0 R] /OFF [] >> >>' => false,
                '/OCProperties << /OCGs [3 0 R] /D << /OFF [3 0 R] >> >>' => true,
                "/OCProperties << /OCGs [{$layer}] /D << /BaseState /OFF >> >>" => true,
                '/OCProperties << /OCGs [3 0 R] /D << /AS [<< /Event /View /OCGs [3 0 R] >>] >> >>' => true,
            ] as $layers => $hidden
        ) {
            $this->assertSame($hidden, (new HiddenLayers(new PdfObjects()))->areIn($with($layers)), $layers);
        }
    }

    /** @param  non-empty-list<Sheet>  $sheets */
    private function laid(array $sheets): string
    {
        $pages = array_map(
            fn (Sheet $sheet): array => [
                'media' => '0 0 '.ceil($sheet->size->width + 1).' '.ceil($sheet->size->height + 1),
            ],
            $sheets,
        );
        $folder = dirname(PdfMaker::file(PdfMaker::make($pages), 'laid.pdf'));
        $work = "{$folder}/work-".bin2hex(random_bytes(4));
        mkdir($work);

        return app(Underlay::class)->lay(PdfMaker::file(PdfMaker::make($pages), 'laid.pdf'), $sheets, $work);
    }

    /** @return list<array{float, float, float, float}> the edges of what is dark on each page, in points */
    private function drawn(string $path): array
    {
        $folder = "{$path}-drawn";
        mkdir($folder);
        (new Process(['pdftoppm', '-r', (string) self::DOTS_PER_INCH, '-gray', $path, "{$folder}/p"]))->mustRun();

        return array_map($this->edges(...), glob("{$folder}/*.pgm") ?: []);
    }

    /** @return array{float, float, float, float} */
    private function edges(string $pgm): array
    {
        $picture = (string) file_get_contents($pgm);
        $this->assertSame(1, preg_match('/^P5\s(\d+) (\d+)\s255\s/', $picture, $head));
        $darkest = implode('', array_map(chr(...), range(0, 127)));
        $rows = str_split(substr($picture, strlen($head[0])), max(1, (int) $head[1]));
        $dark = preg_grep('/[\x00-\x7f]/', $rows) ?: [];
        [$left, $right] = [INF, -INF];
        foreach ($dark as $row) {
            $left = min($left, strcspn($row, $darkest));
            $right = max($right, strlen($row) - strcspn(strrev($row), $darkest));
        }

        return array_map(fn (float $edge): float => ($edge * 72) / self::DOTS_PER_INCH, [
            $left,
            (float) array_key_first($dark),
            $right,
            (float) array_key_last($dark) + 1,
        ]);
    }
}
