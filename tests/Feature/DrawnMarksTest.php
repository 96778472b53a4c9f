<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\Pdf\DrawnMarks;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Rules;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is drawn, told apart from SVG as cairo writes it (SVG 1.1: clip-path, fill-rule). */
final class DrawnMarksTest extends TestCase
{
    private const PAGE = 'M 0 0 L 600 0 L 600 800 L 0 800 Z M 0 0';

    /** Two rectangles within each other, and a small one beside. */
    private const OUTER = 'M 100 100 L 300 100 L 300 200 L 100 200 Z M 100 100';

    private const INNER = 'M 101 101 L 299 101 L 299 199 L 101 199 Z M 101 101';

    private const INNER_THE_OTHER_WAY = 'M 101 101 L 101 199 L 299 199 L 299 101 Z M 101 101';

    public function test_what_a_clip_leaves_of_a_page_filled_is_that_clip(): void
    {
        $clip = 'M 100 100 L 300 100 L 300 200 L 100 200 Z';
        $marks = $this->marks($this->clipped([$clip], $this->fill(self::PAGE, 90)));

        $this->assertEquals([Frame::of(100, 100, 200, 100)], array_column($marks->shades, 'frame'));
        $this->assertEqualsWithDelta(0.9, $marks->shades[0]->lightness, 0.001);
    }

    public function test_clips_within_each_other_leave_what_both_do_and_nothing_where_they_do_not_meet(): void
    {
        $left = 'M 100 100 L 300 100 L 300 200 L 100 200 Z';
        $lower = 'M 200 150 L 400 150 L 400 400 L 200 400 Z';
        $far = 'M 500 500 L 550 500 L 550 550 L 500 550 Z';

        $both = $this->marks($this->clipped([$left, $lower], $this->fill(self::PAGE, 90)));
        $this->assertEquals([Frame::of(200, 150, 100, 50)], array_column($both->shades, 'frame'));
        $none = $this->marks($this->clipped([$left, $far], $this->fill(self::PAGE, 90).$this->stroke(self::OUTER)));
        $this->assertSame([[], [], []], [$none->shades, $none->rules, $none->drawings]);
    }

    public function test_a_clip_ends_with_its_group(): void
    {
        $clipped = $this->clipped(['M 100 100 L 300 100 L 300 200 L 100 200 Z'], $this->fill(self::PAGE, 90));
        $marks = $this->marks($clipped.$this->fill('M 400 400 L 500 400 L 500 500 L 400 500 Z', 80));

        $this->assertEquals(
            [Frame::of(100, 100, 200, 100), Frame::of(400, 400, 100, 100)],
            array_column($marks->shades, 'frame'),
        );
    }

    /** @return array<string, array{string, string, int, int}> paths, how they are filled, rules and areas of them */
    public static function frames(): array
    {
        return [
            'left out by the even-odd rule' => [self::OUTER.' '.self::INNER, 'evenodd', 4, 0],
            'in whatever order' => [self::INNER.' '.self::OUTER, 'evenodd', 4, 0],
            'left out since drawn the other way' => [self::OUTER.' '.self::INNER_THE_OTHER_WAY, 'nonzero', 4, 0],
            'not left out' => [self::OUTER.' '.self::INNER, 'nonzero', 0, 2],
            'of one side alone' => [
                self::OUTER.' M 100 100 L 300 100 L 300 199 L 100 199 Z M 100 100',
                'evenodd',
                1,
                0,
            ],
            'too thick for an edge' => [
                self::OUTER.' M 140 140 L 260 140 L 260 160 L 140 160 Z M 140 140',
                'evenodd',
                0,
                2,
            ],
        ];
    }

    #[DataProvider('frames')]
    public function test_what_is_filled_between_two_rectangles_is_an_edge(
        string $path,
        string $rule,
        int $rules,
        int $areas,
    ): void {
        $marks = $this->marks($this->fill($path, 0, $rule));

        $this->assertSame([$rules, $areas], [count($marks->rules), count($marks->shades)]);
    }

    public function test_an_edge_lies_in_the_middle_of_what_is_filled_and_is_as_thick(): void
    {
        $rules = $this->marks($this->fill(self::OUTER.' '.self::INNER, 0, 'evenodd'))->rules;

        $this->assertEquals(new Rule(true, 100.5, 100, 300, 1.0), $rules[0]);
        $this->assertEquals(new Rule(false, 299.5, 100, 200, 1.0), $rules[3]);
        $white = $this->marks($this->fill(self::OUTER.' '.self::INNER, 100, 'evenodd'));
        $this->assertSame([], $white->rules);
    }

