<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\LimitedProcess;
use App\Documents\Pdf\PageMarks;
use App\Documents\Pdf\PageTexts;
use App\Documents\Pdf\PdfReader;
use App\Documents\PrintReader;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Tilt;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionBlanks;
use OpenSlate\Questions\QuestionFinder;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\MeasuredPage;
use Tests\Support\Scanner;
use Tests\TestCase;

/**
 * The questions of pages that Chromium laid out and measured (tests/blanks/questions.mjs), and of pages that pdfTeX and
 * a word processor made, read off by eye: number, region and blanks.
 * The pages of "held" were looked at only when the finder was done.
 *
 * @phpstan-import-type Truth from MeasuredPage
 *
 * @phpstan-type Asked array{number: string, x: float, y: float, width: float, height: float, blanks: list<int>}
 */
final class QuestionsTest extends TestCase
{
    /** What share of a region and of the one that is found must be common. */
    private const ALIKE = 0.85;

    /** @param  list<string>  $sets */
    #[DataProvider('files')]
    public function test_questions_are_known_by_number_region_and_blanks(array $sets, bool $again = false): void
    {
        $wrong = [];
        $all = 0;
        foreach ($sets as $set) {
            $path = $this->path($set, $again);
            $pages = app(PdfReader::class)->pages($path);
            $texts = app(PageTexts::class)->read($path, $pages);
            $marks = app(PageMarks::class)->read($path, $pages, $texts, range(1, count($pages)));
            foreach ($this->truth($set) as $at => $page) {
                $blanks = BlankFinder::find($marks[$at + 1]);
                $all += count($page['questions']);
                array_push($wrong, ...$this->wrong($page, QuestionFinder::find($marks[$at + 1], $blanks), $blanks));
            }
        }

        $this->assertGreaterThan(18, $all);
        $this->assertLessThanOrEqual(0.05 * $all, count($wrong), implode("\n", $wrong));
    }

    /** @return array<string, array{0: list<string>, 1?: bool}> */
    public static function files(): array
    {
        return [
            'by Chromium' => [['questions']],
            'by cairo' => [['questions'], true],
            'held back' => [['questions-held']],
            'by pdfTeX' => [['typeset-tides', 'typeset-light', 'typeset-numbers', 'typeset-floating', 'typeset-sea']],
            'by a style sheet' => [['styled-weather', 'styled-sheets']],
            'by a program and a slide show' => [['plotted-limpet', 'slides-crew']],
            'by a word processor' => [['written-rivers', 'written-letters', 'written-coast']],
        ];
    }

    public function test_choices_and_room_without_a_line_are_found_where_a_page_has_them_and_nowhere_else(): void
    {
        $rooms = $choices = [];
        $sets = [
            'typeset-rooms',
            'typeset-quiz',
            'typeset-tides',
            'typeset-light',
            'typeset-numbers',
            'typeset-floating',
        ];
        $others = ['written-rivers', 'written-letters', 'questions', 'open', 'styled-weather', 'plotted-limpet'];
        foreach ([...$sets, ...$others, 'slides-crew', 'styled-sheets'] as $set) {
            $path = $this->path($set, false);
            $pages = app(PdfReader::class)->pages($path);
            $texts = app(PageTexts::class)->read($path, $pages);
            foreach (app(PageMarks::class)->read($path, $pages, $texts, range(1, count($pages))) as $marks) {
                $blanks = BlankFinder::find($marks);
                $all = QuestionBlanks::further($marks, $blanks, QuestionFinder::find($marks, $blanks));
                foreach (array_slice($all, count($blanks)) as $one) {
                    if ($one->kind === BlankKind::Choice) {
                        $choices[] = implode(', ', $one->choices());
                    } else {
                        $rooms[] = $one->label;
                    }
                }
            }
        }

        $this->assertSame(
            [
                '1. Why did nobody thank the keeper?',
                '2. Describe the tower in your own words.',
                '5. What would you ask her?',
                '7. What is said of wind and/or rain?',
            ],
            $rooms,
        );
        $this->assertSame(
            [
                'a) a stone, b) a cork in a bottle of water, c) a key, d) a nail',
                'A. 4.8 m, B. 5.1 m, C. 5.3 m',
                'True, False',
                'True, False',
                'is, are',
                'go, goes',
                '06:15, 06:30, 06:45',
                'Yes, No',
                'millimetres, litres, grams',
                '4 °C, −3 °C, 0 °C',
                'T, F',
                'Yes, No, Not sure',
                'Yes, No, Not sure',
                'a plant, an animal',
                'seaweed, fish',
                'rock, sand',
                'dawn, dusk',
                'A, B, C, D',
                'A, B, C, D',
                'A, B, C, D',
            ],
            $choices,
        );
    }

