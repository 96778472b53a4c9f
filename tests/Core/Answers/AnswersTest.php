<?php

declare(strict_types=1);

namespace Tests\Core\Answers;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\Counted;
use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Answers\FormCodec;
use OpenSlate\Answers\Ink;
use OpenSlate\Answers\Limit;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\MistakeKind;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\PictureAnswer;
use OpenSlate\Answers\SpokenAnswer;
use OpenSlate\Answers\Stroke;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Answers\Words;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What each kind of place takes, what its key may be, and what counts as filled. */
final class AnswersTest extends TestCase
{
    private static function choice(bool $many = false): ChoiceAnswer
    {
        return ChoiceAnswer::of(
            array_map(fn (string $id): Option => new Option($id, strtoupper($id), 0, 0, 0.5, 0.5), ['a', 'b', 'c']),
            $many,
        );
    }

    /**
     * @return array<string, array{AnswerForm, string, string|null}> form, what is sent, what is kept (null: refused)
     */
    public static function sent(): array
    {
        return [
            'words with any line ends' => [TextAnswer::lines(), "a\r\nb\rc", "a\nb\nc"],
            'no control characters' => [TextAnswer::short(), "a\x00b\x1Bc", 'abc'],
            'words without end' => [TextAnswer::short(), str_repeat('x', 301), null],
            'a number as it is written' => [new NumberAnswer, ' 3 1/2', ' 3 1/2'],
            'a tick' => [new TickAnswer, 'yes', 'yes'],
            'something that is no tick' => [new TickAnswer, 'maybe', null],
            'a choice' => [self::choice(), 'b', 'b'],
            'two of one' => [self::choice(), 'a,b', null],
            'two of many, in the order of the print' => [self::choice(true), 'c,a', 'a,c'],
            'a choice that is not there' => [self::choice(true), 'a,z', null],
            'one of a list' => [ListAnswer::of(['ebb', 'flood']), 'ebb', 'ebb'],
            'none of a list' => [ListAnswer::of(['ebb', 'flood']), 'neap', null],
            'a passage that nobody mended' => [PassageAnswer::of('the tide', 'The tide.'), 'the tide', ''],
            'a mended passage' => [PassageAnswer::of('the tide', 'The tide.'), 'The tide', 'The tide'],
            'a drawing' => [
                new DrawingAnswer,
                '{"ink":[["dark",14,[10,20,5,5]]]}',
                '{"ink":[["dark",14,[10,20,5,5]]]}',
            ],
            'a drawing that is a script' => [new DrawingAnswer, '{"ink":[["url(x)",14,[10,20]]]}', null],
            'a picture' => [new PictureAnswer, str_repeat('0a', 32), str_repeat('0a', 32)],
            'something said' => [new SpokenAnswer, str_repeat('0a', 32), str_repeat('0a', 32)],
            'words in place of something said' => [new SpokenAnswer, 'I say', null],
            'a picture from elsewhere' => [new PictureAnswer, 'https://a.example/x.png', null],
        ];
    }

    #[DataProvider('sent')]
    public function test_what_is_sent_is_kept_or_refused(AnswerForm $form, string $sent, ?string $kept): void
    {
        if ($kept === null) {
            $this->expectException(AnswerRefused::class);
        }
        $tidied = $form->tidy($sent);
        $this->assertSame($kept, $tidied);
        $this->assertSame($kept, $form->tidy($tidied), 'what is kept can be sent again');
        $this->assertSame($kept !== '', $form->isFilled($tidied));
        $this->assertFalse($form->isFilled(''));
    }

