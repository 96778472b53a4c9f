<?php

declare(strict_types=1);

namespace Tests\Core\Judging;

use OpenSlate\Judging\Misspelt;
use OpenSlate\Judging\Nearness;
use OpenSlate\Judging\NumberJudge;
use OpenSlate\Judging\OwnWords;
use OpenSlate\Judging\Spelling;
use OpenSlate\Judging\Strictness;
use OpenSlate\Judging\TextAspect;
use OpenSlate\Judging\TextJudge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpellingTest extends TestCase
{
    /** @return iterable<string, array{string, string, Nearness}> given, right, how near */
    public static function spellings(): iterable
    {
        $words = [
            ['harbour', 'harbour', Nearness::Same],
            ['habour', 'harbour', Nearness::Misspelt],
            // The first letter is missed, and sounds otherwise; or sounds alike.
            ['dolour', 'colour', Nearness::Doubtful],
            ['fotosynthesis', 'photosynthesis', Nearness::Misspelt],
            // Words that there are.
            ['tide', 'tides', Nearness::Doubtful],
            ['quite', 'quiet', Nearness::Doubtful],
            ['spring', 'sprint', Nearness::Far],
            // Words run together, or parted, with one letter wrong in all; not short ones, and no numbers.
            ['lighthoose', 'light house', Nearness::Misspelt],
            ['light hause', 'lighthouse', Nearness::Misspelt],
            ['lighthouses', 'light house', Nearness::Misspelt],
            ['lighthoosse', 'light house', Nearness::Far],
            ['ofsee', 'of sea', Nearness::Far],
            ['ofseas', 'of seaz', Nearness::Misspelt],
            ['room12a', 'room 12', Nearness::Far],
            ['the light hause', 'lighthouse', Nearness::Far],
            ['on the sea', 'onthe sea', Nearness::Misspelt],
            ['one two three', 'onetwothreee x', Nearness::Far],
            ['not safe', 'safe', Nearness::Far],
        ];
        foreach ($words as $one) {
            yield "{$one[0]} for {$one[1]}" => $one;
        }
    }

    #[DataProvider('spellings')]
    public function test_how_near_a_text_is(string $given, string $right, Nearness $expected): void
    {
        $words = OwnWords::of(['tide', 'quite', 'spring', 'not', 'safe']);

        $this->assertSame($expected, Spelling::nearness($given, $right, $words));
    }

    public function test_both_ways_to_spell_a_word_are_right(): void
    {
        $same = [
            ['colour', 'color'],
            ['centre', 'center'],
            ['realise', 'realize'],
            ['grey', 'gray'],
            ['travelling', 'traveling'],
            ['sulphur', 'sulfur'],
            ['defence', 'defense'],
            ['analyse', 'analyze'],
            ['catalogue', 'catalog'],
        ];
        foreach ($same as [$one, $other]) {
            $this->assertTrue(Spelling::isVariant($one, $other), $one);
        }
        foreach ([['four', 'for'], ['wise', 'wize'], ['here', 'heer'], ['tour', 'tor']] as [$one, $other]) {
            $this->assertFalse(Spelling::isVariant($one, $other), $one);
        }
    }

    public function test_a_key_of_six_words_asks_for_a_thought_and_one_of_five_does_not(): void
    {
        $judged = fn (string $key): string => TextJudge::of(
            [$key],
            'mud',
            new Strictness,
            OwnWords::of([]),
        )->verdict->value;

        $this->assertSame('wrong', $judged('the tide comes in fast'));
        $this->assertSame('unjudged', $judged('the tide comes in very fast'));
    }

    public function test_of_several_aspects_the_one_that_differs_is_named(): void
    {
        $all = new Strictness([TextAspect::Capitals, TextAspect::Punctuation, TextAspect::Accents]);
        $why = fn (string $given): string => TextJudge::of(['Où est-il?'], $given, $all, OwnWords::of([]))->why;

        $this->assertSame('as in the key but for capital letters', $why('où est-il?'));
        $this->assertSame('as in the key but for punctuation', $why('Où est-il'));
        $this->assertSame('as in the key but for accents', $why('Ou est-il?'));
        $this->assertSame('as in the key but for capital letters and punctuation and accents', $why('ou est il'));
    }

    public function test_where_one_key_is_words_and_another_a_number_both_are_words(): void
    {
        $judged = fn (string $given): string => TextJudge::of(
            ['12 cm', 'a span'],
            $given,
            new Strictness([], Misspelt::Right),
            OwnWords::of([]),
        )->verdict->value;

        $this->assertSame('right', $judged('12cm'));
        $this->assertSame('right', $judged('span'));
        $this->assertSame('wrong', $judged('0.12 m'));
    }

    public function test_what_is_of_one_kind_is_added_and_nothing_else(): void
    {
        $judged = fn (string $key, string $given): string => NumberJudge::of([$key], $given, '')->verdict->value;

        $this->assertSame('right', $judged('75 min', '1 h 15 min'));
        $this->assertSame('wrong', $judged('75 min', '1 h 15 cm'));
        $this->assertSame('wrong', $judged('30 °C', '10 °C 20 °C'));
        $this->assertSame('right', $judged('1234.5', '1,234.5'));
        $this->assertSame('right', $judged('1234.5', '1.234,5'));
    }
}