    /**
     * @param  list<string>  $sets
     * @param  int  $every  page, so that it does not take minutes
     * @param  int  $more  how much more askew they lie, in steps of the scanner
     */
    #[DataProvider('scans')]
    public function test_they_are_known_on_scans_once_their_words_are_read(
        array $sets,
        int $every = 1,
        int $more = 0,
    ): void {
        $wrong = [];
        $all = 0;
        foreach ($sets as $set) {
            foreach ($this->truth($set) as $at => $truth) {
                if ($at % $every > 0) {
                    continue;
                }
                $steps = [2, -3, 0][($at + 1) % 3] + $more;
                $scan = Scanner::scan($this->path($set, false), $at + 1, $steps, $at + 1);
                $page = app(PdfReader::class)->pages($scan)[0];
                $texts = app(PageTexts::class)->read($scan, [$page]);
                $marks = app(PageMarks::class)->read($scan, [$page], $texts, [1])[1];
                $blanks = BlankFinder::find($marks);
                $marks = $marks->read(app(PrintReader::class)->read($scan, $page, 'eng', $marks));
                $blanks = BlankFinder::read($blanks, $marks);
                $all += count($truth['questions']);
                $questions = QuestionFinder::find($marks, $blanks);
                array_push($wrong, ...$this->wrong(self::turned($truth, $page->size, $steps), $questions, $blanks));
            }
        }

        $this->assertGreaterThan(20, $all);
        $this->assertLessThanOrEqual(0.15 * $all, count($wrong), implode("\n", $wrong));
    }

    /** @return array<string, array{0: list<string>, 1?: int, 2?: int}> */
    public static function scans(): array
    {
        return [
            'by Chromium' => [['questions'], 3],
            'held back, more askew' => [['questions-held'], 1, 8],
            'by a word processor' => [['written-coast', 'written-letters']],
            'by pdfTeX and a program' => [['typeset-light', 'plotted-limpet']],
        ];
    }

    /**
     * The same where a scanner has turned the page.
     *
     * @param  array{name: string, blanks: list<Truth>, questions: list<Asked>}  $page
     * @return array{name: string, blanks: list<Truth>, questions: list<Asked>}
     */
    private static function turned(array $page, Size $size, int $steps): array
    {
        $by = deg2rad(Scanner::degrees($steps));
        $turned = function (array $place) use ($by, $size): array {
            $frame = Frame::of($place['x'], $place['y'], $place['width'], $place['height']);
            $frame = Tilt::turned($frame, $by, [$size->width / 2, $size->height / 2]);

            return ['x' => $frame->x, 'y' => $frame->y] + $place;
        };

        return [
            'blanks' => array_map($turned, $page['blanks']),
            'questions' => array_map($turned, $page['questions']),
        ] + $page;
    }

    private function path(string $set, bool $again): string
    {
        $path = base_path("tests/blanks/classes/{$set}.pdf");
        if ($again) {
            $written = (string) tempnam(sys_get_temp_dir(), 'again');
            LimitedProcess::run(['pdftocairo', '-pdf', $path, $written]);

            return $written;
        }

        return $path;
    }

    /** @return list<array{name: string, blanks: list<Truth>, questions: list<Asked>}> */
    private function truth(string $set): array
    {
        return json_decode(
            (string) file_get_contents(base_path("tests/blanks/classes/{$set}.json")),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @param  array{name: string, blanks: list<Truth>, questions: list<Asked>}  $page
     * @param  array<int, Question>  $found
     * @param  list<Blank>  $blanks
     * @return list<string> what is not known as it is, and what is none
     */
    private function wrong(array $page, array $found, array $blanks): array
    {
        $wrong = [];
        foreach ($page['questions'] as $true) {
            $region = Frame::of($true['x'], $true['y'], $true['width'], $true['height']);
            // Parts of a page may count from the beginning each.
            $at = array_key_first(
                array_filter(
                    $found,
                    fn (Question $one): bool => $one->number === $true['number'] &&
                        MeasuredPage::overlap($region, $one->frame) >= self::ALIKE,
                ),
            );
            if ($at === null) {
                $wrong[] = "{$page['name']}: {$true['number']}, its region";

                continue;
            }
            $question = $found[$at];
            unset($found[$at]);
            $own = array_map(fn (int $at): array => $page['blanks'][$at], $true['blanks']);
            [$right, $missed] = (new MeasuredPage('', '', $own))->against(
                array_map(fn (int $at): Blank => $blanks[$at], $question->blanks),
            );
            if ($missed !== [] || count($right) !== count($question->blanks)) {
                $wrong[] = "{$page['name']}: {$true['number']}, its blanks";
            }
        }

        if (count($found) > count($wrong)) {
            $wrong[] = "{$page['name']}: there is no ".implode(', ', array_column($found, 'number'));
        }

        return $wrong;
    }
}
