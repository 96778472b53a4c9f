<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Printed;
use OpenSlate\Blanks\PrintedChoices;
use OpenSlate\Edit\Elements\LayChoice;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Text\Word;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The choices that are printed where a teacher draws a choice. */
final class PrintedChoicesTest extends TestCase
{
    /** @return array<string, array{list<string>, list<string>}> printed lines (wide gaps as two bars), choices */
    public static function print(): array
    {
        return [
            'letters, one a line' => [['A  ebb', 'B  flood', 'C  slack'], ['A ebb', 'B flood', 'C slack']],
            'letters in one line' => [['a) ebb  b) flood  c) slack water'], ['a) ebb', 'b) flood', 'c) slack water']],
            'letters in brackets, two columns' => [
                ['(A) one  (B) two', '(C) three  (D) four'],
                ['(A) one', '(B) two', '(C) three', '(D) four'],
            ],
            'below a numbered question' => [['1 Which tide is it?', 'A ebb', 'B flood'], ['A ebb', 'B flood']],
            'an article is no letter' => [
                ['A boat comes in. Why?', 'A. to land', 'B. to rest'],
                ['A. to land', 'B. to rest'],
            ],
            'numbers' => [['1. rope', '2. anchor', '3. fender'], ['1. rope', '2. anchor', '3. fender']],
            'words that stand apart' => [['true    false'], ['true', 'false']],
            'parted by strokes' => [['always / sometimes / never'], ['always', 'sometimes', 'never']],
            'lines of their own' => [['high water', 'low water'], ['high water', 'low water']],
            'one line of words is no choice' => [['The tide is out.'], []],
            'nothing' => [[], []],
        ];
    }

    /**
     * @param  list<string>  $lines
     * @param  list<string>  $choices
     */
    #[DataProvider('print')]
    public function test_they_are_told_from_how_they_are_printed(array $lines, array $choices): void
    {
        [$found, $ticked] = PrintedChoices::within(Frame::of(0, 0, 600, 800), [], self::words($lines));
        $this->assertSame($choices, array_column($found, 1));
        $this->assertFalse($ticked);
    }

    public function test_words_of_one_line_stand_at_slightly_different_heights(): void
    {
        // Letters that reach down have frames that lie lower.
        $words = [
            new Word('ebb', Frame::of(50, 50, 20, 12)),
            new Word('spring', Frame::of(150, 52, 40, 12)),
            new Word('neap', Frame::of(250, 51, 30, 12)),
        ];
        [$found] = PrintedChoices::within(Frame::of(40, 40, 300, 40), [], [$words[2], $words[1], $words[0]]);

        $this->assertSame(['ebb', 'spring', 'neap'], array_column($found, 1));
    }

    public function test_squares_to_tick_go_before_words(): void
    {
        $tick = fn (float $y, string $label): Blank => new Blank(
            BlankKind::Tick,
            Frame::of(50, $y, 10, 10),
            0.9,
            label: $label,
        );
        [$found, $ticked] = PrintedChoices::within(
            Frame::of(40, 40, 200, 100),
            [$tick(50, 'rope'), $tick(70, 'anchor'), $tick(300, 'elsewhere')],
            self::words(['A x', 'B y']),
        );
        $this->assertSame(['rope', 'anchor'], array_column($found, 1));
        $this->assertTrue($ticked);
    }

    public function test_a_ring_fits_round_what_is_printed(): void
    {
        [$found] = PrintedChoices::within(Frame::of(0, 0, 600, 800), [], self::words(['A  ebb', 'B  flood']));
        $this->assertTrue($found[0][0]->contains(Frame::of(50, 50, 7, 12)));
        $this->assertLessThan(20, $found[0][0]->width, 'the letter only, not the words behind it');
    }

    public function test_laid_on_the_page_the_options_stand_where_they_are_printed(): void
    {
        $page = new Page(Size::of(600, 800), Colour::white());
        $printed = new Printed(fn (): array => [], fn (): array => self::words(['A  ebb', 'B  flood']));
        $box = (new LayChoice('new', Frame::of(40, 40, 300, 100), $printed))->apply($page)->elements()[0];
        $this->assertInstanceOf(AnswerBox::class, $box);
        $this->assertEqualsWithDelta([45.5, 49.0], [$box->frame->x, $box->frame->y], 1.5);

        $byHand = (new LayChoice('new', Frame::of(40, 40, 300, 100), Printed::nothing()))->apply($page)->elements()[0];
        $this->assertInstanceOf(AnswerBox::class, $byHand);
        $this->assertSame(
            ['A', 'B', 'C', 'D'],
            array_map(fn ($option): string => $option->words, $byHand->form->options ?? []),
        );
    }

    /**
     * @param  list<string>  $lines
     * @return list<Word>  each letter 7 points wide and 12 high; between words 4 points, and 30 where there are two
     *                     spaces
     */
    private static function words(array $lines): array
    {
        $words = [];
        foreach ($lines as $row => $line) {
            $x = 50.0;
            foreach (explode(' ', $line) as $text) {
                if ($text === '') {
                    $x += 26;

                    continue;
                }
                $words[] = new Word($text, Frame::of($x, 50 + 24 * $row, 7 * mb_strlen($text), 12));
                $x += 7 * mb_strlen($text) + 4;
            }
        }

        return $words;
    }
}
