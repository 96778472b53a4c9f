<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Rules;
use OpenSlate\Blanks\Shade;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

final class BlankFinderTest extends TestCase
{
    public function test_a_rule_beside_a_prompt_is_a_line_and_one_under_words_is_not(): void
    {
        $blanks = $this->find([$this->across(300, 120, 260)], [$this->words('Name', 72, 288)]);
        $this->assertEquals([[BlankKind::Line, 'Name']], $this->said($blanks));
        $this->assertEquals(
            [120.0, 300.0, 140.0],
            [$blanks[0]->frame->x, $blanks[0]->frame->bottom(), $blanks[0]->frame->width],
        );

        $this->assertSame(
            [],
            $this->find([$this->across(302, 72, 180)], [$this->words('A heading of its own', 72, 288)]),
        );
        $this->assertSame(
            [],
            $this->find([$this->across(294, 72, 180)], [$this->words('struck out by a line', 72, 288)]),
        );
    }

    public function test_rules_of_equal_pitch_are_lines_with_the_pitch(): void
    {
        $rules = array_map(fn (int $n): Rule => $this->across(300 + 25.5 * $n, 72, 540), range(0, 4));
        $blank = $this->find($rules, [$this->words('Why did the boat turn back?', 72, 250)])[0];
        $this->assertSame([BlankKind::Lines, 5, 25.5], [$blank->kind, $blank->count, $blank->pitch]);
        $this->assertEqualsWithDelta(300 + 4 * 25.5, $blank->frame->bottom(), 0.01);
        $this->assertSame('Why did the boat turn back?', $blank->label);

        // Numbers beside them part them, words between them as well.
        $numbers = array_map(fn (int $n): TextLine => $this->words($n.'.', 56, 288 + 25.5 * ($n - 1)), range(1, 5));
        $this->assertCount(
            5,
            $this->find(array_map(fn (Rule $rule): Rule => $this->across($rule->at, 80, 540), $rules), $numbers),
        );
        $this->assertSame(
            [],
            $this->find(
                [$this->across(300, 72, 540), $this->across(325, 72, 540)],
                [$this->words('A row of a list in words', 72, 306), $this->words('and the row above it', 72, 280)],
            ),
        );
    }

    public function test_what_rules_enclose_is_a_box_or_the_cells_of_a_table(): void
    {
        $box = $this->find($this->frame(100, 200, 300, 80), [$this->words('Draw it.', 100, 170)]);
        $this->assertEquals([[BlankKind::Box, 'Draw it.']], $this->said($box));
        $this->assertEqualsWithDelta(299, $box[0]->frame->width, 0.01);

        $table = [];
        foreach ([200, 230, 260] as $y) {
            $table[] = $this->across($y, 72, 372);
        }
        foreach ([72, 172, 272, 372] as $x) {
            $table[] = new Rule(false, $x, 200, 260, 1);
        }
        $words = [
            $this->words('Day', 80, 208),
            $this->words('High', 180, 208),
            $this->words('Low', 280, 208),
            $this->words('Monday', 80, 238),
        ];
        $this->assertEquals(
            [[BlankKind::Cell, 'Monday, High'], [BlankKind::Cell, 'Monday, Low']],
            $this->said($this->find($table, $words)),
        );
        $this->assertCount(1, $this->find($table, [...$words, $this->words('1.1', 290, 238)]), 'a filled cell is none');
        $this->assertCount(
            1,
            $this->find($table, $words, [new Shade(Frame::of(172, 230, 100, 30), 0.85)]),
            'a shaded one heads something',
        );
    }

    public function test_small_squares_with_words_beside_them_are_to_be_ticked(): void
    {
        $rules = [...$this->frame(72, 200, 11, 11), ...$this->frame(172, 200, 11, 11)];
        $this->assertEquals(
            [[BlankKind::Tick, 'rising'], [BlankKind::Tick, 'falling']],
            $this->said($this->find($rules, [$this->words('rising', 88, 199), $this->words('falling', 188, 199)])),
        );
        $this->assertEquals(
            [[BlankKind::Tick, 'a bell']],
            $this->said(
                $this->find(
                    [],
                    [
                        new TextLine('☐ a bell', Frame::of(72, 300, 60, 12), [
                            new Word('☐', Frame::of(72, 300, 10, 12)),
                            new Word('a', Frame::of(86, 300, 6, 12)),
                            new Word('bell', Frame::of(96, 300, 20, 12)),
                        ]),
                    ],
                ),
            ),
        );
    }

