<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Marking\MarkingCase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MarkingCaseTest extends TestCase
{
    private const TABLE = [
        'kind' => 'table',
        'columns' => [1, 1],
        'rows' => [1],
        'cells' => [
            ['text' => '', 'fill' => true, 'key' => ['4']],
            ['text' => '', 'fill' => true, 'key' => ['5']],
        ],
    ];

    /** @return iterable<string, array{array<string, mixed>, mixed, array{string, float, string}}> answer, given, marks */
    public static function cases(): iterable
    {
        $ebb = ['answer' => 'short', 'key' => ['ebb']];
        yield 'right' => [$ebb, 'ebb', ['right', 1.0, 'as in the key']];
        yield 'wrong' => [$ebb, 'flood', ['wrong', 0.0, 'not as in the key']];
        yield 'without a key' => [['answer' => 'short'], 'ebb', ['unjudged', 0.0, 'no key']];
        yield 'worth three' => [['points' => 3] + $ebb, 'ebb', ['right', 3.0, 'as in the key']];
        yield 'no points given are one' => [['points' => 0] + $ebb, 'ebb', ['right', 1.0, 'as in the key']];
        $number = ['answer' => 'number', 'key' => ['12.5']];
        yield 'a number as a number' => [$number, 12.5, ['right', 1.0, 'as in the key']];
        yield 'all of a table' => [self::TABLE, ['1-1' => '4', '1-2' => 5], ['right', 2.0, 'as in the key']];
        yield 'half of a table' => [
            self::TABLE,
            ['1-1' => '4', '1-2' => '6'],
            ['part', 1.0, 'as in the key; not as in the key'],
        ];
        yield 'nothing right in a table' => [
            self::TABLE,
            ['1-1' => '5', '1-2' => '4'],
            ['wrong', 0.0, 'not as in the key'],
        ];
        yield 'a table with one place that nobody judged' => [
            ['cells' => [self::TABLE['cells'][0], ['text' => '', 'fill' => true]]] + self::TABLE,
            ['1-1' => '4'],
            ['right', 1.0, 'as in the key'],
        ];
    }

    /**
     * @param  array<string, mixed>  $answer
     * @param  array{string, float, string}  $expected
     */
    #[DataProvider('cases')]
    public function test_an_answer_is_marked_by_its_key_alone(array $answer, mixed $given, array $expected): void
    {
        $marked = $this->case(['id' => 'one', 'answer' => $answer, 'given' => $given])->marked(null);
        $this->assertSame(['one', ...$expected], array_values($marked));
    }

    public function test_a_number_may_name_a_case(): void
    {
        $this->assertSame('-3', $this->case(['id' => -3, 'answer' => ['answer' => 'short'], 'given' => ''])->id);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is not as a case is, and what is said */
    public static function faults(): iterable
    {
        yield 'no such place' => [['answer' => self::TABLE, 'given' => ['2-1' => '4']], 'given: has no place 2-1'];
        yield 'a list for an answer' => [['answer' => self::TABLE, 'given' => ['1-1' => ['4']]], 'given: must be text'];
        yield 'nothing to answer' => [
            ['answer' => ['kind' => 'label', 'text' => 'x', 'bold' => false, 'highlight' => false], 'given' => ''],
            '$',
        ];
        $more = ['answer' => ['answer' => 'short'], 'given' => '', 'note' => 1];
        yield 'what is not known' => [$more, 'note: is not known'];
        yield 'an id that is too long' => [
            ['id' => str_repeat('a', 201), 'answer' => ['answer' => 'short'], 'given' => ''],
            'id',
        ];
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('faults')]
    public function test_what_is_no_case_is_named_with_its_place(array $case, string $said): void
    {
        $this->expectException(InvalidJson::class);
        $this->expectExceptionMessage($said);
        $this->case($case + ['id' => 'one']);
    }

    /** @param  array<string, mixed>  $case */
    private function case(array $case): MarkingCase
    {
        return MarkingCase::decode(Fields::of($case, '$'));
    }
}
