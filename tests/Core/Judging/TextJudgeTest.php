<?php

declare(strict_types=1);

namespace Tests\Core\Judging;

use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Misspelt;
use OpenSlate\Judging\OwnWords;
use OpenSlate\Judging\Strictness;
use OpenSlate\Judging\TextAspect;
use OpenSlate\Judging\TextJudge;
use OpenSlate\Judging\TextReading;
use OpenSlate\Judging\Verdict;
use PHPUnit\Framework\TestCase;

final class TextJudgeTest extends TestCase
{
    private static function judged(string $key, string $given, ?Strictness $strictness = null): Judgement
    {
        return TextJudge::of([$key], $given, $strictness ?? new Strictness, OwnWords::of([$key, 'spring', 'neap']));
    }

    private function assertJudged(string $verdict, string $key, string $given, ?Strictness $strictness = null): void
    {
        $judged = self::judged($key, $given, $strictness);
        $this->assertSame($verdict, $judged->verdict->value, "{$given} for {$key}: {$judged->why}");
    }

    public function test_as_usual_nothing_of_its_look_counts(): void
    {
        foreach (
            ['estuary', 'ESTUARY', 'Estuary.', ' the  estuary ', '"estuary"', "estu\u{ad}ary", 'éstuary'] as $given
        ) {
            $this->assertJudged('right', 'estuary', $given);
        }
        $this->assertJudged('right', 'Straße', 'strasse');
        $this->assertJudged('right', "rock pools aren't deep", 'Rock pools aren’t deep');
        $this->assertJudged('right', 'salt and pepper', 'salt & pepper');
        $this->assertJudged('right', "caf\u{e9}", "cafe\u{301}");
    }

    public function test_each_aspect_counts_where_the_teacher_says_so(): void
    {
        $only = fn (TextAspect $aspect): Strictness => new Strictness([$aspect]);
        $cases = [
            [TextAspect::Capitals, 'Tide', 'tide'],
            [TextAspect::Spacing, 'light house', 'lighthouse'],
            [TextAspect::Punctuation, 'Where is it?', 'Where is it'],
            [TextAspect::Punctuation, "it's", 'its'],
            [TextAspect::Accents, 'café', 'cafe'],
            [TextAspect::Articles, 'an estuary', 'estuary'],
        ];
        foreach ($cases as [$aspect, $key, $given]) {
            $judged = self::judged($key, $given, $only($aspect));
            $this->assertSame(Verdict::Wrong, $judged->verdict, $given);
            $this->assertSame("as in the key but for {$aspect->words()}", $judged->why);
            $this->assertJudged('right', $key, $key, $only($aspect));
            $this->assertJudged('right', $key, $given);
            foreach (TextAspect::cases() as $other) {
                if ($other !== $aspect) {
                    $this->assertJudged('right', $key, $given, $only($other));
                }
            }
        }
        $both = new Strictness([TextAspect::Capitals, TextAspect::Punctuation]);
        $this->assertSame(
            'as in the key but for capital letters and punctuation',
            self::judged('Where is it?', 'where is it', $both)->why,
        );
    }

    public function test_an_exact_key_takes_nothing_else(): void
    {
        $this->assertJudged('right', 'Tide 3', 'Tide 3', Strictness::exact());
        foreach (['tide 3', 'Tide  3', 'Tide 3.', 'Tide three', 'Tidé 3', 'Tied 3', 'The Tide 3'] as $given) {
            $this->assertJudged('wrong', 'Tide 3', $given, Strictness::exact());
        }
        $this->assertJudged('wrong', '1.50', '1.5', Strictness::exact());
    }

    public function test_a_close_misspelling_is_what_the_teacher_says(): void
    {
        foreach (Misspelt::cases() as $misspelt) {
            $judged = self::judged('harbour', 'habour', new Strictness([], $misspelt));
            $this->assertSame(
                match ($misspelt) {
                    Misspelt::Right => Verdict::Right,
                    Misspelt::Half => Verdict::Part,
                    Misspelt::Look => Verdict::Unjudged,
                    Misspelt::Wrong => Verdict::Wrong,
                },
                $judged->verdict,
            );
        }
        $half = self::judged('harbour', 'habour', new Strictness([], Misspelt::Half));
        $this->assertSame([1, 2], [$half->earned, $half->of]);
        $this->assertSame('“harbour”, misspelt', $half->why);
    }

