<?php

declare(strict_types=1);

namespace Tests\Core\Answers;

use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TextMerge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What two make of one answer at the same time. */
final class MergedTest extends TestCase
{
    /** @return array<string, array{string, string, string, string}> was, theirs, mine, both */
    public static function texts(): array
    {
        return [
            'at two places' => ['the tide is', 'today the tide is', 'the tide is low', 'today the tide is low'],
            'in an empty box' => ['', 'Kelp', 'Weed', 'Kelp Weed'],
            'the same' => ['', 'Kelp', 'Kelp', 'Kelp'],
            'the same word among others' => ['the sea', 'the deep sea', 'the deep sea is', 'the deep sea is'],
            'a word that both change' => ['a red boat', 'a green boat', 'a blue boat', 'a green blue boat'],
            'a word that one changes and one takes out' => ['a red boat', 'a boat', 'a dark boat', 'a dark boat'],
            'a word that both take out' => ['a red boat', 'a boat', 'a boat', 'a boat'],
            'one rewrites all, one adds' => ['low tide', 'High water', 'low tide now', 'High water now'],
            'lines' => ["one\ntwo", "one\ntwo\nthree", "zero\none\ntwo", "zero\none\ntwo\nthree"],
            'marks' => ['Kelp', 'Kelp.', 'Kelp, weed', 'Kelp., weed'],
            'spaces alone' => ['a b', 'a  b', 'a b c', 'a  b c'],
            'letters that are no letters of English' => ['', 'мидия', 'κύμα', 'мидия κύμα'],
            'theirs is as it was' => ['a', 'a', 'b', 'b'],
            'mine is as it was' => ['a', 'b', 'a', 'b'],
        ];
    }

    #[DataProvider('texts')]
    public function test_texts_are_put_together_by_words(string $was, string $theirs, string $mine, string $both): void
    {
        $this->assertSame($both, TextMerge::of($was, $theirs, $mine));
    }

    public function test_long_texts_take_no_longer_than_is_bearable(): void
    {
        $words = fn (string $a): string => implode(' ', array_map(fn (int $n): string => $a.$n, range(1, 1500)));
        $both = TextMerge::of($words('a'), $words('b'), $words('c'));
        $this->assertSame($words('b').' '.$words('c'), $both);
    }

    public function test_what_would_be_too_long_is_not_put_together(): void
    {
        $this->assertNull(TextAnswer::short()->merged('', str_repeat('a', 200), str_repeat('b', 200)));
        $this->assertNotNull(TextAnswer::lines()->merged('', str_repeat('a', 200), str_repeat('b', 200)));
    }

    public function test_both_mend_a_passage(): void
    {
        $passage = PassageAnswer::of('the boat sail in.', 'The boat sails in.', false);
        $this->assertSame('The boat sails in.', $passage->merged('', 'The boat sail in.', 'the boat sails in.'));
        $this->assertSame('', $passage->merged('The boat sail in.', 'The boat sail in.', ''));
    }

    public function test_drawings_have_the_strokes_of_both(): void
    {
        $ink = fn (string ...$strokes): string => $strokes === [] ? '' : '{"ink":['.implode(',', $strokes).']}';
        [$a, $b, $c] = ['["dark",20,[0,0,5,5]]', '["dark",20,[9,9,5,5]]', '["dark",20,[50,9,5,5]]'];
        $drawing = new DrawingAnswer;
        $this->assertSame($ink($a, $b, $c), $drawing->merged($ink($a), $ink($a, $b), $ink($a, $c)));
        $this->assertSame($ink($b), $drawing->merged($ink($a), $ink($a, $b), $ink()));
        $this->assertSame('', $drawing->merged($ink($a, $b), $ink($a), $ink($b)));
        $this->assertSame($ink($a, $a), $drawing->merged('', $ink($a), $ink($a)));
    }

    public function test_a_drawing_that_would_hold_too_much_is_not_put_together(): void
    {
        $ink = fn (string ...$strokes): string => '{"ink":['.implode(',', $strokes).']}';
        $dots = fn (int $count, int $y): array => array_map(
            fn (int $x): string => "[\"dark\",20,[{$x},{$y}]]",
            range(1, $count),
        );
        $long = fn (int $points, int $y): string => "[\"dark\",20,[0,{$y}".str_repeat(',1,1', $points - 1).']]';
        $both = fn (array $theirs, array $mine): bool => (new DrawingAnswer)
            ->merged('', $ink(...$theirs), $ink(...$mine)) !== null;

        $this->assertTrue($both($dots(1500, 1), $dots(500, 2)), 'the most strokes that one may have');
        $this->assertFalse($both($dots(1500, 1), $dots(501, 2)));
        $this->assertTrue($both([$long(20000, 1)], [$long(20000, 2)]), 'the most points that one may have');
        $this->assertFalse($both([$long(20000, 1)], [$long(20001, 2)]));
    }

    public function test_a_passage_that_both_lengthen_may_be_as_long_as_one(): void
    {
        $passage = PassageAnswer::of('the boat sail in.', 'The boat sails in.', false);
        $this->assertNotNull($passage->merged('a', str_repeat('x', 1499).' a', 'a '.str_repeat('y', 1498)));
        $this->assertNull($passage->merged('a', str_repeat('x', 1499).' a', 'a '.str_repeat('y', 1499)));
    }

    public function test_each_part_is_where_it_was_last_moved_to(): void
    {
        $model = new ModelAnswer;
        $this->assertJsonStringEqualsJsonString(
            '{"crab.1":[1,1],"kelp.1":[5,5],"gull.1":[9,9]}',
            (string) $model->merged(
                '{"crab.1":[1,1],"kelp.1":[2,2],"worm.1":[3,3]}',
                '{"crab.1":[1,1],"kelp.1":[2,2],"gull.1":[9,9]}',
                '{"crab.1":[1,1],"kelp.1":[5,5],"worm.1":[3,3]}',
            ),
        );
        $this->assertSame('', $model->merged('{"crab.1":[1,1]}', '{"crab.1":[1,1]}', ''));
        $this->assertNull($model->merged('', '{"crab.1":[1,1]}', '[nonsense'));
    }

    public function test_of_several_choices_both_may_have_ticked_some(): void
    {
        $options = array_map(fn (string $id): Option => new Option($id, $id, 0, 0, 0.5, 0.5), ['a', 'b', 'c']);
        $this->assertSame('a,c', ChoiceAnswer::of($options, many: true)->merged('a,b', 'a', 'a,b,c'));
        $this->assertSame('', ChoiceAnswer::of($options, many: true)->merged('a,b', 'a', 'b'));
        $this->assertNull(ChoiceAnswer::of($options)->merged('', 'a', 'b'));
        $this->assertNull(NumberAnswer::start(AnswerKind::Number)->merged('', '4', '5'));
    }
}