    public function test_graph_paper_charts_axes_and_cut_lines_are_none(): void
    {
        $graph = [];
        for ($n = 0; $n <= 14; $n++) {
            $graph[] = $this->across(200 + 17 * $n, 72, 310);
            $graph[] = new Rule(false, 72 + 17 * $n, 200, 438, 0.5);
        }
        $this->assertSame([], $this->find($graph, []));
        $this->assertSame([], $this->find([$this->across(400, 72, 372), new Rule(false, 72, 200, 400, 1)], []));
        $this->assertSame([], $this->find([new Rule(true, 400, 20, 590, 1, true)], []));
        $this->assertSame([], BlankFinder::find(new Marks(Size::of(612, 792))));
    }

    public function test_underscores_in_words_are_gaps_and_leaders_of_contents_are_not(): void
    {
        $line = $this->words('The ________ sails at ____ today.', 72, 300);
        $found = $this->find([], [$line]);
        $this->assertSame(
            [BlankKind::Gap, BlankKind::Gap],
            array_map(fn (Blank $blank): BlankKind => $blank->kind, $found),
        );
        $this->assertEqualsWithDelta($line->words[1]->frame->x, $found[0]->frame->x, 0.01);
        $this->assertSame('The', $found[0]->label);

        $contents = array_map(
            fn (int $n): TextLine => $this->words("Chapter {$n} .................... ". 3 * $n, 72, 200 + 20 * $n),
            [1, 2, 3],
        );
        $this->assertSame([], $this->find([], $contents));
    }

    public function test_runs_that_touch_are_one_gap_and_long_ones_with_a_space_between_are_two(): void
    {
        $gaps = function (float $width, float $between): int {
            $words = [
                new Word('Tides', Frame::of(72, 300, 30, 14)),
                new Word('___', Frame::of(110, 300, $width, 14)),
                new Word('___', Frame::of(110 + $width + $between, 300, $width, 14)),
                new Word('turn.', Frame::of(300, 300, 30, 14)),
            ];

            return count($this->find([], [TextLine::of(...$words)]));
        };

        $this->assertSame([1, 1, 2], array_map(fn (float $room): int => $gaps(60, $room), [0.0, 1.5, 4.0]));
        $this->assertSame([1, 1, 2], array_map(fn (float $room): int => $gaps(20, $room), [0.0, 4.0, 9.0]));
    }

    public function test_dots_with_spaces_between_them_are_a_gap_from_four_on(): void
    {
        $gaps = fn (int $count): int => count(
            $this->find([], [$this->words('The boat '.str_repeat('. ', $count).'sails.', 72, 300)]),
        );

        $this->assertSame([0, 1, 1], array_map($gaps, [3, 4, 9]));
    }

    public function test_a_rule_just_below_words_underlines_them_and_one_further_down_is_written_on(): void
    {
        $found = fn (float $below): int => count(
            $this->find([$this->across(302 + $below, 72, 200)], [$this->words('How the harbour works', 72, 288)]),
        );

        $this->assertSame([0, 0, 1], array_map($found, [1.0, 4.0, 12.0]));
    }

    public function test_pieces_become_the_rules_they_were_drawn_for(): void
    {
        $cells = array_map(fn (int $n): Rule => $this->across(200, 72 + 50 * $n, 122.5 + 50 * $n), [2, 0, 1]);
        $this->assertEquals(
            [[72.0, 222.5, false]],
            array_map(fn (Rule $rule): array => [$rule->from, $rule->to, $rule->dashed], Rules::merged($cells)),
        );
        $dots = array_map(fn (int $n): Rule => $this->across(300, 72 + 4 * $n, 73 + 4 * $n), range(0, 40));
        $this->assertEquals(
            [[72.0, 233.0, true]],
            array_map(fn (Rule $rule): array => [$rule->from, $rule->to, $rule->dashed], Rules::merged($dots)),
        );
        $apart = [$this->across(200, 72, 200), $this->across(200, 240, 300), $this->across(201.5, 72, 200)];
        $this->assertCount(3, Rules::merged($apart));
    }

