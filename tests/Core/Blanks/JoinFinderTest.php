<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use Closure;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\JoinParts;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\PartForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

/** Columns of dots that are to be joined by lines. Common practice of worksheets, no source. */
final class JoinFinderTest extends TestCase
{
    private const WORDS = ['bow' => 'the front', 'stern' => 'the back', 'keel' => 'the spine'];

    public function test_dots_across_from_each_other_with_their_words_outside_are_to_be_joined(): void
    {
        foreach (['dots', 'rings', 'drawings', 'glyphs'] as $how) {
            $join = $this->joins($this->sheet($how))[0] ?? $this->fail("{$how} are not joined");

            $this->assertSame(
                ['bow', 'stern', 'keel', 'the front', 'the back', 'the spine'],
                array_column($join->ends, 'words'),
                $how,
            );
            $this->assertSame([true, true, true, false, false, false], array_column($join->ends, 'isLeft'));
            $this->assertSame('1. Match.', $join->label);
            $this->assertTrue($join->isSure());
        }
    }

    public function test_bullets_of_lists_and_two_dots_and_dots_near_to_each_other_are_none(): void
    {
        $lists = $this->joins($this->sheet('glyphs', isList: true))[0]->ends;
        $this->assertSame('keel', $lists[2]->words);
        $this->assertGreaterThan(200, $lists[2]->dot->x, 'not at the bullet, but behind the word');
        $this->assertSame([], $this->joins($this->sheet('dots', count: 2)));
        $this->assertSame([], $this->joins($this->sheet('dots', apart: 25)));
        $this->assertSame([], $this->joins($this->sheet('dots', more: 3)), 'three more on one side than on the other');
        $this->assertCount(8, $this->joins($this->sheet('dots', more: 2))[0]->ends ?? []);
    }

    public function test_dots_with_the_same_word_on_each_row_are_to_be_chosen_from(): void
    {
        $lines = $dots = [];
        foreach ([130, 160, 190] as $y) {
            $lines[] = TextLine::of(new Word('yes', Frame::of(100, $y, 20, 12)));
            $lines[] = TextLine::of(new Word('no', Frame::of(350, $y, 20, 12)));
            array_push($dots, Frame::of(125, $y + 3, 6, 6), Frame::of(335, $y + 3, 6, 6));
        }

        $this->assertSame([], $this->joins(new Marks(Size::of(600, 800), rings: $dots, lines: $lines)));
    }

    public function test_its_task_is_not_what_stands_over_another_column(): void
    {
        $marks = $this->sheet('dots', apart: 120);
        $aside = TextLine::of(new Word('Of the other column.', Frame::of(420, 112, 120, 12)));

        $this->assertSame('1. Match.', $this->joins(new Marks(
            $marks->size,
            lines: [...$marks->lines, $aside],
            dots: $marks->dots,
        ))[0]->label ?? '');
    }

    public function test_hollow_dots_at_their_ends_are_not_ticked(): void
    {
        $kinds = array_column(BlankFinder::find($this->sheet('rings', side: 9)), 'kind');

        $this->assertSame([BlankKind::Join], $kinds);
    }

    public function test_taken_it_is_a_fixed_ring_round_each_dot_and_as_many_lines_as_one_side_has_dots(): void
    {
        $join = $this->joins($this->sheet('dots', more: 1))[0];
        $parts = JoinParts::of($join, $this->ids());
        $lines = array_pop($parts);

        $this->assertCount(7, $parts);
        foreach ($parts as $at => $ring) {
            $this->assertTrue($ring->locked);
            $this->assertCount(1, $ring->joints);
            $this->assertEquals($join->ends[$at]->dot->centre(), $ring->frame->centre());
            $this->assertSame($join->ends[$at]->words, $ring->name);
        }
        $this->assertSame([PartForm::Connector, 4], [$lines?->form, $lines?->stock]);
    }

    public function test_it_is_kept_as_it_is_shown_on_a_page_and_proposed_no_more_once_it_is_taken(): void
    {
        $join = $this->joins($this->sheet('dots'))[0];
        [$kept] = Proposals::decode(Proposals::encode([$join]));
        $this->assertEquals($join, $kept);

        $size = Size::of(600, 800);
        $half = new Page(
            Size::of(300, 400),
            Colour::white(),
            Backdrop::of(str_repeat('a', 64), 1)->laid(Frame::of(0, 0, 300, 400)),
        );
        [$shown] = array_values(Proposals::on($half, [$kept], $size));
        $this->assertEqualsWithDelta($join->ends[0]->dot->x / 2, $shown->ends[0]->dot->x, 0.01);

        $taken = $half->withElements(Proposals::laid($shown, $this->ids(), false));
        $this->assertSame([], Proposals::on($taken, [$kept], $size));
        $boxed = $half->withElements([new AnswerBox('b', $shown->frame, $this->box()->form)]);
        $this->assertCount(1, Proposals::on($boxed, [$kept], $size), 'a box makes no line');
    }

    public function test_a_box_is_still_one_element(): void
    {
        $line = new Blank(BlankKind::Line, Frame::of(40, 40, 200, 18), 0.9);
        $laid = Proposals::laid($line, $this->ids(), false);

        $this->assertSame(['e1'], array_map(fn (Element $one): string => $one->id(), $laid));
    }

    /** @return list<Blank> */
    private function joins(Marks $marks): array
    {
        return array_values(
            array_filter(BlankFinder::find($marks), fn (Blank $one): bool => $one->kind === BlankKind::Join),
        );
    }

    private function sheet(
        string $how,
        int $count = 3,
        int $more = 0,
        float $apart = 200,
        float $side = 5,
        bool $isList = false,
    ): Marks {
        $lines = [TextLine::of(new Word('1. Match.', Frame::of(60, 100, 80, 12)))];
        $dots = [];
        for ($row = 0; $row < $count + $more; $row++) {
            $y = 130 + 30 * $row;
            [$left, $right] = [array_keys(self::WORDS)[$row] ?? '', array_values(self::WORDS)[$row] ?? "another{$row}"];
            $at = [];
            if ($row < $count) {
                $lines[] = TextLine::of(new Word($left, Frame::of($isList ? 150 : 60, $y, 50, 12)));
                $at[] = 130.0;
            }
            $lines[] = TextLine::of(new Word($right, Frame::of(130 + $apart + 20, $y, 60, 12)));
            $at[] = 130 + $apart;
            foreach ($at as $x) {
                $dots[] = Frame::of($x - $side / 2, $y + 6 - $side / 2, $side, $side);
            }
        }
        foreach ($how === 'glyphs' ? $dots : [] as $dot) {
            $middle = $dot->centre();
            $lines[] = TextLine::of(new Word('•', Frame::of($middle->x - 3, $middle->y - 6, 6, 12)));
        }

        return new Marks(
            Size::of(600, 800),
            rings: $how === 'rings' ? $dots : [],
            drawings: $how === 'drawings' ? $dots : [],
            lines: $lines,
            dots: $how === 'dots' ? $dots : [],
        );
    }

    private function box(): AnswerBox
    {
        return Proposals::box(new Blank(BlankKind::Line, Frame::of(40, 40, 200, 18), 0.9), 'b');
    }

    /** @return Closure(): string */
    private function ids(): Closure
    {
        $number = 0;

        return function () use (&$number): string {
            return 'e'.++$number;
        };
    }
}