    public function test_of_a_box_behind_a_clip_the_side_is_there_that_it_shows(): void
    {
        $marks = $this->marks($this->clipped(['M 90 190 L 250 190 L 250 210 L 90 210 Z'], $this->stroke(self::OUTER)));
        $level = array_values(array_filter($marks->rules, fn (Rule $rule): bool => $rule->level));

        $this->assertCount(1, $level);
        $this->assertEqualsWithDelta([200, 100, 250], [$level[0]->at, $level[0]->from, $level[0]->to], 0.01);
    }

    public function test_dashes_that_a_line_is_cut_into_make_it_a_dashed_one(): void
    {
        $dashes = implode(' ', array_map(
            fn (int $x): string => sprintf('M %d 100 L %d 100 L %d 101 L %d 101 Z', $x, $x + 3, $x + 3, $x),
            range(100, 196, 6),
        ));
        $line = 'M 100 101 L 200 101 Z M 100 100 L 200 100 L 200 101 L 100 101 Z M 100 100';
        $rules = Rules::merged($this->marks($this->clipped([$dashes], $this->fill($line, 0, 'evenodd')))->rules);

        $this->assertCount(1, $rules);
        $this->assertTrue($rules[0]->dashed);
        $this->assertEqualsWithDelta([100.5, 100, 199], [$rules[0]->at, $rules[0]->from, $rules[0]->to], 0.01);
    }

    public function test_a_picture_is_as_large_as_its_clip_shows(): void
    {
        $picture = '<image id="i" width="100" height="100" xlink:href="data:,"/>';
        $use = '<use xlink:href="#i" transform="matrix(2,0,0,2,100,100)"/>';
        $marks = $this->marks($picture.$this->clipped(['M 100 100 L 180 100 L 180 250 L 100 250 Z'], $use));

        $this->assertEquals([Frame::of(100, 100, 80, 150)], $marks->drawings);
    }

    public function test_a_round_that_is_filled_between_two_circles_is_a_ring(): void
    {
        $circle = fn (float $r): string => sprintf(
            'M %1$F 100 C %1$F %2$F %3$F %4$F 100 %4$F C %5$F %4$F %6$F %2$F %6$F 100 C %6$F %7$F %5$F %8$F 100 %8$F '.
                'C %3$F %8$F %1$F %7$F %1$F 100 Z M %1$F 100',
            100 + $r,
            100 + 0.55 * $r,
            100 + 0.55 * $r,
            100 + $r,
            100 - 0.55 * $r,
            100 - $r,
            100 - 0.55 * $r,
            100 - $r,
        );
        foreach ([[10, 9], [9, 10]] as [$first, $second]) {
            $marks = $this->marks($this->fill($circle($first).' '.$circle($second), 0, 'evenodd'));

            $this->assertEquals([Frame::of(90, 90, 20, 20)], $marks->rings);
            $this->assertSame([], $marks->drawings);
        }
    }

    public function test_a_bubble_has_room_in_its_body_and_a_box_is_no_bubble(): void
    {
        $bubble = 'M 100 100 L 300 100 L 300 200 L 180 200 L 150 240 L 150 200 L 100 200 Z M 100 100';
        $marks = $this->marks($this->stroke($bubble).$this->stroke(self::OUTER));

        $this->assertCount(1, $marks->outlines);
        $room = $marks->outlines[0];
        $this->assertTrue(Frame::of(100, 100, 200, 100)->contains($room));
        $this->assertGreaterThan(0.9 * 200 * 100, $room->width * $room->height);
    }

    private function marks(string $drawn): Marks
    {
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink">'."{$drawn}</svg>";

        return DrawnMarks::of($svg, 1.0, new PageText(1, Size::of(600, 800), []), []);
    }

    private function fill(string $path, int $percent, string $rule = 'nonzero'): string
    {
        $style = "stroke:none;fill-rule:{$rule};fill:rgb({$percent}%,{$percent}%,{$percent}%);fill-opacity:1;";

        return "<path style=\"{$style}\" d=\"{$path}\"/>";
    }

    private function stroke(string $path): string
    {
        return "<path style=\"fill:none;stroke-width:1;stroke:rgb(0%,0%,0%);stroke-opacity:1;\" d=\"{$path}\"/>";
    }

    /** @param  non-empty-list<string>  $clips  from the outermost */
    private function clipped(array $clips, string $drawn): string
    {
        $defined = '';
        foreach (array_reverse($clips, true) as $at => $clip) {
            $defined .= "<clipPath id=\"c{$at}\"><path d=\"{$clip}\"/></clipPath>";
            $drawn = "<g clip-path=\"url(#c{$at})\" clip-rule=\"nonzero\">{$drawn}</g>";
        }

        return "<defs>{$defined}</defs>{$drawn}";
    }
}