    public function test_form_fields_win_over_what_is_printed_in_their_place(): void
    {
        $field = new Blank(BlankKind::Field, Frame::of(120, 284, 140, 17), 1.0, label: 'Your name');
        $found = BlankFinder::find(
            new Marks(
                Size::of(612, 792),
                [$this->across(300, 120, 260)],
                lines: [$this->words('Name', 72, 288)],
                fields: [$field],
            ),
        );
        $this->assertEquals([[BlankKind::Field, 'Your name']], $this->said($found));
    }

    /**
     * @param  list<Rule>  $rules
     * @param  list<TextLine>  $lines
     * @param  list<Shade>  $shades
     * @return list<Blank>
     */
    private function find(array $rules, array $lines, array $shades = []): array
    {
        return BlankFinder::find(new Marks(Size::of(612, 792), $rules, $shades, lines: $lines));
    }

    /**
     * @param  list<Blank>  $blanks
     * @return list<array{BlankKind, string}>
     */
    private function said(array $blanks): array
    {
        return array_map(fn (Blank $blank): array => [$blank->kind, $blank->label], $blanks);
    }

    private function across(float $y, float $from, float $to): Rule
    {
        return new Rule(true, $y, $from, $to, 1);
    }

    /** @return list<Rule> */
    private function frame(float $x, float $y, float $width, float $height): array
    {
        return [
            $this->across($y, $x, $x + $width),
            $this->across($y + $height, $x, $x + $width),
            new Rule(false, $x, $y, $y + $height, 1),
            new Rule(false, $x + $width, $y, $y + $height, 1),
        ];
    }

    /** A line of words, six points for each letter. */
    private function words(string $text, float $x, float $y): TextLine
    {
        $words = [];
        $at = $x;
        foreach (explode(' ', $text) as $word) {
            $words[] = new Word($word, Frame::of($at, $y, 6 * mb_strlen($word), 14));
            $at += 6 * (mb_strlen($word) + 1);
        }

        return new TextLine($text, Frame::of($x, $y, 6 * mb_strlen($text), 14), $words);
    }

    public function test_once_its_words_are_read_a_scan_has_lines_and_boxes_of_which_only_they_tell(): void
    {
        $sheet = (new PrintedSheet())->across(300, 72, 500);
        $seen = BlankFinder::find($sheet->words('At what time may a boat come in?', 72, 270)->marks(true));
        $this->assertSame([], $seen, 'it may part what is above from what is below');
        $read = BlankFinder::read($seen, $sheet->marks());
        $this->assertSame(['At what time may a boat come in?'], array_column($read, 'label'));

        // What was seen stays as it is, and is told what it asks.
        $beside = (new PrintedSheet())->words('Name', 72, 288)->across(300, 110, 300);
        $seen = BlankFinder::find($beside->marks(true));
        $this->assertSame([''], array_column($seen, 'label'));
        $read = BlankFinder::read($seen, $beside->marks());
        $this->assertSame(['Name'], array_column($read, 'label'));
        $this->assertSame($seen[0]->frame, $read[0]->frame);
        $this->assertEquals($seen, BlankFinder::read($seen, new Marks(Size::of(600, 800), $beside->marks()->rules)));

        // What comes to it stands behind: what was seen may have been refused by its place.
        $both = (new PrintedSheet())->across(300, 72, 500)->words('Name', 72, 488)->across(500, 110, 300);
        $seen = BlankFinder::find($both->words('At what time may a boat come in?', 72, 270)->marks(true));
        $read = BlankFinder::read($seen, $both->marks());
        $this->assertSame(['Name', 'At what time may a boat come in?'], array_column($read, 'label'));
    }

    public function test_once_its_words_are_read_lines_with_a_letter_each_are_an_answer_each(): void
    {
        $sheet = new PrintedSheet();
        foreach ([200, 230, 260] as $y) {
            $sheet->across($y, 400, 500);
        }
        $seen = BlankFinder::find($sheet->marks(true));
        $this->assertSame([BlankKind::Lines], array_column($seen, 'kind'));
        $this->assertSame([BlankKind::Lines], array_column(BlankFinder::read($seen, $sheet->marks()), 'kind'));
        foreach (['a)', 'b)', 'c)'] as $row => $letter) {
            $sheet->words($letter, 72, 190 + 30 * $row);
        }
        $this->assertSame(
            [BlankKind::Line, BlankKind::Line, BlankKind::Line],
            array_column(BlankFinder::read($seen, $sheet->marks()), 'kind'),
        );
    }
}
