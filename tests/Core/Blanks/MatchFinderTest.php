<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\JoinEnd;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Columns of words that are to be matched, with no dots at them. */
final class MatchFinderTest extends TestCase
{
    private const WORDS = [['crane', 'guides ships'], ['beacon', 'lifts loads'], ['pier', 'reaches into the sea']];

    public function test_columns_that_are_to_be_matched_are_joined_from_word_to_word(): void
    {
        $joins = $this->joins($this->sheet('Match the words to what they mean.'));
        $this->assertCount(1, $joins);
        $this->assertSame('Match the words to what they mean.', $joins[0]->label);
        $this->assertSame(
            ['crane', 'beacon', 'pier', 'guides ships', 'lifts loads', 'reaches into the sea'],
            array_map(fn (JoinEnd $end): string => $end->words, $joins[0]->ends),
        );
        $this->assertSame(
            [true, true, true, false, false, false],
            array_map(fn (JoinEnd $end): bool => $end->isLeft, $joins[0]->ends),
        );
        [$left, $right] = [$joins[0]->ends[0]->dot, $joins[0]->ends[3]->dot];
        $this->assertGreaterThan(90, $left->x, 'behind the word');
        $this->assertLessThan(300, $right->right(), 'before the word');
        foreach ($joins[0]->ends as $at => $end) {
            $this->assertEqualsWithDelta(150 + 40 * ($at % 3) + 6, $end->dot->middle(), 2.0);
        }
    }

    public function test_only_where_it_is_asked_for_and_not_where_letters_are_written(): void
    {
        $all = ['Draw a line from each word to its meaning.', '3. Join the pairs.', 'Verbinde die Wörter.'];
        foreach ($all as $asked) {
            $this->assertCount(1, $this->joins($this->sheet($asked)), $asked);
        }
        foreach (['Harbour words', 'Match them. Write the letter.', 'Draw a line.', 'A match at sea'] as $other) {
            $this->assertSame([], $this->joins($this->sheet($other)), $other);
        }
    }

    public function test_what_stands_between_or_is_filled_in_beside_them_answers_them(): void
    {
        $asked = 'Match the words to what they mean.';
        $this->assertSame([], $this->joins($this->sheet($asked)->across(165, 150, 240)));
        $this->assertSame([], $this->joins($this->sheet($asked)->drawing(180, 150, 40, 60)));
        $this->assertSame([], $this->joins($this->sheet($asked)->words('and', 200, 190)));
        $this->assertSame([], $this->joins($this->sheet($asked, right: 160)), 'no room for lines behind the longest');
        $this->assertCount(1, $this->joins($this->sheet($asked, right: 170)));
    }

    public function test_two_rows_or_the_same_word_twice_are_none_and_words_askew_are_no_column(): void
    {
        $asked = 'Match the words to what they mean.';
        $this->assertSame([], $this->joins($this->sheet($asked, array_slice(self::WORDS, 0, 2))));
        $this->assertSame([], $this->joins($this->sheet($asked, [['yes', 'no'], ['yes', 'no'], ['yes', 'no']])));
        $this->assertSame([], $this->joins($this->sheet($asked, askew: 9)));
    }

    public function test_the_words_of_a_row_need_not_stand_quite_on_one_line(): void
    {
        $sheet = (new PrintedSheet())->words('Match the words to what they mean.', 72, 100);
        foreach (self::WORDS as $at => [$left, $right]) {
            $sheet->words($left, 72, 150 + 40 * $at)->words($right, 300, 153 + 40 * $at);
        }
        $this->assertCount(6, $this->joins($sheet)[0]->ends);
    }

    public function test_a_page_may_have_columns_with_dots_and_columns_without(): void
    {
        $sheet = $this->sheet('Match the words to what they mean.')->words('Match these, too.', 72, 400);
        foreach (['tern', 'gull', 'crab'] as $at => $word) {
            $sheet->words("{$word} •", 72, 440 + 40 * $at)->words("• {$word}s", 300, 440 + 40 * $at);
        }
        $joins = $this->joins($sheet);
        $this->assertSame([6, 6], array_map(fn (Blank $one): int => count($one->ends), $joins));
    }

    public function test_an_entry_goes_on_below_itself_and_what_follows_ends_them(): void
    {
        $sheet = $this->sheet('Match the words to what they mean.')
            ->words('of the bay', 300, 244)
            ->words('Now name two more', 72, 300);
        $ends = $this->joins($sheet)[0]->ends;
        $this->assertCount(6, $ends);
        $this->assertSame('reaches into the sea of the bay', $ends[5]->words);
    }

    /** @param  list<array{string, string}>  $words */
    private function sheet(
        string $asked,
        array $words = self::WORDS,
        float $right = 300,
        float $askew = 0,
    ): PrintedSheet {
        $sheet = (new PrintedSheet())->words($asked, 72, 100);
        foreach ($words as $at => [$left, $meaning]) {
            $sheet->words($left, 72, 150 + 40 * $at)->words($meaning, $right + $askew * $at, 150 + 40 * $at);
        }

        return $sheet;
    }

    /** @return list<Blank> */
    private function joins(PrintedSheet $sheet): array
    {
        $isJoin = fn (Blank $one): bool => $one->kind === BlankKind::Join;

        return array_values(array_filter(BlankFinder::find($sheet->marks()), $isJoin));
    }
}