    public function test_every_word_has_to_be_near_and_none_may_be_missing(): void
    {
        $forgiving = new Strictness([], Misspelt::Right);
        $this->assertJudged('right', 'carbon dioxide', 'carbn dioxyde', $forgiving);
        $this->assertJudged('wrong', 'it is safe', 'it is not safe', $forgiving);
        $this->assertJudged('wrong', 'carbon dioxide', 'carbon', $forgiving);
        $this->assertJudged('wrong', '3 boats', '4 boats', $forgiving);
        $this->assertJudged('wrong', 'x²', 'x3', $forgiving);
    }

    public function test_a_word_of_another_key_is_no_misspelling_of_this_one(): void
    {
        $forgiving = new Strictness([], Misspelt::Right);
        $this->assertJudged('wrong', 'sprint', 'spring', $forgiving);
        $this->assertJudged('wrong', 'leap', 'neap', $forgiving);
        $this->assertSame(
            Verdict::Right,
            TextJudge::of(['sprint'], 'sprimt', $forgiving, OwnWords::of(['sprint', 'spring']))->verdict,
        );
    }

    public function test_another_form_of_the_word_is_for_the_teacher(): void
    {
        $words = OwnWords::of(['tide', 'tides', 'crab', 'crabs']);
        foreach ([Misspelt::Right, Misspelt::Half, Misspelt::Look] as $misspelt) {
            $judged = TextJudge::of(['tide'], 'tides', new Strictness([], $misspelt), $words);
            $this->assertSame(Verdict::Unjudged, $judged->verdict);
        }
        $this->assertSame(
            Verdict::Wrong,
            TextJudge::of(['tide'], 'tides', new Strictness([], Misspelt::Wrong), $words)->verdict,
        );
    }

    public function test_the_answer_among_other_words_is_for_the_teacher(): void
    {
        $this->assertJudged('unjudged', 'the moon', 'I think it is the moon');
        $this->assertJudged('unjudged', 'B', 'A or B');
        $this->assertJudged('unjudged', 'crab', 'crabs and limpets');
        $this->assertJudged('wrong', 'moon', 'moonlight is bright');
    }

    public function test_a_thought_can_be_put_in_other_words(): void
    {
        $key = 'Because the moon pulls the water towards it';
        $this->assertJudged('right', $key, 'because the moon pulls the water towards it.');
        $this->assertJudged('unjudged', $key, 'its gravity makes the sea move');
        $this->assertJudged('wrong', 'the moon', 'its gravity makes the sea move');
    }

    public function test_numbers_in_words_and_with_units_are_what_they_say(): void
    {
        foreach ([['3 boats', 'three boats'],
            ['12 cm', '120mm'],
            ['1/2', '0.5'],
            ['7', 'seven'],
            ['first', '1st']] as $one) {
            $this->assertJudged('right', ...$one);
        }
        foreach ([['-5', '5'], ['3.5', '35'], ['12 cm', '12 m'], ['1/2', '1/3'], ['6:40', '6:04']] as $one) {
            $this->assertJudged('wrong', ...$one);
        }
        $this->assertJudged('unjudged', '12 cm', '12');
    }

    public function test_of_a_text_that_is_nothing_but_a_mark_the_mark_counts(): void
    {
        $this->assertJudged('right', '?', ' ? ');
        $this->assertJudged('wrong', '?', '!');
        $this->assertJudged('wrong', '?', '.');
    }

    public function test_the_first_right_answer_of_several_decides(): void
    {
        $words = OwnWords::of([]);
        $this->assertSame(Verdict::Right, TextJudge::of(['ebb', 'flood'], 'Flood', new Strictness, $words)->verdict);
        $this->assertSame('“flood”, misspelt', TextJudge::of(['ebb', 'flood'], 'floood', new Strictness, $words)->why);
    }

    public function test_folding_twice_is_folding_once_and_keeps_what_belongs_to_numbers(): void
    {
        $texts = [
            'The  Rock-pool, at 6:40!',
            '-3.5 °C',
            '1/2 & 2/3',
            '(a)',
            'x² + 2',
            "fish'n'chips",
            '...',
            '£3.50',
            '“No”',
            '12,000',
        ];
        foreach ($texts as $text) {
            $folded = TextReading::folded($text, new Strictness);
            $this->assertSame($folded, TextReading::folded($folded, new Strictness), $text);
        }
        $this->assertSame('rock pool at 6:40', TextReading::folded($texts[0], new Strictness));
        $this->assertSame('-3.5 °c', TextReading::folded($texts[1], new Strictness));
        $this->assertSame('12,000', TextReading::folded('12,000.', new Strictness));
    }
}