    /**
     * @return array<string, array{AnswerForm, list<string>, list<string>|null}>  form, the key as given, as kept (null:
     *                                                                            refused)
     */
    public static function keys(): array
    {
        return [
            'several right answers, each once' => [
                TextAnswer::short(),
                [' tide ', 'tide', '', 'the tide'],
                ['tide', 'the tide'],
            ],
            'numbers in many ways' => [
                new NumberAnswer,
                ['12', '-3.5', '3,5', '1/2', '2 1/4', '3.14 ± 0.01'],
                ['12', '-3.5', '3,5', '1/2', '2 1/4', '3.14 ± 0.01'],
            ],
            'words for a number' => [new NumberAnswer, ['a lot'], null],
            'a fraction of nothing' => [new NumberAnswer, ['1/0'], null],
            'an empty box to be ticked' => [new TickAnswer, ['no'], ['no']],
            'both ticked and not' => [new TickAnswer, ['yes', 'no'], null],
            'all that have to be chosen' => [self::choice(true), ['c', 'a'], ['a', 'c']],
            'each choice that is right' => [self::choice(), ['b', 'c'], ['b', 'c']],
            'a choice that is not there' => [self::choice(), ['z'], null],
            'words of a list' => [ListAnswer::of(['ebb', 'flood']), ['flood'], ['flood']],
            'words that are not in the list' => [ListAnswer::of(['ebb', 'flood']), ['neap'], null],
            'a key for a drawing' => [new DrawingAnswer, ['x'], null],
            'no key at all' => [new PictureAnswer, [], []],
            'no key of something said' => [new SpokenAnswer, [], []],
        ];
    }

    /**
     * @param  list<string>  $given
     * @param  list<string>|null  $kept
     */
    #[DataProvider('keys')]
    public function test_a_key_holds_only_what_could_be_answered(AnswerForm $form, array $given, ?array $kept): void
    {
        if ($kept === null) {
            $this->expectException(AnswerRefused::class);
        }
        $this->assertSame($kept, $form->key($given));
    }

    public function test_forms_come_back_exactly_from_their_fields(): void
    {
        foreach (AnswerKind::cases() as $kind) {
            $start = FormCodec::start($kind);
            $this->assertSame($start, FormCodec::properties(FormCodec::decode(Fields::of($start))), $kind->value);
        }
    }

    public function test_an_answer_can_be_read_out(): void
    {
        $choice = ChoiceAnswer::of(
            [new Option('a', 'ebb', 0, 0, 1, 0.5), new Option('b', 'flood', 0, 0.5, 1, 0.5)],
            true,
        );

        $this->assertSame('ebb, flood', $choice->read('b,a'));
        $this->assertSame('4.8 m', (new NumberAnswer('m'))->read('4.8'));
        $this->assertSame(['ticked', ''], [(new TickAnswer)->read('yes'), (new TickAnswer)->read('')]);
        $this->assertSame("ebb\nflood", TextAnswer::lines()->read("ebb\nflood"));
        foreach (AnswerKind::cases() as $kind) {
            $this->assertSame('', $kind->form()::start($kind)->read(''), 'nothing is not read out');
        }
    }

    public function test_a_number_is_told_from_words_as_people_write_it(): void
    {
        $metres = new NumberAnswer('m');
        foreach (
            ['4', '-3.5', '3,5', '1 1/2', '3/4', '1,250', '12 500', '4.8 m', '4.8m', '+2', 'four', '480 cm'] as $number
        ) {
            $this->assertTrue($metres->isNumber($number), $number);
        }
        foreach (['many', 'about 4', '4 or 5', 'm', '06:12', '1/0', '4 kg'] as $words) {
            $this->assertFalse($metres->isNumber($words), $words);
        }
    }

    public function test_of_a_choice_one_is_taken_unless_several_are_asked_for(): void
    {
        $start = FormCodec::start(AnswerKind::Choice);
        foreach ([[], ['many' => false]] as $one) {
            $form = FormCodec::decode(Fields::of([...array_diff_key($start, ['many' => 0]), ...$one]));
            $this->assertSame('b', $form->tidy('b'));
            try {
                $form->tidy('a,b');
                $this->fail('two of one');
            } catch (AnswerRefused $refusal) {
                $this->assertNotSame('', $refusal->getMessage());
            }
        }
        $this->assertSame('a,b', FormCodec::decode(Fields::of([...$start, 'many' => true]))->tidy('b,a'));
    }

