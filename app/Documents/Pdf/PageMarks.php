<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\Deadline;
use App\Documents\FileRefused;
use App\Documents\LimitedProcess;
use OpenSlate\Blanks\Bitmap;
use OpenSlate\Blanks\BitmapMarks;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Marks;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Text\PageText;

/**
 * Reads what is printed on the pages of a PDF: what is drawn there from the SVG that cairo makes of it, and of a page
 * that is nothing but a picture what can be seen on it.
 */
final class PageMarks
{
    /** A page with more than this is a picture drawn in strokes; nothing is looked for on it. */
    private const MOST_BYTES = 12_000_000;

    /** Fine enough for a hairline, coarse enough to be quick. */
    private const SEEN_DPI = 110.0;

    private const MOST_PIXELS = 2400;

    private const PIXELS_AT_ONCE = 16;

    private const MOST_OF_A_PAGE = 0.5;

    /** Where so many of the letters are drawn, as a share, they are there to be seen. */
    private const DRAWN = 0.5;

    /** @var array<string, array<int, list<Blank>>> form fields of the file that was read last, by its path */
    private array $known = [];

    public function __construct(private FormFields $fields)
    {
    }

    /**
     * @param  list<SourcePage>  $pages
     * @param  list<PageText>  $texts  of the same pages, with their words
     * @param  list<int>  $numbers  of the pages that are wanted
     * @return array<int, Marks> by number
     *
     * @throws FileRefused
     */
    public function read(string $path, array $pages, array $texts, array $numbers): array
    {
        // A file is looked through some pages at a time: what it says once is read once.
        $fields = $this->known[$path] ?? $this->fields->read($path);
        $this->known = [$path => $fields];
        $deadline = app(Deadline::class);
        $marks = [];
        foreach ($numbers as $number) {
            $deadline->check();
            [$page, $text] = [$pages[$number - 1], $texts[$number - 1]];
            if ($this->isPicture($path, $page, $text)) {
                $marks[$number] = $this->seen($path, $page, $text, $fields[$number] ?? []);

                continue;
            }
            $svg = LimitedProcess::run([
                'pdftocairo',
                '-svg',
                '-f',
                (string) $number,
                '-l',
                (string) $number,
                $path,
                '-',
            ])->getOutput();
            // Words over a picture that nobody sees: somebody has read the scan already; a stamp may be on it as well.
            if ($text->wordCount() > 0 && $this->isHidden($svg, $text) && $this->isCovered($path, $page)) {
                $marks[$number] = $this->seen($path, $page, $text, $fields[$number] ?? []);

                continue;
            }
            $marks[$number] = DrawnMarks::of(
                strlen($svg) > self::MOST_BYTES ? '' : $svg,
                $page->userUnit,
                $text,
                $fields[$number] ?? [],
            );
        }

        return $marks;
    }

    /** Whether a page has no words, and a picture over most of it. */
    public function isPicture(string $path, SourcePage $page, PageText $text): bool
    {
        return $text->wordCount() === 0 && ($text->ink ?? 0.0) !== 0.0 && $this->isCovered($path, $page);
    }

    /** Whether most of the letters of a page are not drawn. */
    private function isHidden(string $svg, PageText $text): bool
    {
        $letters = (int) preg_match_all('/\S/u', $text->text());

        return substr_count($svg, '<use xlink:href="#glyph') < self::DRAWN * $letters;
    }

    /** Whether a picture lies over most of the page. */
    private function isCovered(string $path, SourcePage $page): bool
    {
        $list = LimitedProcess::run([
            'pdfimages',
            '-list',
            '-f',
            (string) $page->number,
            '-l',
            (string) $page->number,
            $path,
        ])->getOutput();
        // page num type width height color comp bpc enc interp object-ID gen x-ppi y-ppi …
        preg_match_all(
            '/^\s*\d+\s+\d+\s+image\s+(\d+)\s+(\d+)(?:\s+\S+){7}\s+(\d+)\s+(\d+)\s/m',
            $list,
            $images,
            PREG_SET_ORDER,
        );
        foreach ($images as [, $width, $height, $across, $down]) {
            $area =
                ((int) $width / max(1, (int) $across)) *
                ((int) $height / max(1, (int) $down)) *
                72 *
                72 *
                $page->userUnit ** 2;
            if ($area >= self::MOST_OF_A_PAGE * $page->size->width * $page->size->height) {
                return true;
            }
        }

        return false;
    }

    /**
     * What can be seen on a page that is nothing but a picture.
     *
     * @param  list<Blank>  $fields
     */
    private function seen(string $path, SourcePage $page, PageText $text, array $fields): Marks
    {
        $dots = min(self::SEEN_DPI, (72 * self::MOST_PIXELS) / max($page->size->width, $page->size->height));
        [$width, $height, $levels] = $this->grey($path, $page, $dots);

        return $width === 0
            ? new Marks($text->size, fields: $fields)
            : BitmapMarks::of(
                Bitmap::of($levels, $width, $height, $page->size->width / $width),
                $text->size,
                $fields,
                $text->lines,
            );
    }

    /**
     * The page in grey: its green, by which light is mostly measured. Drawn in colour, since poppler takes twice as
     * long to turn a picture grey by its colour profile.
     *
     * @return array{int, int, string} width, height, and a byte for each pixel
     */
    private function grey(string $path, SourcePage $page, float $dpi): array
    {
        $picture = LimitedProcess::run([
            'pdftoppm',
            '-cropbox',
            '-r',
            sprintf('%.4F', $dpi * $page->userUnit),
            '-f',
            (string) $page->number,
            '-l',
            (string) $page->number,
            $path,
        ])->getOutput();
        if (preg_match('/^P6\s+(\d+)\s+(\d+)\s+\d+\s/', $picture, $head) !== 1) {
            return [0, 0, ''];
        }
        [$width, $height] = [(int) $head[1], (int) $head[2]];
        $pixels = substr($picture, strlen($head[0]), 3 * $width * $height);
        // Some pixels at a time, which is many times as quick as one by one.
        $most = 3 * self::PIXELS_AT_ONCE;
        $pattern = '/'.str_repeat('.(.).', self::PIXELS_AT_ONCE).'/s';
        $green = implode('', array_map(fn (int $n): string => '${'.$n.'}', range(1, self::PIXELS_AT_ONCE)));
        $padded = $pixels.str_repeat("\0", ($most - (strlen($pixels) % $most)) % $most);

        return [$width, $height, substr((string) preg_replace($pattern, $green, $padded), 0, $width * $height)];
    }
}
