<?php

declare(strict_types=1);

namespace Tests\Support;

use OpenSlate\Blanks\Bitmap;
use OpenSlate\Blanks\BitmapMarks;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Shade;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionBlanks;
use OpenSlate\Questions\QuestionFinder;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * A page of tests/blanks as the program read it from its PDF, so that the core is tried on it without the tools that
 * read PDFs. Written by tests/blanks/record.php; whether what is found on it is right, Reference\BlanksTest says.
 */
final class RecordedPage
{
    private const FOLDER = __DIR__.'/../blanks/recorded';

    private const DPI = 200;

    private const SEEN_DPI = 110;

    /** Pages of tests/blanks/classes that are kept as pictures, and how they are scanned: see Scanner. */
    public const SCANNED = [
        'bubbles' => ['open', 4, -3],
        'solids' => ['open', 15, 2],
        'dots' => ['open', 26, 0],
        'rounds' => ['open', 12, 2],
        'guides' => ['typeset-numbers', 2, -3],
        'bars' => ['styled-sheets', 1, 2],
        'faint' => ['styled-weather', 1, -3],
        'cells' => ['questions', 10, 0],
        'panels' => ['typeset-floating', 1, -3],
        'pointers' => ['plotted-limpet', 5, 2],
    ];

    /**
     * @param  list<list<mixed>>  $blanks  what is found on it, as said() says it
     * @param  array<string, list<list<mixed>>>  $asked  its questions and what hangs on them, as asked() says them
     */
    private function __construct(
        public readonly Marks $marks,
        public readonly array $blanks,
        public readonly array $asked,
    ) {
    }

    /** @return array<string, self> by sheet and number */
    public static function all(): array
    {
        $all = [];
        foreach (glob(self::FOLDER.'/*.json') ?: [] as $file) {
            foreach (json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR) as $at => $page) {
                $all[basename($file, '.json').' '.($at + 1)] = new self(
                    self::decode($page),
                    $page['blanks'],
                    $page['asked'],
                );
            }
        }