    public function test_choices_are_at_least_two_and_differ(): void
    {
        foreach ([['ebb'], ['ebb', 'ebb'], ['ebb', ' '], array_map(strval(...), range(1, 41))] as $choices) {
            try {
                ListAnswer::of($choices);
                $this->fail(implode(' ', $choices));
            } catch (AnswerRefused $refusal) {
                $this->assertStringContainsString('different choices', $refusal->getMessage());
            }
        }
    }

    /**
     * The boundaries are those of UAX #29; the first sentence is its own example of what a full stop does not end.
     *
     * @return array<string, array{Counted, string, int}>
     */
    public static function counts(): array
    {
        return [
            'words with apostrophes and numbers' => [
                Counted::Words,
                'The quick (“brown”) fox can’t jump 32.3 feet, right?',
                9,
            ],
            'a stop within a sentence' => [Counted::Sentences, 'It rose 3.4 metres. Then it fell.', 2],
            'no stop at the end' => [Counted::Sentences, 'The tide is out', 1],
            'three kinds of end' => [Counted::Sentences, 'High! Low? Slack.', 3],
            'lines without stops are no new sentences but details' => [Counted::Details, "rope\nanchor\n\nfender", 3],
            'details by semicolons' => [Counted::Details, 'rope; anchor.', 2],
            'letters as people see them' => [Counted::Characters, "e\u{301}👩‍🚀a", 3],
            'nothing' => [Counted::Sentences, " \n", 0],
            'punctuation only' => [Counted::Words, '... !', 0],
        ];
    }

    #[DataProvider('counts')]
    public function test_what_is_written_is_counted(Counted $of, string $text, int $count): void
    {
        $this->assertSame($count, $of->count($text));
    }

    public function test_a_limit_says_what_is_asked_and_where_a_text_stands(): void
    {
        $limit = Limit::of(Counted::Sentences, 3, 5);
        $this->assertSame('3 to 5 sentences', $limit->words());
        $this->assertSame('2 sentences; 3 to 5 asked', $limit->said('One. Two.'));
        $this->assertFalse($limit->isMet('One. Two.'));
        $this->assertTrue($limit->isMet('One. Two. Three.'));
        $this->assertSame('2 details', Limit::of(Counted::Details, 2, 2)->words());
        $this->assertSame('at least 1 word', Limit::of(Counted::Words, 1, null)->words());
        $this->assertSame('at most 20 characters', Limit::of(Counted::Characters, null, 20)->words());
        $this->expectExceptionMessage('contradicts itself');
        Limit::of(Counted::Words, 5, 3);
    }

    public function test_ink_comes_back_exactly_and_is_drawn_in_points(): void
    {
        $json = '{"ink":[["blue",14,[100,200,10,0,10,10]],["red",40,[5,5,20,0,20,0],[20,60,100]],["dark",14,[7,7]]]}';
        $ink = Ink::decode($json);
        $this->assertSame($json, $ink->encode());
        $this->assertSame([['d' => 'M10 20 Q11 20 11.5 20.5 Q12 21 12 21', 'width' => 1.4]], $ink->strokes[0]->paths());
        $widths = array_column($ink->strokes[1]->paths(), 'width');
        $this->assertSame($widths, array_unique($widths), 'a heavier touch is a wider line');
        $this->assertSame($widths, array_values($widths));
        $this->assertSame('M0.7 0.7h0.01', $ink->strokes[2]->paths()[0]['d'], 'a tap is a dot');
    }

    /** @return array<string, array{string}> */
    public static function noInk(): array
    {
        return [
            'not JSON' => ['x'],
            'no strokes' => ['{"ink":[]}'],
            'half a point' => ['{"ink":[["dark",14,[1,2,3]]]}'],
            'text for a number' => ['{"ink":[["dark",14,["1",2]]]}'],
            'far off the page' => ['{"ink":[["dark",14,[999999,2]]]}'],
            'a pen as wide as the page' => ['{"ink":[["dark",9999,[1,2]]]}'],
            'pressures for other points' => ['{"ink":[["dark",14,[1,2],[50,50]]]}'],
            'something more' => ['{"ink":[["dark",14,[1,2]]],"script":1}'],
        ];
    }

