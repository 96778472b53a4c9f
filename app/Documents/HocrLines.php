<?php

declare(strict_types=1);

namespace App\Documents;

use DOMDocument;
use DOMElement;
use DOMXPath;
use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/**
 * What a reader of print has read: HTML with the place of each line and word in its title (hOCR 1.2; from memory).
 * What it doubts counts for nothing.
 */
final class HocrLines
{
    /** Of 100: below that its guesses are more often wrong than right. */
    public const SURE = 60;

    private const NUMBER = '/^(?:\d{1,2}|\(?(?:\d{1,3}|[A-Za-z])[a-h]?[.):]+|[[(]\d{1,2}[\])])$/';

    /**
     * How high and low a line is set, of what a capital, a figure or a letter that reaches up measures from its foot;
     * and how high that is where there is none, of a letter that does not (Liberation and Latin Modern lie about it).
     */
    private const ABOVE = 1.2;

    private const BELOW = 0.31;

    private const UP = 1.4;

    /** How high a bracket is of that, and how far it reaches down: where nothing else stands on a line, to its foot. */
    private const BRACKET = 1.35;

    private const UNDER = 0.3;

    /**
     * @param  int  $sureOfNumbers  of 100, how sure the reader must be of what looks like the number of a question
     * @return list<non-empty-list<Word>>
     */
    public static function of(string $hocr, int $sureOfNumbers = self::SURE): array
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
            $slope =
                preg_match('/baseline (-?[\d.]+) (-?[\d.]+)/', $said, $is) === 1
                    ? [(float) $is[1], (float) $is[2]]
                    : [0.0, 0.0];
            $box = self::box($said);
            $read = $heights = [];
            $brackets = 0;
            foreach ($paths->query('*[@class="ocrx_word"]', $line) ?: [] as $word) {
                assert($word instanceof DOMElement);
                $text = trim($word->textContent);
                [$left, $top, $right, $bottom] = self::box($word->getAttribute('title'));
                $sure = preg_match('/x_wconf (\d+)/', $word->getAttribute('title'), $is) === 1 ? (int) $is[1] : 0;
                $foot = $box[3] + $slope[1] + $slope[0] * ($left - $box[0]);
                $enough = preg_match(self::NUMBER, $text) === 1 ? $sureOfNumbers : self::SURE;
                if ($sure >= $enough && preg_match('/[\p{L}\p{N}]/u', $text) === 1 && $right > $left) {
                    $read[] = [$text, $left, $foot, $right];
                    $reaches = preg_match('/[\p{Lu}\p{N}\p{Lo}bdfhkl()]/u', $text) === 1;
                    // Where the line rises, the top of its box is that of its end.
                    $rise = max(0.0, -$slope[0]) * ($right - $left);
                    $heights[] = (min($foot, $bottom) - $top - $rise) * ($reaches ? 1 : self::UP);
                    $brackets += preg_match('/[()\[\]{}]/', $text);
                }
            }
            if ($read !== []) {
                // As high as its line is set, whatever its letters reach up or down to.
                sort($heights);
                $high = max(1.0, $heights[intdiv(count($heights) - 1, 2)]);
                $isDeep = $brackets === count($read) && -$slope[1] < self::UNDER / 2 * $high;
                $high /= $isDeep ? self::BRACKET : 1;
                $up = (self::ABOVE + ($isDeep ? self::UNDER : 0)) * $high;
                $lines[] = array_map(
                    fn (array $word): Word => new Word(
                        $word[0],
                        Frame::of(
                            $word[1],
                            $word[2] - $up,
                            $word[3] - $word[1],
                            (self::ABOVE + self::BELOW) * $high,
                        ),
                    ),
                    $read,
                );
            }
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