        return $all;
    }

    /**
     * What is seen on a scan: its blanks, and how it lies.
     *
     * @return array<string, mixed>
     */
    public static function seen(Bitmap $bitmap): array
    {
        $size = Size::of($bitmap->width * $bitmap->scale, $bitmap->height() * $bitmap->scale);
        $marks = BitmapMarks::of($bitmap, $size, []);

        return [
            'blanks' => array_map(self::said(...), BlankFinder::find($marks)),
            'rules' => count($marks->rules),
            'words' => array_map(fn (TextLine $line): array => self::frame($line->frame), $marks->lines),
            'drawings' => array_map(self::frame(...), $marks->drawings),
            'shades' => array_map(fn (Shade $shade): array => self::frame($shade->frame), $marks->shades),
            'rings' => array_map(self::frame(...), $marks->rings),
            'tilt' => round(rad2deg($marks->tilt), 2),
        ];
    }

    /** @return array<string, mixed> what is seen on a scan, as recorded */
    public static function recorded(string $name): array
    {
        $json = (string) file_get_contents(self::FOLDER."/scans/{$name}.json");

        return json_decode($json, true, flags: JSON_THROW_ON_ERROR);
    }

    /** A scan of one that is kept as a picture, in grey. */
    public static function scanned(string $name): Bitmap
    {
        $image = imagecreatefrompng(self::FOLDER."/scans/{$name}.png");
        assert($image !== false);
        imagepalettetotruecolor($image);
        $image = Scanner::scanned($image, self::SCANNED[$name][2], self::SCANNED[$name][1]);
        // As coarse as the program looks at pictures.
        $image = imagescale($image, (int) round((imagesx($image) * self::SEEN_DPI) / self::DPI));
        assert($image !== false);
        $levels = '';
        for ($y = 0; $y < imagesy($image); $y++) {
            for ($x = 0; $x < imagesx($image); $x++) {
                $levels .= chr((imagecolorat($image, $x, $y) >> 8) & 0xFF);
            }
        }

        return Bitmap::of($levels, imagesx($image), imagesy($image), 72 / self::SEEN_DPI);
    }

    /** A scan of one of them, in black and white. */
    public static function scan(string $name): Bitmap
    {
        $image = imagecreatefrompng(self::FOLDER."/scans/{$name}.png");
        assert($image !== false);
        [$width, $rows] = [imagesx($image), []];
        for ($y = 0; $y < imagesy($image); $y++) {
            $row = '';
            for ($x = 0; $x < $width; $x++) {
                $row .= imagecolorsforindex($image, (int) imagecolorat($image, $x, $y))['red'] < 128 ? '1' : '0';
            }
            $rows[] = $row;
        }

        return new Bitmap($rows, $width, 595.0 / $width);
    }

    /** @return list<mixed> kind, frame, pitch, count and label */
    public static function said(Blank $blank): array
    {
        $pitch = $blank->pitch === null ? null : round($blank->pitch, 1);

        return [$blank->kind->value, ...self::frame($blank->frame), $pitch, $blank->count, $blank->label];
    }

    /**
     * @return array<string, list<list<mixed>>> the questions of a page by itself, and the choices and rooms to answer
     *                                          in that are known by them
     */
    public static function asked(Marks $marks): array
    {
        $blanks = BlankFinder::find($marks);
        $questions = QuestionFinder::find($marks, $blanks);

        return [
            'questions' => array_map(
                fn (Question $one): array => [$one->number, ...self::frame($one->frame), $one->blanks, $one->of],
                $questions,
            ),
            'further' => array_map(
                self::said(...),
                array_slice(QuestionBlanks::of($marks, $blanks, $questions), count($blanks)),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function encode(Marks $marks): array
    {
        return [
            'size' => [$marks->size->width, $marks->size->height],
            'rules' => array_map(
                fn (Rule $rule): array => [
                    $rule->level,
                    round($rule->at, 2),
                    round($rule->from, 2),
                    round($rule->to, 2),
                    round($rule->weight, 2),
                    $rule->dashed,
                    $rule->typed,
                ],
                $marks->rules,
            ),
            'shades' => array_map(
                fn (Shade $shade): array => [...self::frame($shade->frame), round($shade->lightness, 3)],
                $marks->shades,
            ),
            'rings' => array_map(self::frame(...), $marks->rings),
            'drawings' => array_map(self::frame(...), $marks->drawings),
            'dots' => array_map(self::frame(...), $marks->dots),
            'lines' => array_map(
                fn (TextLine $line): array => [
                    $line->text,
                    self::frame($line->frame),
                    array_map(fn (Word $word): array => [$word->text, ...self::frame($word->frame)], $line->words),
                ],
                $marks->lines,
            ),
        ];
    }

    /** @param  array<string, mixed>  $page */
    public static function decode(array $page): Marks
    {
        $word = fn (array $word): Word => new Word((string) array_shift($word), Frame::of(...$word));

        return new Marks(
            size: Size::of(...$page['size']),
            rules: array_map(fn (array $rule): Rule => new Rule(...$rule), $page['rules']),
            shades: array_map(
                fn (array $shade): Shade => new Shade(Frame::of(...array_slice($shade, 0, 4)), $shade[4]),
                $page['shades'],
            ),
            rings: array_map(fn (array $ring): Frame => Frame::of(...$ring), $page['rings']),
            drawings: array_map(fn (array $drawing): Frame => Frame::of(...$drawing), $page['drawings']),
            lines: array_map(
                fn (array $line): TextLine => new TextLine(
                    $line[0],
                    Frame::of(...$line[1]),
                    array_map($word, $line[2]),
                ),
                $page['lines'],
            ),
            dots: array_map(fn (array $dot): Frame => Frame::of(...$dot), $page['dots']),
        );
    }

    /** @return array{float, float, float, float} */
    private static function frame(Frame $frame): array
    {
        return [round($frame->x, 2), round($frame->y, 2), round($frame->width, 2), round($frame->height, 2)];
    }
}
