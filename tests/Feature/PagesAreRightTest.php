<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Documents\FileStore;
use App\Models\Backdrop;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use GdImage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\PdfMaker;
use Tests\TestCase;

/** Every page is shown at its displayed size, with what is drawn on it where a reader would show it. */
final class PagesAreRightTest extends TestCase
{
    use RefreshDatabase;

    /**
     * Pages with one black rectangle, and where a reader shows it: worked out by hand from ISO 32000-1, 7.7.3.3 and
     * 8.3.2.3. A page turned by 90 degrees shows the left edge of its user space at the top.
     *
     * @return array<string, array{array<string, mixed>, float, float, array{float, float, float, float}}>
     */
    public static function pages(): array
    {
        $mark = PdfMaker::rectangle(100, 600, 80, 40); // user space: left 100, bottom 600

        return [
            'Letter' => [['content' => $mark], 612, 792, [100, 152, 80, 40]],
            'A4' => [['media' => '0 0 595.276 841.89', 'content' => $mark], 595.276, 841.89, [100, 201.89, 80, 40]],
            'landscape' => [
                ['media' => '0 0 792 612', 'content' => PdfMaker::rectangle(700, 10, 80, 40)],
                792,
                612,
                [700, 562, 80, 40],
            ],
            'turned by 90' => [['rotate' => 90, 'content' => $mark], 792, 612, [600, 100, 40, 80]],
            'turned by 180' => [['rotate' => 180, 'content' => $mark], 612, 792, [432, 600, 80, 40]],
            'turned by 270' => [['rotate' => 270, 'content' => $mark], 792, 612, [152, 432, 40, 80]],
            'turned by -90' => [['rotate' => -90, 'content' => $mark], 792, 612, [152, 432, 40, 80]],
            'cropped with an offset' => [['crop' => '50 500 450 700', 'content' => $mark], 400, 200, [50, 60, 80, 40]],
            'cropped and turned' => [
                ['crop' => '50 500 450 700', 'rotate' => 90, 'content' => $mark],
                200,
                400,
                [100, 50, 40, 80],
            ],
            'negative origins' => [
                ['media' => '-300 -400 300 400', 'content' => PdfMaker::rectangle(-250, 300, 80, 40)],
                600,
                800,
                [50, 60, 80, 40],
            ],
            'negative, cropped' => [
                [
                    'media' => '-300 -400 300 400',
                    'crop' => '-260 200 100 380',
                    'content' => PdfMaker::rectangle(-250, 300, 80, 40),
                ],
                360,
                180,
                [10, 40, 80, 40],
            ],
            'a crop larger than the medium' => [
                ['crop' => '-100 -100 900 900', 'content' => $mark],
                612,
                792,
                [100, 152, 80, 40],
            ],
            'a unit of two points' => [
                ['media' => '0 0 306 396', 'unit' => 2, 'content' => PdfMaker::rectangle(50, 300, 40, 20)],
                612,
                792,
                [100, 152, 80, 40],
            ],
            'a unit, turned and cropped' => [
                [
                    'media' => '0 0 400 400',
                    'crop' => '25 250 225 350',
                    'rotate' => 90,
                    'unit' => 2,
                    'content' => PdfMaker::rectangle(50, 300, 40, 20),
                ],
                200,
                400,
                [100, 50, 40, 80],
            ],
            'a narrow slip' => [
                ['media' => '0 0 40 400', 'content' => PdfMaker::rectangle(10, 350, 20, 40)],
                40,
                400,
                [10, 10, 20, 40],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $page
     * @param  array{float, float, float, float}  $shown  x, y, width, height of the rectangle as displayed, in points
     */
    #[DataProvider('pages')]
    public function test_a_page_is_shown_at_its_size_with_things_where_they_were_drawn(
        array $page,
        float $width,
        float $height,
        array $shown,
    ): void {
        $worksheet = $this->bringIn(PdfMaker::make([$page])); // @phpstan-ignore argument.type
        $content = $this->page($worksheet, 1)->current->page();

        $this->assertEqualsWithDelta($width, $content->size->width, 0.1);
        $this->assertEqualsWithDelta($height, $content->size->height, 0.1);
        $this->assertSame('#ffffff', $content->paper->hex);
        foreach (['image', 'thumbnail'] as $which) {
            $image = $this->picture($this->page($worksheet, 1)->backdrop, $which);
            $scale = imagesx($image) / $width;
            $this->assertEqualsWithDelta($height * $scale, imagesy($image), 1.5, $which);
            $this->assertDarkExactly(
                $image,
                array_map(fn (float $value): float => $value * $scale, $shown),
                $which === 'image' ? 2.0 : 1.5,
            );
        }
    }

    public function test_mixed_sizes_in_one_file_each_keep_their_own(): void
    {
        $pages = [
            ['media' => '0 0 612 792'],
            ['media' => '0 0 595.276 841.89'],
            ['media' => '0 0 612 792', 'rotate' => 90],
            ['media' => '0 0 200 200', 'unit' => 3.5],
            ['media' => '0 0 612 792'],
        ];
        $worksheet = $this->bringIn(PdfMaker::make($pages));

        $this->assertSame(5, $worksheet->pages_total);
        $sizes = $worksheet
            ->pages()
            ->with('current')
            ->get()
            ->map(
                fn (WorksheetPage $page): array => [
                    $page->current->page()->size->width,
                    $page->current->page()->size->height,
                ],
            )
            ->all();
        foreach ([[612, 792], [595.276, 841.89], [792, 612], [700, 700], [612, 792]] as $index => [$width, $height]) {
            $this->assertEqualsWithDelta($width, $sizes[$index][0], 0.1);
            $this->assertEqualsWithDelta($height, $sizes[$index][1], 0.1);
        }
    }

    public function test_boxes_given_by_the_page_tree_count(): void
    {
        $worksheet = $this->bringIn(PdfMaker::make([[], ['rotate' => 0]], ['media' => '0 0 300 500', 'rotate' => 90]));

        $this->assertSame(
            [500.0, 300.0],
            [$this->page($worksheet, 1)->backdrop?->width, $this->page($worksheet, 1)->backdrop?->height],
        );
        $this->assertSame(
            [300.0, 500.0],
            [$this->page($worksheet, 2)->backdrop?->width, $this->page($worksheet, 2)->backdrop?->height],
        );
    }

    /** @return array<string, array{list<string>}> options of qpdf */
    public static function rewritings(): array
    {
        return [
            'an owner password only' => [
                ['--encrypt', '', 'owner', '256', '--print=none', '--modify=none', '--extract=n', '--'],
            ],
            'old encryption with an owner password' => [['--allow-weak-crypto', '--encrypt', '', 'owner', '128', '--']],
            'object streams, as PDF 1.5 has' => [['--object-streams=generate', '--min-version=1.5']],
            'PDF 2.0' => [['--object-streams=generate', '--force-version=2.0']],
            'linearised' => [['--linearize']],
        ];
    }

    /** @param  list<string>  $options */
    #[DataProvider('rewritings')]
    public function test_files_of_every_build_are_read(array $options): void
    {
        $pdf = PdfMaker::rewritten(
            PdfMaker::make([
                ['media' => '0 0 306 396', 'unit' => 2, 'content' => PdfMaker::rectangle(50, 300, 40, 20)],
                [],
            ]),
            $options,
        );
        $worksheet = $this->bringIn($pdf);

        $this->assertSame(
            [612.0, 792.0],
            [$this->page($worksheet, 1)->backdrop?->width, $this->page($worksheet, 1)->backdrop?->height],
        );
        $image = $this->picture($this->page($worksheet, 1)->backdrop, 'image');
        $this->assertDarkExactly($image, [200, 304, 160, 80], 2);
    }

    public function test_a_poster_is_drawn_coarsely_and_shown_at_its_size(): void
    {
        $worksheet = $this->bringIn(
            PdfMaker::make([['media' => '0 0 7200 3600', 'content' => PdfMaker::rectangle(720, 1800, 720, 360)]]),
        );
        $image = $this->picture($this->page($worksheet, 1)->backdrop, 'image');

        $this->assertEqualsWithDelta([4000, 2000], [imagesx($image), imagesy($image)], 1);
        $this->assertSame(7200.0, $this->page($worksheet, 1)->backdrop?->width);
        $this->assertDarkExactly($image, [400, 800, 400, 200], 2);
    }

    private function bringIn(string $pdf): Worksheet
    {
        $worksheet = app(BringInFile::class)(Teacher::factory()->create(), PdfMaker::file($pdf), 'test.pdf')->refresh();
        $this->assertSame(WorksheetState::Ready, $worksheet->state, (string) $worksheet->problem);

        return $worksheet;
    }

    private function page(Worksheet $worksheet, int $number): WorksheetPage
    {
        return $worksheet->pages()->where('position', $number)->sole();
    }

    private function picture(?Backdrop $backdrop, string $which): GdImage
    {
        $this->assertNotNull($backdrop);
        $image = imagecreatefromjpeg(
            app(FileStore::class)->path($which === 'image' ? $backdrop->image : $backdrop->thumbnail),
        );
        $this->assertInstanceOf(GdImage::class, $image);

        return $image;
    }

    /**
     * The extent of all dark pixels is the frame, to within so many pixels.
     *
     * @param  array<float>  $frame  x, y, width, height in pixels
     */
    private function assertDarkExactly(GdImage $image, array $frame, float $tolerance): void
    {
        [$left, $top, $right, $bottom] = [PHP_INT_MAX, PHP_INT_MAX, -1, -1];
        for ($y = 0; $y < imagesy($image); $y++) {
            for ($x = 0; $x < imagesx($image); $x++) {
                if ((imagecolorat($image, $x, $y) & 255) < 128) {
                    [$left, $top, $right, $bottom] = [min($left, $x), min($top, $y), max($right, $x), max($bottom, $y)];
                }
            }
        }
        $this->assertEqualsWithDelta(
            [$frame[0], $frame[1], $frame[0] + $frame[2], $frame[1] + $frame[3]],
            [$left, $top, $right + 1, $bottom + 1],
            $tolerance,
        );
    }
}
