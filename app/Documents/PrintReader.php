<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Tilt;
use OpenSlate\Blanks\UnreadInk;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Scan\CropSheet;
use OpenSlate\Scan\GreyPicture;
use OpenSlate\Scan\PanelPrint;
use OpenSlate\Text\Misread;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use Symfony\Component\Process\ExecutableFinder;

/**
 * Reads the words in a picture of a page, with tesseract, one page at a time and on one core. What it doubts counts for
 * nothing: a word that is not there is missed, a wrong one misleads.
 */
final class PrintReader
{
    private const PROGRAM = 'tesseract';

    /** How it looks at a picture: as a page with whatever it finds, or as lines below each other. */
    private const WHOLE_PAGE = '3';

    private const ONE_BLOCK = '6';

    /** So that letters of nine points are twenty-five dots high, which it reads well. */
    private const DPI = 200.0;

    private const LONGEST = 4000;

    /** Of 100, how sure it must be of the number of a question that stands alone: little looks like one. */
    private const SURE_OF_NUMBER = 35;

    /** Words so near to each other, of their height, are on one line. */
    private const ONE_LINE = 1.2;

    /** A page that lies less askew, in radians, is read as well as it is: what is turned loses some of its edges. */
    private const ASKEW = 0.015;

    /** A grey picture (Netpbm's PGM, of bytes; from memory): what stands before its pixels, with remarks. */
    private const PGM = '/^P5\s+(?:#[^\n]*\n\s*)*(\d+)\s+(\d+)\s+255\s/';

    /** What is left over is read with as much room around it, in points. */
    private const ROOM = 1.5;

    /** What it calls languages (ISO 639-2), by their tags (BCP 47). */
    private const LANGUAGES = [
        'ar' => 'ara',
        'bg' => 'bul',
        'bn' => 'ben',
        'ca' => 'cat',
        'cs' => 'ces',
        'cy' => 'cym',
        'da' => 'dan',
        'de' => 'deu',
        'el' => 'ell',
        'en' => 'eng',
        'es' => 'spa',
        'et' => 'est',
        'eu' => 'eus',
        'fa' => 'fas',
        'fi' => 'fin',
        'fr' => 'fra',
        'ga' => 'gle',
        'gd' => 'gla',
        'gl' => 'glg',
        'he' => 'heb',
        'hi' => 'hin',
        'hr' => 'hrv',
        'hu' => 'hun',
        'is' => 'isl',
        'it' => 'ita',
        'ja' => 'jpn',
        'ko' => 'kor',
        'lt' => 'lit',
        'lv' => 'lav',
        'mt' => 'mlt',
        'nl' => 'nld',
        'no' => 'nor',
        'pl' => 'pol',
        'pt' => 'por',
        'ro' => 'ron',
        'ru' => 'rus',
        'sk' => 'slk',
        'sl' => 'slv',
        'sq' => 'sqi',
        'sr' => 'srp',
        'sv' => 'swe',
        'th' => 'tha',
        'tr' => 'tur',
        'uk' => 'ukr',
        'ur' => 'urd',
        'vi' => 'vie',
        'zh' => 'chi_sim',
    ];

    /** @var list<string>|null */
    private ?array $installed = null;

    public static function isThere(): bool
    {
        return (new ExecutableFinder())->find(self::PROGRAM) !== null;
    }

    /**
     * @param  string  $path  of a PDF
     * @param  string  $language  in which it may be, as a language tag (BCP 47)
     * @param  Marks  $marks  what can be seen on the page
     * @return list<TextLine> with their words, in the order of reading
     *
     * @throws FileRefused when a limit is reached
     */
    public function read(string $path, SourcePage $page, string $language, Marks $marks): array
    {
        $languages = self::isThere() ? $this->languages($language) : '';
        if ($languages === '') {
            return [];
        }
        $dpi = min(self::DPI, (self::LONGEST * 72) / max($page->size->width, $page->size->height));
        $number = (string) $page->number;
        // From one to the other: a picture is nothing to keep.
        $picture = LimitedProcess::run([
            'pdftoppm',
            '-cropbox',
            '-gray',
            '-r',
            sprintf('%.3F', $dpi * $page->userUnit),
            '-f',
            $number,
            '-l',
            $number,
            $path,
        ])->getOutput();
        [$picture, $tilt] = self::upright($picture, $marks->tilt);
        $lines = array_map(
            fn (array $words): TextLine => TextLine::of(...self::scaled($words, 72 / $dpi)),
            $this->said(self::onPaper($picture, $dpi), self::WHOLE_PAGE, $languages, $dpi),
        );
        $lines = $this->withRest($lines, UnreadInk::of($marks, $lines, $tilt), $picture, $languages, $dpi);

        return Tilt::lying($lines, $tilt, [$page->size->width / 2, $page->size->height / 2]);
    }

    /**
     * A picture turned about its middle by as much as it lies askew: rows of print that rise are read worse, and seem
     * higher than they are.
     *
     * @param  string  $picture  as a PGM
     * @param  float  $tilt  clockwise in radians
     * @return array{string, float} and by how much it was
     */
    private static function upright(string $picture, float $tilt): array
    {
        if (abs($tilt) < self::ASKEW || preg_match(self::PGM, $picture, $head) !== 1) {
            return [$picture, 0.0];
        }
        [$width, $height] = [(int) $head[1], (int) $head[2]];
        [$x, $y, $cos, $sin] = [$width / 2, $height / 2, cos($tilt), sin($tilt)];
        $process = LimitedProcess::of([
            'vips',
            'affine',
            'stdin',
            '.pgm',
            sprintf('%.8F %.8F %.8F %.8F', $cos, $sin, -$sin, $cos),
            '--oarea',
            "0 0 {$width} {$height}",
            '--odx',
            sprintf('%.4F', $x - $cos * $x - $sin * $y),
            '--ody',
            sprintf('%.4F', $y + $sin * $x - $cos * $y),
            '--background',
            '255',
            '--interpolate',
            'bicubic',
        ]);
        $process->setInput($picture)->run();

        return $process->isSuccessful() && preg_match(self::PGM, $process->getOutput()) === 1
            ? [$process->getOutput(), $tilt]
            : [$picture, 0.0];
    }