    #[DataProvider('noInk')]
    public function test_what_is_no_drawing_is_refused(string $json): void
    {
        $this->expectException(InvalidJson::class);
        Ink::decode($json);
    }

    public function test_a_drawing_has_an_end(): void
    {
        $stroke = fn (int $points): array => ['dark', 14, array_fill(0, 2 * $points, 1)];
        $this->assertCount(20, Ink::decode((string) json_encode(['ink' => array_fill(0, 20, $stroke(2000))]))->strokes);
        $this->expectException(InvalidJson::class);
        Ink::decode((string) json_encode(['ink' => array_fill(0, 21, $stroke(2000))]));
    }

    public function test_pressures_beyond_the_scale_are_held_to_it(): void
    {
        $this->assertSame([0, 100], Ink::decode('{"ink":[["dark",14,[1,2,3,4],[-5,250]]]}')->strokes[0]->pressures);
        $this->assertInstanceOf(Stroke::class, Ink::decode('{"ink":[["dark",14,[1,2,3,4],[0,0]]]}')->strokes[0]);
    }

    #[TestWith(['1e1'])]
    #[TestWith(['10.0'])]
    #[TestWith(['010'])]
    public function test_a_choice_is_the_same_text_and_not_only_the_same_number(string $other): void
    {
        $list = ListAnswer::of(['10', '20']);
        $this->assertSame('10', $list->tidy('10'));
        $this->expectException(AnswerRefused::class);
        $list->tidy($other);
    }

    public function test_a_text_may_be_exactly_as_long_as_is_allowed(): void
    {
        $this->assertSame('ébb', Words::tidy('ébb', 3));
        $this->expectException(AnswerRefused::class);
        Words::tidy('ebbs', 3);
    }

    public function test_a_new_place_of_a_kind_is_of_that_kind(): void
    {
        $this->assertSame(AnswerKind::Lines, TextAnswer::start(AnswerKind::Lines)->kind());
        $this->assertSame(AnswerKind::Short, TextAnswer::start(AnswerKind::Short)->kind());
    }

    public function test_an_answer_is_words_or_is_seen_or_heard_and_some_are_files(): void
    {
        $those = fn (callable $are): array => array_values(array_map(
            fn (AnswerKind $kind): string => $kind->value,
            array_filter(AnswerKind::cases(), $are),
        ));

        $this->assertSame(
            ['short', 'lines', 'number', 'list', 'passage'],
            $those(fn (AnswerKind $kind): bool => $kind->isWords()),
        );
        $this->assertSame(['drawing', 'picture', 'model'], $those(fn (AnswerKind $kind): bool => $kind->isSeen()));
        $this->assertSame(['spoken'], $those(fn (AnswerKind $kind): bool => $kind->isHeard()));
        $this->assertSame(['picture', 'spoken'], $those(fn (AnswerKind $kind): bool => $kind->isFile()));
    }

    public function test_boxes_are_of_every_kind_but_a_model_which_is_a_whole_page(): void
    {
        $kinds = AnswerKind::ofBoxes();

        $this->assertNotContains(AnswerKind::Model, $kinds);
        $this->assertCount(count(AnswerKind::cases()) - 1, $kinds);
    }

    #[TestWith([MistakeKind::Comma, 1, '1 comma'])]
    #[TestWith([MistakeKind::EndMark, 2, '2 end marks'])]
    #[TestWith([MistakeKind::Spelling, 1, '1 of spelling'])]
    #[TestWith([MistakeKind::Spacing, 2, '2 of spacing'])]
    public function test_mistakes_are_counted_in_words(MistakeKind $kind, int $count, string $words): void
    {
        $this->assertSame($words, $kind->named($count));
    }
}
