<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use OpenSlate\Cutting\QuestionChoice;
use OpenSlate\Cutting\UnusableRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuestionChoiceTest extends TestCase
{
    /** @return array<string, array{string, list<string>, list<string>}> */
    public static function choices(): array
    {
        $seven = ['1', '2', '3', '4', '5', '6', '7'];

        return [
            'a range and one more' => ['1-4, 7', $seven, ['1', '2', '3', '4', '7']],
            'en dashes and no spaces' => ['2–3,5', $seven, ['2', '3', '5']],
            'to the end' => ['5-', $seven, ['5', '6', '7']],
            'the odd ones' => ['odd', $seven, ['1', '3', '5', '7']],
            'the even ones and the first' => ['Even ones; 1', $seven, ['1', '2', '4', '6']],
            'odd of those there are' => ['odd', ['8', '9', '10'], ['9']],
            'letters' => ['a–c', ['A', 'B', 'C', 'D'], ['A', 'B', 'C']],
            'Roman numerals by their places' => ['II-IV', ['I', 'II', 'III', 'IV', 'V'], ['II', 'III', 'IV']],
            'odd letters' => ['odd', ['A', 'B', 'C'], ['A', 'C']],
            'with letters' => ['1b', ['1a', '1b', '2a'], ['1b']],
            'in the order of the page' => ['7, 1', $seven, ['1', '7']],
            'twice is once' => ['1, 1-2', $seven, ['1', '2']],
        ];
    }

    /**
     * @param  list<string>  $there
     * @param  list<string>  $chosen
     */
    #[DataProvider('choices')]
    public function test_questions_are_chosen_as_one_would_say_it(string $said, array $there, array $chosen): void
    {
        $this->assertSame($chosen, QuestionChoice::parse($said, $there));
    }

    /** @return array<string, array{string, list<string>, string}> */
    public static function refusals(): array
    {
        return [
            'one that is not there' => [
                '9',
                ['1', '2'],
                'There is no question “9” on these pages. They go from 1 to 2.',
            ],
            'no number at all' => ['the hard ones', ['1'], 'There is only 1.'],
            'backwards' => ['3-1', ['1', '2', '3'], 'runs backwards'],
            'nothing' => [' , ', ['1'], 'No questions are named'],
            'no odd one' => ['odd', ['2'], 'No questions are named'],
            'none known' => ['1', [], 'No numbered questions are known'],
        ];
    }

    /** @param  list<string>  $there */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_followed_is_refused_in_a_sentence(
        string $said,
        array $there,
        string $why,
    ): void {
        $this->expectException(UnusableRange::class);
        $this->expectExceptionMessage($why);
        QuestionChoice::parse($said, $there);
    }
}
