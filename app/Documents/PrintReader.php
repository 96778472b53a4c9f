<?php

declare(strict_types=1);

namespace App\Documents;

use DOMDocument;
use DOMElement;
use DOMXPath;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\SourcePage;
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

    /** So that letters of nine points are twenty-five dots high, which it reads well. */
    private const DPI = 200.0;

    private const LONGEST = 4000;

    /** Of 100: below that its guesses are more often wrong than right. */
    private const SURE = 60;

    /** Of the height of a line, above what its letters stand on. */
    private const ABOVE = 0.8;

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
     * @return list<TextLine> with their words, in the order of reading
     *
     * @throws FileRefused when a limit is reached
     */
    public function read(string $path, SourcePage $page, string $language): array
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
        $process = LimitedProcess::of(
            [
                self::PROGRAM,
                'stdin',
                'stdout',
                '--psm',
                '3',
                '--dpi',
                (string) (int) round($dpi),
                '-l',
                $languages,
                'hocr',
            ],
            environment: ['OMP_THREAD_LIMIT' => '1'],
        );
        $process->setInput($picture)->run();

        return $process->isSuccessful() ? $this->lines($process->getOutput(), 72 / $dpi) : [];
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

    /**
     * @param  string  $hocr  what it says: HTML with the place of each line and word in its title (hOCR 1.2; from
     *                        memory)
     * @param  float  $scale  points to a pixel
     * @return list<TextLine>
     */
    private function lines(string $hocr, float $scale): array
    {
        $document = new DOMDocument();
        if ($hocr === '' || ! @$document->loadXML($hocr, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING)) {
            return [];
        }
        $paths = new DOMXPath($document);
        $lines = [];
        // Lines, and what it calls heads, captions and text that floats.
        foreach ($paths->query('//*[local-name()="span" and *[@class="ocrx_word"]]') ?: [] as $line) {
            assert($line instanceof DOMElement);
            $said = $line->getAttribute('title');
            $height = preg_match('/x_size ([\d.]+)/', $said, $is) === 1 ? (float) $is[1] : 0.0;
            $slope =
                preg_match('/baseline (-?[\d.]+) (-?[\d.]+)/', $said, $is) === 1
                    ? [(float) $is[1], (float) $is[2]]
                    : [0, 0];
            $box = self::box($said);
            $words = [];
            foreach ($paths->query('*[@class="ocrx_word"]', $line) ?: [] as $word) {
                assert($word instanceof DOMElement);
                $text = trim($word->textContent);
                [$left, $top, $right, $bottom] = self::box($word->getAttribute('title'));
                $sure = preg_match('/x_wconf (\d+)/', $word->getAttribute('title'), $is) === 1 ? (int) $is[1] : 0;
                if ($sure < self::SURE || preg_match('/[\p{L}\p{N}]/u', $text) !== 1 || $right <= $left) {
                    continue;
                }
                // As high as its line is set, whatever its letters reach up or down to.
                $foot = $box[3] + $slope[1] + $slope[0] * ($left - $box[0]);
                $high = $height > 0 ? $height : (float) ($bottom - $top);
                $words[] = new Word(
                    $text,
                    Frame::of(
                        $left * $scale,
                        ($foot - self::ABOVE * $high) * $scale,
                        ($right - $left) * $scale,
                        $high * $scale,
                    ),
                );
            }
            $words === [] || ($lines[] = TextLine::of(...$words));
        }

        return $lines;
    }

    /** @return array{int, int, int, int} left, top, right and bottom, in pixels */
    private static function box(string $title): array
    {
        preg_match('/bbox (\d+) (\d+) (\d+) (\d+)/', $title, $is);

        return [(int) ($is[1] ?? 0), (int) ($is[2] ?? 0), (int) ($is[3] ?? 0), (int) ($is[4] ?? 0)];
    }
}
