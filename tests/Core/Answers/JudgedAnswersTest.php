<?php

declare(strict_types=1);

namespace Tests\Core\Answers;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\Ruling;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Assembly\Model;
use OpenSlate\Json\Fields;
use OpenSlate\Judging\Lexicon;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is ticked, taken from a list or put together: how it is counted, said and judged. */
final class JudgedAnswersTest extends TestCase implements Lexicon
{
    public function has(string $word): bool
    {
        return false;
    }

    /** @return iterable<string, array{AnswerForm, list<string>, string, string, string}> form, key, answer, verdict, why */
    public static function judged(): iterable
    {
        $tides = ListAnswer::of(['ebb', 'flood', 'slack']);
        yield 'ticked as it should be' => [new TickAnswer, ['yes'], 'yes', 'right', 'as in the key'];
        yield 'not ticked as it should be' => [new TickAnswer, ['no'], '', 'right', 'as in the key'];
        yield 'ticked and should not be' => [new TickAnswer, ['no'], 'yes', 'wrong', 'should not be ticked'];
        yield 'not ticked and should be' => [new TickAnswer, ['yes'], '', 'wrong', 'should be ticked'];
        yield 'ticked without a key' => [new TickAnswer, [], 'yes', 'unjudged', 'no key'];
        yield 'one of two that are right' => [$tides, ['ebb', 'flood'], 'flood', 'right', 'as in the key'];
        yield 'another' => [$tides, ['ebb', 'flood'], 'slack', 'wrong', 'not as in the key'];
        yield 'none' => [$tides, ['ebb'], '', 'wrong', 'left empty'];
        yield 'a list without a key' => [$tides, [], 'ebb', 'unjudged', 'no key'];
        $options = array_map(fn (string $id): Option => new Option($id, $id, 0, 0, 0.5, 0.5), ['a', 'b', 'c']);
        [$one, $many] = [ChoiceAnswer::of($options), ChoiceAnswer::of($options, many: true)];
        yield 'the right choice' => [$one, ['a'], 'a', 'right', 'as in the key'];
        yield 'either of two right choices' => [$one, ['a', 'c'], 'c', 'right', 'as in the key'];
        yield 'another choice' => [$one, ['a'], 'b', 'wrong', 'not as in the key'];
        yield 'the right choice and another for one' => [$one, ['a'], 'a,b', 'wrong', 'not as in the key'];
        yield 'no choice' => [$one, ['a'], '', 'wrong', 'left empty'];
        yield 'all of several' => [$many, ['a', 'b'], 'b,a', 'right', '2 of 2 chosen'];
        yield 'some of several' => [$many, ['a', 'b'], 'b', 'part', '1 of 2 chosen'];
        yield 'some of several and another' => [$many, ['a', 'b'], 'b,c', 'wrong', '1 of 2 chosen, and 1 not right'];
        yield 'parts, whose key is their page’s' => [new ModelAnswer, ['{}'], '{"a":[1,2]}', 'unjudged', 'no key'];
    }

    /** @param  list<string>  $key */
    #[DataProvider('judged')]
    public function test_an_answer_is_judged_by_its_key(
        AnswerForm $form,
        array $key,
        string $answer,
        string $verdict,
        string $why,
    ): void {
        $judgement = $form->judge($key, $answer, $this);
        $this->assertSame([$verdict, $why], [$judgement->verdict->value, $judgement->why]);
    }

    public function test_a_key_is_said_in_words(): void
    {
        $this->assertSame(['ticked', 'not ticked', ''], array_map(
            (new TickAnswer)->keyWords(...),
            [['yes'], ['no'], []],
        ));
        $this->assertSame('ebb or flood', ListAnswer::of(['ebb', 'flood', 'slack'])->keyWords(['ebb', 'flood']));
        $this->assertSame(['ticked', ''], array_map((new TickAnswer)->read(...), ['yes', '']));
    }

    public function test_what_can_be_no_key_is_refused(): void
    {
        $list = ListAnswer::of(['ebb', 'flood']);
        $this->assertSame(['flood'], $list->key(['flood', '']));
        foreach ([fn () => $list->key(['slack']), fn () => (new TickAnswer)->key(['yes', 'no'])] as $ask) {
            try {
                $ask();
                $this->fail('It is taken.');
            } catch (AnswerRefused) {
                $this->addToAssertionCount(1);
            }
        }
    }

    public function test_parts_are_filled_when_so_many_are_moved_each_or_together(): void
    {
        $answer = fn (int $parts): string => json_encode(
            array_fill_keys(array_map(fn (int $n): string => "p{$n}", range(1, $parts)), [1, 2]) +
                ['near' => [], 'moved' => []],
            JSON_THROW_ON_ERROR,
        );
        $three = new ModelAnswer(3);
        $this->assertFalse($three->isFilled($answer(2)), 'what says how parts lie is no part');
        $this->assertTrue($three->isFilled($answer(3)));
        $this->assertSame([1, 0, 1], [$three->counts(), $three->filled($answer(2)), $three->filled($answer(4))]);
        $each = new ModelAnswer(3, true);
        $this->assertSame([3, 2, 3], [$each->counts(), $each->filled($answer(2)), $each->filled($answer(4))]);
        $this->assertSame([0, 0], [$each->filled(''), $each->filled('none of it')]);
    }

    public function test_parts_come_back_from_their_fields_and_are_never_too_long(): void
    {
        $form = new ModelAnswer(4, true);
        $this->assertEquals($form, ModelAnswer::decode($form->kind(), Fields::of($form->properties(), '$')));
        $this->assertEquals(new ModelAnswer, ModelAnswer::decode($form->kind(), Fields::parse('{}')));
        $long = str_repeat('x', Model::LONGEST);
        $this->assertSame([$long], $form->key(['', $long]));
        $this->expectException(AnswerRefused::class);
        $form->tidy("{$long}x");
    }

    public function test_lines_to_write_on_end_where_the_box_ends(): void
    {
        $this->assertEquals(new Ruling(20.0, 10.0), Ruling::within(70.0, 20.0, 4));
        $this->assertEquals(new Ruling(20.0, 0.0), Ruling::within(60.0, 20.0, 4));
        $this->assertNull(Ruling::within(59.0, 20.0, 4), 'the first would lie above the box');
        $this->assertNull(Ruling::within(59.0, 5.9, 4), 'too close to write on');
        $this->assertNull(Ruling::within(900.0, 201.0, 2), 'too far apart');
        $this->assertEquals(new Ruling(6.0, 4.0), Ruling::within(22.0, 6.0, 4));
    }

    public function test_lines_are_enlarged_as_far_as_one_can_write_on_them(): void
    {
        $this->assertEquals(new Ruling(30.0, 15.0), (new Ruling(20.0, 10.0))->enlarged(1.5));
        $this->assertEquals(new Ruling(6.0, 2.0), (new Ruling(20.0, 10.0))->enlarged(0.2));
        $this->assertEquals(new Ruling(200.0, 200.0), (new Ruling(150.0, 180.0))->enlarged(2.0));
        $this->assertNull(Ruling::decode(Fields::of(['pitch' => 20], '$')));
        $this->assertEquals(new Ruling(20.0, 0.0), Ruling::decode(Fields::of(['pitch' => 20, 'first' => 0], '$')));
    }
}