    /** @param  string  $picture  as a PGM */
    private static function onPaper(string $picture, float $dpi): string
    {
        $grey = self::grey($picture);

        return $grey === null ? $picture : self::pgm(PanelPrint::onPaper($grey, $dpi));
    }

    private static function grey(string $pgm): ?GreyPicture
    {
        return preg_match(self::PGM, $pgm, $head) === 1
            ? new GreyPicture(substr($pgm, strlen($head[0])), (int) $head[1], (int) $head[2])
            : null;
    }

    private static function pgm(GreyPicture $grey): string
    {
        return "P5\n{$grey->width} {$grey->height}\n255\n{$grey->levels}";
    }

    /**
     * The same with what was left over and is read by itself.
     *
     * @param  list<TextLine>  $lines
     * @param  list<Frame>  $unread  in points
     * @param  string  $picture  as a PGM
     * @return list<TextLine>
     */
    private function withRest(array $lines, array $unread, string $picture, string $languages, float $dpi): array
    {
        $grey = $unread === [] ? null : self::grey($picture);
        if ($grey === null) {
            return $lines;
        }
        $sheet = CropSheet::of(
            $grey,
            array_map(
                fn (Frame $one): Frame => Frame::around([
                    $one->moved(-self::ROOM, -self::ROOM),
                    $one->moved(self::ROOM, self::ROOM),
                ])->scaled($dpi / 72),
                $unread,
            ),
        );
        if ($sheet->isEmpty()) {
            return $lines;
        }
        $pgm = self::pgm($sheet->picture);
        foreach ($this->said($pgm, self::ONE_BLOCK, $languages, $dpi, self::SURE_OF_NUMBER) as $words) {
            $placed = [];
            foreach ($words as $word) {
                $frame = $sheet->place($word->frame);
                $text = count($words) === 1 ? Misread::alone($word->text) : $word->text;
                $frame === null || ($placed[] = new Word($text, $frame));
            }
            $placed === [] || ($lines = self::inserted($lines, TextLine::of(...self::scaled($placed, 72 / $dpi))));
        }

        return $lines;
    }

    /**
     * Into the line that it is part of, or before the line on its row that stands behind it, or before what is below.
     *
     * @param  list<TextLine>  $lines
     * @return list<TextLine>
     */
    private static function inserted(array $lines, TextLine $new): array
    {
        $place = count($lines);
        foreach ($lines as $at => $line) {
            $isOnRow =
                $line->frame->y < $new->frame->middle() &&
                $line->frame->bottom() > $new->frame->middle();
            $room = max($line->frame->x - $new->frame->right(), $new->frame->x - $line->frame->right());
            if ($isOnRow && $room <= self::ONE_LINE * $new->frame->height) {
                $words = [...$line->words, ...$new->words];
                // Which way it is read is what those said that were read first.
                $way = $line->words[0]->frame->x <= $line->words[count($line->words) - 1]->frame->x ? 1 : -1;
                usort($words, fn (Word $a, Word $b): int => $way * ($a->frame->x <=> $b->frame->x));
                $lines[$at] = TextLine::of(...$words);

                return $lines;
            }
            if (($isOnRow && $line->frame->x > $new->frame->x) || $line->frame->y >= $new->frame->bottom()) {
                $place = min($place, $at);
            }
        }
        array_splice($lines, $place, 0, [$new]);

        return $lines;
    }

    /**
     * @param  non-empty-list<Word>  $words
     * @return non-empty-list<Word>
     */
    private static function scaled(array $words, float $scale): array
    {
        return array_map(fn (Word $word): Word => new Word($word->text, $word->frame->scaled($scale)), $words);
    }

    /**
     * @param  string  $picture  in a format that it takes, such as PGM
     * @param  int  $sureOfNumbers  see HocrLines
     * @return list<non-empty-list<Word>> line by line, in pixels
     */
    private function said(
        string $picture,
        string $layout,
        string $languages,
        float $dpi,
        int $sureOfNumbers = HocrLines::SURE,
    ): array {
        $process = LimitedProcess::of(
            [
                self::PROGRAM,
                'stdin',
                'stdout',
                '--psm',
                $layout,
                '--dpi',
                (string) (int) round($dpi),
                '-l',
                $languages,
                // By the light around each dot (Sauvola): where a scan darkens to one side, all there is lost else.
                '-c',
                'thresholding_method=2',
                'hocr',
            ],
            environment: ['OMP_THREAD_LIMIT' => '1'],
        );
        $process->setInput($picture)->run();

        return $process->isSuccessful() ? HocrLines::of($process->getOutput(), $sureOfNumbers) : [];
    }

    /** @return string as it wants them: "cym+eng"; empty where none is installed */
    private function languages(string $language): string
    {
        if ($this->installed === null) {
            $said = LimitedProcess::run([self::PROGRAM, '--list-langs'])->getOutput();
            preg_match_all('/^[a-z]{3}(?:_[a-z]+)?$/m', $said, $found);
            $this->installed = $found[0];
        }
        $wanted = [self::LANGUAGES[strtolower(explode('-', $language)[0])] ?? '', 'eng'];

        return implode('+', array_unique(array_intersect($wanted, $this->installed)));
    }
}
